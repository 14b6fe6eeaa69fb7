/**
 * What a line is. The numbers are kept in typed arrays; those from `firstDropped` on leave their place in the text: all but
 * asides, which are put behind the paragraph that they interrupt, leave it altogether.
 */
export const LineKind = {
  prose: 0,
  blank: 1,
  heading: 2,
  footnote: 3,
  tableRow: 4,
  code: 5,
  contents: 6,
  sectionBreak: 7,
  figureCaption: 8,
  firstDropped: 16,
  pageNumber: 16,
  runningHead: 17,
  cueNumber: 18,
  timeCode: 19,
  captionHeader: 20,
  captionRepeat: 21,
  soundCue: 22,
  rule: 23,
  aside: 24,
  webLabel: 25,
  byHand: 26,
} as const;
export type LineKind = (typeof LineKind)[keyof typeof LineKind];

export function isDropped(kind: number): boolean {
  return kind >= LineKind.firstDropped;
}

/** Lines that stay lines, whatever their words say: rows, code, entries of a table of contents. */
export function isLaidOut(kind: number): boolean {
  return kind === LineKind.tableRow || kind === LineKind.code || kind === LineKind.contents;
}

/** A line with words that stay: neither blank nor dropped. */
export function isKept(kind: number): boolean {
  return kind !== LineKind.blank && kind < LineKind.firstDropped;
}

/** Why a line that leaves, or a time beside its words, is asked about; the passes say it in words. */
export type RemovalDoubt = 'unique' | 'lone' | 'company' | 'times';

/** Which of the passes that take out whole lines are on. */
export interface LineOptions {
  readonly furniture: boolean;
  readonly timeCodes: boolean;
  readonly repeats: boolean;
  readonly soundCues: boolean;
  readonly rules: boolean;
  /** Where footnotes go; false where they stay where they are. */
  readonly footnotes: false | 'behind' | 'end' | 'gone';
  readonly webLabels: boolean;
  readonly lineNumbers: boolean;
  readonly mailQuotes: boolean;
  readonly strayTags: boolean;
}

/** As if all passes that take out lines were off. */
export const NO_LINE_OPTIONS: LineOptions = {
  furniture: false,
  timeCodes: false,
  repeats: false,
  soundCues: false,
  rules: false,
  footnotes: false,
  webLabels: false,
  lineNumbers: false,
  mailQuotes: false,
  strayTags: false,
};

/** As if all were on, with their usual settings. */
export const ALL_LINE_OPTIONS: LineOptions = {
  furniture: true,
  timeCodes: true,
  repeats: true,
  soundCues: true,
  rules: true,
  footnotes: 'behind',
  webLabels: true,
  lineNumbers: true,
  mailQuotes: true,
  strayTags: true,
};
