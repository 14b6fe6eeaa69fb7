import { Decision } from './seam-table.ts';

/** What may have the last word at a seam: the weighed evidence, a rule about lines of one kind, or what a person said. */
export const SETTLERS = [
  'evidence',
  'verse',
  'shortLine',
  'wideSpace',
  'fullWithoutStop',
  'speechEnd',
  'title',
  'head',
  'shape',
  'repeated',
  'speaker',
  'hanging',
  'wrappedEntry',
  'ordered',
  'article',
  'cutWord',
  'cutFirst',
  'initial',
  'signFirst',
  'hungItem',
  'loneBullet',
  'formField',
  'setIn',
  'salutation',
  'gapWithRoom',
  'gapByCustom',
  'spacedLine',
  'displayed',
  'centred',
  'bracket',
  'openSpeech',
  'runInNumber',
  'overlong',
  'aside',
  'ownForm',
  'speechBlock',
  'singleWords',
  'noStops',
  'noCapitals',
  'markup',
  'layout',
  'columns',
  'quotation',
  'label',
  'turn',
  'speech',
  'withoutPause',
  'part',
  'taught',
  'opening',
] as const;
export type Settler = (typeof SETTLERS)[number];

/** What is decided at each seam, and by what; later rules have the last word. */
export interface Verdicts {
  /** A `Decision`. */
  readonly decision: Uint8Array;
  /** The probability that the decision is right, from 0.5 to 1. */
  readonly certainty: Float32Array;
  /** Its place in SETTLERS. */
  readonly by: Uint8Array;
  /** By kept line: 1 where an entry of a list begins that is told by the form of its lines. */
  readonly entry: Uint8Array;
}

/** Verdicts for so many seams: all joined by no evidence. */
export function openVerdicts(count: number): Verdicts {
  return {
    decision: new Uint8Array(count),
    certainty: new Float32Array(count).fill(0.5),
    by: new Uint8Array(count),
    entry: new Uint8Array(count + 1),
  };
}

/** Has the last word at a seam; without a certainty it stays as certain as it was. */
export function settle(
  { decision, certainty, by }: Verdicts,
  seam: number,
  decided: Decision,
  settler: Settler,
  certain = certainty[seam]!,
): void {
  decision[seam] = decided;
  certainty[seam] = certain;
  by[seam] = SETTLERS.indexOf(settler);
}

/** What had the last word at a seam. */
export function settlerOf({ by }: Pick<Verdicts, 'by'>, seam: number): Settler {
  return SETTLERS[by[seam]!]!;
}

/** Whether the lines beside a seam are kept apart, in whatever way. */
export function isApart({ decision }: Pick<Verdicts, 'decision'>, seam: number): boolean {
  return decision[seam] === Decision.break || decision[seam] === Decision.keep;
}
