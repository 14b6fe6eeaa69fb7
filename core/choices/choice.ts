import type { ParagraphMark } from '../seams/paragraph-mark.ts';
import type { Decision } from '../seams/seam-table.ts';

/**
 * Something a person decided. Choices constrain the cleaning and always win over passes; ranges are source offsets.
 * A seam choice has the range of the line end itself (of the line before the seam), so that it holds whatever passes are on.
 */
export type Choice = SeamChoice | StetChoice | MarkChoice;

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

/** This is what marks a paragraph in the text. The range is that of the line end that was pointed at as an example. */
export interface MarkChoice {
  readonly kind: 'mark';
  readonly from: number;
  readonly to: number;
  readonly mark: ParagraphMark;
}

/** What a choice is about: a later choice with the same key takes the place of an earlier one. */
export function subjectOf(choice: Choice): string {
  if (choice.kind === 'mark') return 'mark';
  return `${choice.kind} ${choice.from} ${choice.to} ${choice.kind === 'stet' ? choice.pass : ''}`;
}
