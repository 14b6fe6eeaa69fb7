import type { EvidenceName } from './evidence.ts';

/**
 * The seam model: the log odds of a new paragraph are the bias plus weight times evidence, summed. Positive weights speak for
 * a paragraph, negative ones for a wrap. Written by `npm run fit` (logistic regression with a small ridge); not set by hand.
 */
export const BIAS = 1.09;

export const WEIGHTS: Readonly<Record<EvidenceName, number>> = {
  lineEndMark: 8,
  gap: 3.42,
  plainGapWhereMarked: -0.55,
  fullLine: -1.82,
  room: 3.92,
  roomAfterStop: -1.61,
  shortFill: 0.96,
  fullEnd: 0.62,
  pieceOfLine: -5.14,
  looseRun: -0.05,
  looseGroup: 4.75,
  notWrapped: 1.56,
  hangingLine: -1.14,
  pageTurn: -0.37,
  endsStop: 1.09,
  endsColon: -0.4,
  endsComma: -0.49,
  endsHyphen: -4.56,
  endsAbbreviation: -1,
  endsFunctionWord: -1.33,
  endsOpen: -1.97,
  startsLower: -3.18,
  startsUpper: -0.44,
  startsQuote: 1.39,
  speechTurn: 1.93,
  startsMarker: 1.57,
  inSequence: 1.66,
  startsBullet: 0.59,
  insideAddress: -4.6,
  startsClosing: -2.5,
  startsSureBullet: 4.13,
  headingGoesOn: -3.17,
  speaker: 9,
  titleBefore: 1.28,
  titleAfter: -0.26,
  headingBefore: 1.74,
  headingAfter: 0.96,
  leavesBlock: 0.06,
  captionAfter: 3,
  speechDash: 2,
  footnoteAfter: 6,
  footnoteBefore: 6,
  longPause: 7.09,
  noPause: -6.04,
};
