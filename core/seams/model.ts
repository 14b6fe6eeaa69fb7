import type { EvidenceName } from './evidence.ts';

/**
 * The seam model: the log odds of a new paragraph are the bias plus weight times evidence, summed. Positive weights speak for
 * a paragraph, negative ones for a wrap. Written by `npm run fit` (logistic regression with a small ridge); not set by hand.
 */
export const BIAS = 1.13;

export const WEIGHTS: Readonly<Record<EvidenceName, number>> = {
  lineEndMark: 8,
  gap: 4.09,
  plainGapWhereMarked: -0.35,
  fullLine: -1.9,
  room: 4.12,
  roomAfterStop: -1.67,
  looseRun: -0.85,
  looseGroup: 4.93,
  notWrapped: 1.17,
  hangingLine: -1.27,
  pageTurn: -0.14,
  endsStop: 1.1,
  endsColon: -0.11,
  endsComma: -0.64,
  endsHyphen: -4.06,
  endsAbbreviation: -1.34,
  endsFunctionWord: -1.22,
  endsOpen: -1.98,
  startsLower: -2.71,
  startsUpper: -0.35,
  startsQuote: 1.32,
  speechTurn: 2,
  startsMarker: 2.16,
  inSequence: 1.59,
  startsBullet: 1.35,
  insideAddress: -4.51,
  startsClosing: -2.5,
  speaker: 9,
  titleBefore: 1.51,
  titleAfter: -0.68,
  headingBefore: 1.94,
  headingAfter: 0.85,
  longPause: 7.07,
  noPause: -6.04,
};
