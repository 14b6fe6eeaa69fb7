import type { BlockKind } from '../blocks/block.ts';
import type { LocalEdit } from '../edits/local-edit.ts';
import type { Language } from '../text/language.ts';
import type { WordList } from '../text/word-list.ts';

export type PassGroup = 'characters' | 'lines' | 'breaks' | 'spaces' | 'marks' | 'punctuation' | 'words';

/** What a pass may know of the text beside the block at hand. */
export interface PassContext {
  readonly language: Language;
  /** The text is a caption track or a transcript with times. */
  readonly captions: boolean;
  /** Figures glued to words that are marks of footnotes: see findGluedNotes. */
  readonly gluedNotes: ReadonlySet<string>;
  /** Where in the source a speaker label stands that names the same speaker as the label before it. */
  readonly sameSpeaker: ReadonlySet<number>;
  /** How the text itself writes an ellipsis; undefined where it has none. */
  readonly ellipsis?: '…' | '...';
  /** How often the text has a word, in small letters. */
  timesInText(word: string): number;
  /** The words of the language, where a list of them is at hand. */
  readonly words?: WordList;
}

export interface PassExample {
  readonly before: string;
  readonly after: string;
  readonly settings?: Settings;
}

/** One thing about a pass that can be chosen; `id` and values are stored with people's work. */
export interface PassSetting {
  readonly id: string;
  readonly title: string;
  readonly options: readonly { readonly value: string; readonly title: string }[];
  /** The value where nobody chose one. */
  readonly usual: string;
}

/** Chosen values by setting id; every setting of the pass is there when it works. */
export type Settings = Readonly<Record<string, string>>;

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
  /** Whole texts before and after, with this pass and those that are on by default: help for people, and tests. */
  readonly examples: readonly PassExample[];
  readonly settings?: readonly PassSetting[];
  /** It touches characters that nobody can see or mean, and so works in code and tables too. */
  readonly everywhere?: boolean;
  /**
   * Without this in it the text of a block gives the pass nothing to do: cheap to look for.
   */
  readonly needs?: RegExp;
  /** Why edits of the pass may be wrong: names of reasons, and how they are said to people, as half sentences. */
  readonly reasons?: Readonly<Record<string, string>>;
  /**
   * Edits over the text of one block, in order, not overlapping. Offsets are those of `text`; `from` is where the block begins in
   * the source. An edit that may well be wrong says how certain it is, and why.
   */
  find?(text: string, context: PassContext, settings: Settings, from: number): LocalEdit[];
}

/** Whether a pass may work in a block of this kind: tables and code are left alone, but for what nobody can see or mean. */
export function worksIn(pass: Pass, kind: BlockKind): boolean {
  return pass.everywhere === true || (kind !== 'table' && kind !== 'code');
}

/** What takes the place of a match: text, or text that is in question. */
export type Replacement = string | (Pick<LocalEdit, 'insert' | 'certainty' | 'why'> & { readonly certainty: number });

/** Edits that replace every match of an expression; `toInsert` may say undefined to leave one alone. */
export function replaceMatches(
  text: string,
  expression: RegExp,
  toInsert: (match: RegExpExecArray) => Replacement | undefined,
): LocalEdit[] {
  const edits: LocalEdit[] = [];
  for (const match of text.matchAll(expression)) {
    const made = toInsert(match);
    if (made === undefined) continue;
    const edit = typeof made === 'string' ? { insert: made } : made;
    if (edit.insert !== match[0]) edits.push({ from: match.index, to: match.index + match[0].length, ...edit });
  }
  return edits;
}

/** The edits in order; of two that overlap the first. For passes that look for several things. */
export function withoutOverlaps(edits: readonly LocalEdit[]): LocalEdit[] {
  let end = 0;
  return [...edits]
    .sort((a, b) => a.from - b.from)
    .filter((edit) => {
      const isFree = edit.from >= end;
      if (isFree) end = edit.to;
      return isFree;
    });
}
