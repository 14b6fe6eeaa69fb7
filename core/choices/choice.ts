import type { PartKind } from '../lines/part.ts';
import type { ParagraphMark } from '../seams/paragraph-mark.ts';
import type { Decision } from '../seams/seam-table.ts';

/**
 * Something a person decided. Choices constrain the cleaning and always win over passes; ranges are source offsets.
 * A seam choice has the range of the line end itself (of the line before the seam), so that it holds whatever passes are on.
 */
export type Choice =
  | SeamChoice
  | StetChoice
  | ApproveChoice
  | LimitChoice
  | HoldChoice
  | RewriteChoice
  | DropChoice
  | PartChoice
  | MarkChoice
  | MeasureChoice;

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

/** What this pass does in this range is right: its edits there are no doubts. By hand: it is right that the lines stay. */
export interface ApproveChoice {
  readonly kind: 'approve';
  readonly from: number;
  readonly to: number;
  readonly pass: string;
}

/** This pass, or without one every pass, works within this range only; of several limits, within any of them. */
export interface LimitChoice {
  readonly kind: 'limit';
  readonly from: number;
  readonly to: number;
  readonly pass?: string;
}

/** Nothing touches this range: it stands as it is in the source, line ends and white space included. */
export interface HoldChoice {
  readonly kind: 'hold';
  readonly from: number;
  readonly to: number;
}

/** The clean text says this in place of what the range says; no pass touches it. Of two that overlap the later holds. */
export interface RewriteChoice {
  readonly kind: 'rewrite';
  readonly from: number;
  readonly to: number;
  readonly text: string;
}

/** The lines of this range leave the text. */
export interface DropChoice {
  readonly kind: 'drop';
  readonly from: number;
  readonly to: number;
}

/** The lines of this range are of this kind, whatever they look like. Of two that overlap the later holds. */
export interface PartChoice {
  readonly kind: 'part';
  readonly from: number;
  readonly to: number;
  readonly as: PartKind;
}

/** This is what marks a paragraph in the text. The range is that of the line end that was pointed at as an example. */
export interface MarkChoice {
  readonly kind: 'mark';
  readonly from: number;
  readonly to: number;
  readonly mark: ParagraphMark;
}

/** Lines wrap at this many characters, in the whole text. */
export interface MeasureChoice {
  readonly kind: 'measure';
  readonly from: number;
  readonly to: number;
  readonly characters: number;
}

/** What a choice is about: a later choice with the same key takes the place of an earlier one. */
export function subjectOf(choice: Choice): string {
  switch (choice.kind) {
    case 'mark':
    case 'measure':
      return choice.kind;
    case 'stet':
    case 'approve':
      return `edit ${choice.from} ${choice.to} ${choice.pass}`;
    case 'limit':
      return `limit ${choice.from} ${choice.to} ${choice.pass ?? ''}`;
    case 'seam':
    case 'drop':
    case 'hold':
    case 'rewrite':
    case 'part':
      return `${choice.kind} ${choice.from} ${choice.to}`;
  }
}
