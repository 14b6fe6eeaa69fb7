import type { Layout } from '../layout/layout.ts';
import type { Language } from '../text/language.ts';
import type { LineIndex } from '../text/line-index.ts';
import type { Vocabulary } from '../text/vocabulary.ts';
import type { ShapedLine } from '../shapes/apply-shapes.ts';
import type { RemovalDoubt } from './line-kind.ts';
import type { Captions } from './captions/captions.ts';

/** Yes/no features of a line, one bit each. */
export const Flag = {
  endsStop: 1 << 0,
  endsComma: 1 << 1,
  endsColon: 1 << 2,
  endsHyphen: 1 << 3,
  endsAbbreviation: 1 << 4,
  endsFunctionWord: 1 << 5,
  endsDash: 1 << 6,
  startsLower: 1 << 7,
  startsUpper: 1 << 8,
  startsDigit: 1 << 9,
  startsQuote: 1 << 10,
  startsMarker: 1 << 11,
  startsSpeaker: 1 << 12,
  allCapitals: 1 << 13,
  startsCjk: 1 << 14,
  endsCjk: 1 << 15,
  startsClosing: 1 << 16,
  startsDash: 1 << 17,
  endsQuote: 1 << 18,
  startsBullet: 1 << 19,
  endsInAddress: 1 << 20,
  startsAddress: 1 << 21,
  startsSureBullet: 1 << 22,
  endsMark: 1 << 23,
  startsReferring: 1 << 24,
  startsCaseless: 1 << 25,
  /** With a capital that a noun has in any place of a sentence, by the custom of the language. */
  startsNoun: 1 << 26,
} as const;

/** All that is known of the lines one by one, in flat arrays. Positions are source offsets, widths thousandths of an em. */
export interface LineTable {
  readonly index: LineIndex;
  readonly kind: Uint8Array;
  /** The words of the line: its ends trimmed, a time code before them left out. Empty for blank lines. */
  readonly from: Uint32Array;
  readonly to: Uint32Array;
  /** Columns that all lines are set in by: they say nothing of any. */
  readonly margin: number;
  /** Columns before the words, behind the margin; a tab goes to the next multiple of eight. */
  readonly indent: Uint16Array;
  readonly chars: Uint32Array;
  /** The printed width, in thousandths of the size of the type: where the format told no places, an estimate. */
  readonly width: Uint32Array;
  /** The first word with its punctuation, in characters and in printed width. */
  readonly firstChars: Uint16Array;
  readonly firstWidth: Uint32Array;
  readonly flags: Uint32Array;
  /** What most of the text is written in. */
  readonly language: Language;
  /** The words that matter of the languages that the text is written in. */
  readonly vocabulary: Vocabulary;
  /** What the words have in them: see Sign. */
  readonly signs: Int32Array;
  readonly captions: Captions;
  /** Where the words begin after a time code or a number in the margin, and where they end before one; 0 for other lines. */
  readonly leadTo: Uint32Array;
  readonly tailFrom: Uint32Array;
  /** The pass that takes out what stands beside the words. */
  readonly edgePass: 'time-codes' | 'line-numbers' | 'mail-quotes';
  /** What stands before the words of a line stays there, unless the line is joined to the one before: quotations in Markdown. */
  readonly keepsMarks: boolean;
  /** The lines that leave without a proof, or lose a time without one, and why they are asked about. */
  readonly removalDoubts: Map<number, RemovalDoubt>;
  /** What the format told of the lines; undefined for plain text. */
  readonly layout?: Layout;
  /** What a person said that lines are, 1 and up as in PART_KINDS, 0 where they said nothing; undefined where they never did. */
  readonly part?: Uint8Array;
  /** What taught shapes make of lines; undefined where there are none. */
  readonly shaped?: ReadonlyMap<number, ShapedLine>;
  /** Lines that begin a page, as the numbers of its lines tell. */
  readonly pageStarts: ReadonlySet<number>;
  /** Lines that begin the items of a list, as others like them tell. */
  readonly series: Set<number>;
  /** Lines that begin with the name of one who speaks, as others like them tell; each with whether it holds nothing else. */
  readonly speakers: Map<number, boolean>;
  /** The lines that would be otherwise, had a person not chosen. */
  readonly takenBack: Set<number>;
}
