import type { LocalEdit } from '../edits/local-edit.ts';
import type { Language } from '../text/language.ts';

export type PassGroup = 'characters' | 'lines' | 'breaks' | 'spaces' | 'marks';

/** What a pass may know of the text beside the block at hand. */
export interface PassContext {
  readonly language: Language;
  /** The text is a caption track or a transcript with times. */
  readonly captions: boolean;
  /** Figures glued to words that are marks of footnotes: see findGluedNotes. */
  readonly gluedNotes: ReadonlySet<string>;
}

export interface PassExample {
  readonly before: string;
  readonly after: string;
}

/**
 * One cleaning rule. `id` is stored with people's work and never changes. Passes that take out lines or decide line ends do so
 * in the stages before the blocks; the others have a `find` that looks at the text of one block.
 */
export interface Pass {
  readonly id: string;
  readonly title: string;
  /** One sentence: what the pass does. */
  readonly summary: string;
  readonly group: PassGroup;
  readonly onByDefault: boolean;
  /** Whole texts before and after, with this pass and the line-break passes on: help for people, and tests. */
  readonly examples: readonly PassExample[];
  /** Without this in it a text gives the pass nothing to do: cheap to look for, and looked for in the whole source first. */
  readonly needs?: RegExp;
  /** Edits over the text of one block, in order, not overlapping. Offsets are those of `text`. */
  find?(text: string, context: PassContext): LocalEdit[];
}

/** Edits that replace every match of an expression; `toInsert` may say undefined to leave one alone. */
export function replaceMatches(
  text: string,
  expression: RegExp,
  toInsert: (match: RegExpExecArray) => string | undefined,
): LocalEdit[] {
  const edits: LocalEdit[] = [];
  for (const match of text.matchAll(expression)) {
    const insert = toInsert(match);
    if (insert !== undefined && insert !== match[0]) {
      edits.push({ from: match.index, to: match.index + match[0].length, insert });
    }
  }
  return edits;
}
