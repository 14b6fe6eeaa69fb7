import { Flag } from '../../lines/line-table.ts';

/** What the words beside a seam show: the flags of the lines before and after it. */
export interface WordsAcross {
  readonly beforeFlags: number;
  readonly afterFlags: number;
  /** How much a sentence that seems to go on counts: less where lines do not wrap, since verse, list items and menus do so. */
  readonly across: number;
  /** The text is a caption track. */
  readonly captions: boolean;
}

const has = (flags: number, flag: number): number => (flags & flag ? 1 : 0);
export const CLOSES = Flag.endsStop | Flag.endsColon;
export const NO_ENDING =
  Flag.endsStop | Flag.endsColon | Flag.endsComma | Flag.endsHyphen | Flag.endsAbbreviation | Flag.endsDash;

/** Evidence of the words alone. Many seams have the same: what it comes to is worked out once for each pair of flags. */
export const WORD_EVIDENCE = {
  endsStop: ({ beforeFlags }) => has(beforeFlags, Flag.endsStop),
  endsColon: ({ beforeFlags }) => has(beforeFlags, Flag.endsColon),
  endsComma: ({ beforeFlags, across }) => across * has(beforeFlags, Flag.endsComma),
  endsHyphen: ({ beforeFlags }) => has(beforeFlags, Flag.endsHyphen),
  endsAbbreviation: ({ beforeFlags, across }) => across * has(beforeFlags, Flag.endsAbbreviation),
  endsFunctionWord: ({ beforeFlags, across }) => across * has(beforeFlags, Flag.endsFunctionWord),
  endsOpen: ({ beforeFlags, across }) => (beforeFlags & NO_ENDING ? 0 : across),
  startsLower: ({ afterFlags, across }) => across * has(afterFlags, Flag.startsLower),
  // A noun with a capital that the language gives it anywhere begins nothing by it.
  startsUpper: ({ beforeFlags, afterFlags }) =>
    afterFlags & Flag.startsNoun && !(beforeFlags & CLOSES) ? 0 : has(afterFlags, Flag.startsUpper),
  startsReferring: ({ beforeFlags, afterFlags }) =>
    beforeFlags & Flag.endsStop ? has(afterFlags, Flag.startsReferring) : 0,
  startsQuote: ({ beforeFlags, afterFlags }) => has(afterFlags, Flag.startsQuote) && has(beforeFlags, CLOSES),
  speechTurn: ({ beforeFlags, afterFlags }) =>
    has(afterFlags, Flag.startsQuote) && has(beforeFlags, Flag.endsQuote) && has(beforeFlags, Flag.endsStop),
  speechDash: ({ beforeFlags, afterFlags }) =>
    beforeFlags & CLOSES && !(afterFlags & Flag.startsLower) ? has(afterFlags, Flag.startsDash) : 0,
  startsMarker: ({ afterFlags }) => has(afterFlags, Flag.startsMarker),
  startsBullet: ({ afterFlags }) => has(afterFlags, Flag.startsBullet),
  startsSureBullet: ({ afterFlags }) => has(afterFlags, Flag.startsSureBullet),
  startsClosing: ({ afterFlags }) => has(afterFlags, Flag.startsClosing),
  insideAddress: ({ beforeFlags, afterFlags }) => (isInsideAddress(beforeFlags, afterFlags) ? 1 : 0),
  speaker: ({ afterFlags, captions }) => (captions ? has(afterFlags, Flag.startsSpeaker) : 0),
} as const satisfies Record<string, (words: WordsAcross) => number>;

/** An address goes on over the line end: after a stop only a small letter or a figure can go on, a capital begins a sentence. */
export function isInsideAddress(beforeFlags: number, afterFlags: number): boolean {
  if (!(beforeFlags & Flag.endsInAddress)) return false;
  return (
    !(beforeFlags & Flag.endsStop) || (afterFlags & (Flag.startsLower | Flag.startsAddress | Flag.startsDigit)) !== 0
  );
}
