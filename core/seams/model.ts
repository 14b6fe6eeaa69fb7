import type { EvidenceName } from './evidence.ts';

/**
 * The seam model: the log odds of a new paragraph are the bias plus weight times evidence, summed. Positive weights speak for
 * a paragraph, negative ones for a wrap. Written by `npm run fit` (logistic regression with a small ridge); not set by hand.
 */
export const BIAS = 0.91;

export const WEIGHTS: Readonly<Record<EvidenceName, number>> = {
  lineEndMark: 8,
  gap: 3.31,
  plainGapWhereMarked: -0.49,
  fullLine: -1.86,
  room: 3.89,
  roomAfterStop: -1.67,
  shortFill: 0.92,
  fullEnd: 0.57,
  pieceOfLine: -4.66,
  looseRun: 0.06,
  looseGroup: 5.48,
  notWrapped: 1.48,
  hangingLine: -1.13,
  pageTurn: -0.32,
  endsStop: 1.11,
  endsColon: -0.35,
  endsComma: -0.45,
  endsHyphen: -4.56,
  endsAbbreviation: -1.03,
  endsFunctionWord: -1.4,
  endsOpen: -1.89,
  startsLower: -3.03,
  startsUpper: -0.33,
  startsQuote: 1.38,
  speechTurn: 1.95,
  startsMarker: 1.66,
  inSequence: 1.66,
  startsBullet: 0.58,
  insideAddress: -4.51,
  startsClosing: -2.5,
  startsSureBullet: 4.13,
  headingGoesOn: -3.18,
  speaker: 9,
  titleBefore: 1.32,
  titleAfter: -0.36,
  headingBefore: 1.69,
  headingAfter: 0.86,
  longPause: 7.09,
  noPause: -6.04,
};
