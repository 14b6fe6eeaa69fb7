import type { EvidenceName } from './evidence.ts';

/**
 * The seam model: the log odds of a new paragraph are the bias plus weight times evidence, summed. Positive weights speak for
 * a paragraph, negative ones for a wrap. Written by `npm run fit` (logistic regression with a small ridge); not set by hand.
 */
export const BIAS = 1.03;

export const WEIGHTS: Readonly<Record<EvidenceName, number>> = {
  lineEndMark: 8,
  gap: 3.37,
  plainGapWhereMarked: -0.5,
  fullLine: -1.83,
  room: 3.92,
  roomAfterStop: -1.76,
  shortFill: 1,
  fullEnd: 0.62,
  pieceOfLine: -4.65,
  looseRun: 0.05,
  looseGroup: 5.49,
  notWrapped: 1.42,
  hangingLine: -1.13,
  pageTurn: -0.36,
  endsStop: 1.16,
  endsColon: -0.38,
  endsComma: -0.45,
  endsHyphen: -4.56,
  endsAbbreviation: -1,
  endsFunctionWord: -1.38,
  endsOpen: -1.91,
  startsLower: -3.14,
  startsUpper: -0.48,
  startsQuote: 1.38,
  speechTurn: 1.94,
  startsMarker: 1.55,
  inSequence: 1.65,
  startsBullet: 0.58,
  insideAddress: -4.6,
  startsClosing: -2.5,
  startsSureBullet: 4.13,
  headingGoesOn: -3.19,
  speaker: 9,
  titleBefore: 1.31,
  titleAfter: -0.27,
  headingBefore: 1.72,
  headingAfter: 0.97,
  footnoteAfter: 6,
  footnoteBefore: 6,
  longPause: 7.09,
  noPause: -6.04,
};
