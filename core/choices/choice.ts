import type { Decision } from '../seams/seam-table.ts';

/**
 * Something a person decided. Choices constrain the cleaning and always win over passes; ranges are source offsets.
 * A seam choice has the range of the line end itself (of the line before the seam), so that it holds whatever passes are on.
 */
export type Choice = SeamChoice | StetChoice;

export interface SeamChoice {
  readonly kind: 'seam';
  readonly from: number;
  readonly to: number;
  readonly decision: Decision;
}

/** This pass may not touch this range. */
export interface StetChoice {
  readonly kind: 'stet';
  readonly from: number;
  readonly to: number;
  readonly pass: string;
}

/** What a choice is about: a later choice with the same key takes the place of an earlier one. */
export function subjectOf(choice: Choice): string {
  return `${choice.kind} ${choice.from} ${choice.to} ${choice.kind === 'stet' ? choice.pass : ''}`;
}
