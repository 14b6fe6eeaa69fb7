import type { BlockKind } from '../blocks/block-kind.ts';
import type { LocalEdit } from '../edits/local-edit.ts';
import type { LineKind, LineOptions } from '../lines/line-kind.ts';
import type { BracketedFigures } from '../text/bracketed-figures.ts';
import type { Language } from '../text/language.ts';
import type { Vocabulary } from '../text/vocabulary.ts';
import type { WordList } from '../text/word-list.ts';

export type PassGroup = 'characters' | 'lines' | 'breaks' | 'spaces' | 'marks' | 'punctuation' | 'words';

/** What a pass may know of the text beside the block at hand. */
export interface PassContext {
  readonly language: Language;
  readonly vocabulary: Vocabulary;
  /** The text is a caption track or a transcript with times. */
  readonly captions: boolean;
  /** The captions are nothing but sounds. */
  readonly onlySounds: boolean;
  /** The opening brackets of times that are codes wherever they stand. */
  readonly codeBrackets: string;
  /** Figures glued to words that are marks of footnotes: see findGluedNotes. */
  readonly gluedNotes: ReadonlySet<string>;
  readonly bracketed: BracketedFigures;
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

/** What every cleaning rule has. `id` is stored with people's work and never changes. */
interface PassBase {
  readonly id: string;
  readonly title: string;
  /** One sentence: what the pass does. */
  readonly summary: string;
  /** What it did in one place and in several, where that is worth a word: "line joined", "lines joined". */
  readonly done?: readonly [one: string, many: string];
  readonly group: PassGroup;
  readonly onByDefault: boolean;
  /** Whole texts before and after, with this pass and those that are on by default: help for people, and tests. */
  readonly examples: readonly PassExample[];
  readonly settings?: readonly PassSetting[];
  /** Matches the single characters that it is made for. */
  readonly characters?: RegExp;
  /** What it takes out tells what the text was made for, and is listed among the findings. */
  readonly isListed?: true;
  /** Why edits of the pass may be wrong: names of reasons, and how they are said to people, as half sentences. */
  readonly reasons?: Readonly<Record<string, string>>;
}

/** The text of one block as a pass sees it: with the edits of all passes before. */
export interface BlockText {
  readonly text: string;
  /** Where the block begins in the source. */
  readonly from: number;
  /** Where joined lines meet: offsets in `text`, in order, each where the second line's words begin. Worked out when asked for. */
  joins(): readonly number[];
}

/** Looks for edits in the text of one block. */
interface Finder {
  /**
   * The signs that it looks for: it is not run where a text has none of them. 0, or none given: it is always run.
   * Law: where a text has none of the signs, `find` gives no edits.
   */
  readonly signs?: number | ((settings: Settings) => number);
  /** It touches characters that nobody can see or mean, and so works in code and tables too. */
  readonly everywhere?: boolean;
  /** Edits in order, not overlapping, in offsets of the text. One that may well be wrong says how certain it is, and why. */
  find(block: BlockText, context: PassContext, settings: Settings): LocalEdit[];
}

/** Changes characters inside blocks. */
export interface InlinePass extends PassBase, Finder {
  readonly works: 'inline';
}

/** Takes lines out, or what stands beside their words, while lines are read; what it takes out within lines it finds in blocks. */
export interface LinePass extends PassBase, Partial<Finder> {
  readonly works: 'lines';
  /** The kinds of line that it owns: they leave the text by it. */
  readonly kinds: readonly LineKind[];
  /** What the reader of lines is told while the pass is on. */
  lineOptions(settings: Settings): Partial<LineOptions>;
}

/** Has its say where seams and the gaps at them are decided. */
export interface SeamPass extends PassBase {
  readonly works: 'seams';
}

/** One cleaning rule. */
export type Pass = InlinePass | LinePass | SeamPass;

/** A pass that looks for edits in blocks. */
export type FindingPass = Pass & Finder;

export function isFindingPass<P extends Pass>(pass: P): pass is P & Finder {
  return 'find' in pass && pass.find !== undefined;
}

/** A finding pass at work, with what was chosen for it. */
export interface PassAtWork<P extends FindingPass = FindingPass> {
  readonly pass: P;
  readonly settings: Settings;
  /** Its signs with these settings; 0 where it is always run. */
  readonly signs: number;
}

export function passAtWork<P extends FindingPass>(pass: P, settings: Settings): PassAtWork<P> {
  const { signs = 0 } = pass;
  return { pass, settings, signs: typeof signs === 'function' ? signs(settings) : signs };
}

/**
 * Whether a pass has anything to look for in a block of this kind whose text has these signs. Tables and code are left alone, but
 * for what nobody can see or mean.
 */
export function hasWorkIn({ pass, signs }: PassAtWork, kind: BlockKind, signsThere: number): boolean {
  if (signs !== 0 && (signs & signsThere) === 0) return false;
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
  // Not `matchAll`: it copies the expression at each call, and a pass is called for every block.
  expression.lastIndex = 0;
  for (let match = expression.exec(text); match; match = expression.exec(text)) {
    const from = match.index;
    const to = from + match[0].length;
    if (from === to) expression.lastIndex++;
    const made = toInsert(match);
    if (made === undefined) continue;
    if (typeof made !== 'string') edits.push({ from, to, ...made });
    else if (made !== match[0]) edits.push({ from, to, insert: made });
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
