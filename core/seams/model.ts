import type { EvidenceName } from './evidence.ts';

/**
 * The seam model: the log odds of a new paragraph are the bias plus weight times evidence, summed. Positive weights speak for
 * a paragraph, negative ones for a wrap. The weights were set by reasoning about likelihood ratios (a full line ends a
 * paragraph about once in ten, and so on), not fitted to any one text.
 */
export const BIAS = -0.3;

export const WEIGHTS: Readonly<Record<EvidenceName, number>> = {
  lineEndMark: 9,
  gap: 3.6,
  plainGapWhereMarked: -1.6,
  room: 3.4,
  looseRun: 4,
  notWrapped: 6,
  smallStartNotWrapped: 2.5,
  hangingLine: -2.5,
  pageTurn: -1.6,
  endsStop: 1.3,
  endsColon: 0.8,
  endsComma: -2.2,
  endsHyphen: -7,
  endsAbbreviation: -1.4,
  endsFunctionWord: -2.2,
  endsOpen: -0.9,
  startsLower: -3.2,
  startsUpper: 0.3,
  startsQuote: 0.6,
  speechTurn: 2.2,
  startsMarker: 3,
  startsBullet: 4.5,
  startsClosing: -2.5,
  speaker: 12,
  headingBefore: 3.2,
  headingAfter: 3.4,
  longPause: 9,
  noPause: -7,
};
