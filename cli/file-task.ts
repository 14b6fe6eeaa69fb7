import type { FailedPass, FullReport, JobPlan, Outcome, ReadProblem } from '../core/index.ts';

/** A file that is to be cleaned. Plain data: it goes to a thread. */
export interface FileTask {
  readonly bytes: Uint8Array;
  /** The file's name, by which its format may be told; none for standard input. */
  readonly name?: string;
  readonly plan: JobPlan;
  /** What is wanted beside the clean text, which is not needed where a diff is wanted. */
  readonly wantsDiff: boolean;
  readonly wantsReport: boolean;
  readonly wantsRecord: boolean;
  /** How a change record says that this text was cleaned, and the text that it was made of. */
  readonly recorded?: Outcome & { readonly source: string };
}

export type FileDone =
  | { readonly ok: false; readonly problem: ReadProblem | 'not-of-record' }
  /** A fault of this program, and what it threw. */
  | { readonly ok: false; readonly problem: 'fault'; readonly detail: string }
  | {
      readonly ok: true;
      /** The file as it is to be written. */
      readonly output: Uint8Array;
      /** Whether the clean text is another than the text was. */
      readonly changes: boolean;
      /** Whether what is written is of the same format as what was read. */
      readonly isSameFormat: boolean;
      readonly questions: number;
      /** Also there, unasked, where so much left that it is worth a word. */
      readonly report?: FullReport;
      readonly diff?: string;
      readonly record?: string;
      readonly sideBySide?: readonly [number, number];
      /** Passes that failed: the text was cleaned without them. */
      readonly failed: readonly FailedPass[];
      /** How many parts it was cleaned in, where it was too large to be cleaned in one. */
      readonly parts?: number;
    };
