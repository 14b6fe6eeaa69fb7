import type { EvidenceName } from './evidence.ts';

/**
 * The seam model: the log odds of a new paragraph are the bias plus weight times evidence, summed. Positive weights speak for
 * a paragraph, negative ones for a wrap. Written by `npm run fit` (logistic regression with a small ridge); not set by hand.
 */
export const BIAS = 1.14;

export const WEIGHTS: Readonly<Record<EvidenceName, number>> = {
  lineEndMark: 8,
  gap: 4.05,
  plainGapWhereMarked: -0.32,
  fullLine: -1.93,
  room: 4.06,
  roomAfterStop: -1.66,
  looseRun: -0.81,
  looseGroup: 4.86,
  notWrapped: 1.17,
  hangingLine: -1.25,
  pageTurn: -0.14,
  endsStop: 1.09,
  endsColon: -0.12,
  endsComma: -0.61,
  endsHyphen: -4.06,
  endsAbbreviation: -1.34,
  endsFunctionWord: -1.21,
  endsOpen: -1.98,
  startsLower: -2.68,
  startsUpper: -0.35,
  startsQuote: 1.31,
  speechTurn: 2.01,
  startsMarker: 2.15,
  inSequence: 1.59,
  startsBullet: 1.33,
  insideAddress: -4.51,
  startsClosing: -2.5,
  speaker: 9,
  titleBefore: 1.51,
  titleAfter: -0.69,
  headingBefore: 1.94,
  headingAfter: 0.86,
  longPause: 7.07,
  noPause: -6.03,
};
