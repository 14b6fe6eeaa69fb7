import type { EvidenceName } from './evidence.ts';

/**
 * The seam model: the log odds of a new paragraph are the bias plus weight times evidence, summed. Positive weights speak for
 * a paragraph, negative ones for a wrap. Written by `npm run fit` (logistic regression with a small ridge); not set by hand.
 */
export const BIAS = 1.1;

export const WEIGHTS: Readonly<Record<EvidenceName, number>> = {
  lineEndMark: 8,
  gap: 4.05,
  plainGapWhereMarked: -0.35,
  fullLine: -1.92,
  room: 4.1,
  roomAfterStop: -1.65,
  looseRun: -0.84,
  looseGroup: 4.93,
  notWrapped: 1.19,
  hangingLine: -1.27,
  pageTurn: -0.13,
  endsStop: 1.07,
  endsColon: -0.11,
  endsComma: -0.63,
  endsHyphen: -4.05,
  endsAbbreviation: -1.35,
  endsFunctionWord: -1.22,
  endsOpen: -1.97,
  startsLower: -2.71,
  startsUpper: -0.3,
  startsQuote: 1.32,
  speechTurn: 2.01,
  startsMarker: 2.18,
  inSequence: 1.59,
  startsBullet: 1.35,
  startsClosing: -2.5,
  speaker: 9,
  titleBefore: 1.49,
  titleAfter: -0.67,
  headingBefore: 1.94,
  headingAfter: 0.86,
  longPause: 7.07,
  noPause: -6.03,
};
