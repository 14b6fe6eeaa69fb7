import {
  reportOf,
  runJob,
  toLineDiff,
  toRecord,
  writeJob,
  type FailedPass,
  type FindWords,
  type FullReport,
  type JobPlan,
  type Outcome,
  type ReadProblem,
} from '../core/index.ts';
import { readBytesAs } from '../node/read-bytes.ts';
import { cleanLarge, isLarge } from './clean-large.ts';
import { isMuch } from './removals.ts';

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

/** Cleans one file. Never throws for what is in it. */
export async function cleanFile(task: FileTask, findWords: FindWords): Promise<FileDone> {
  try {
    return await cleaned(task, findWords);
  } catch (error) {
    return { ok: false, problem: 'fault', detail: error instanceof Error ? error.message : String(error) };
  }
}

async function cleaned(task: FileTask, findWords: FindWords): Promise<FileDone> {
  const { plan, name, recorded } = task;
  const read = await readBytesAs(task.bytes, name, plan);
  if (!read.ok) return read;
  const { format } = read;
  const document = recorded ? { ...read.document, outcome: recorded } : read.document;
  if (recorded && recorded.source !== document.text) return { ok: false, problem: 'not-of-record' };
  if (isLarge(document, task)) return cleanLarge(document, task, findWords);
  const job = runJob(document, plan, { findWords, name });
  const { cleaning } = job;
  const written = writeJob(job, { isFile: true });
  const report = task.wantsReport || isMuch(cleaning.tally) ? reportOf(cleaning, 'full') : undefined;
  return {
    ok: true,
    output: typeof written === 'string' ? new TextEncoder().encode(written) : written,
    changes: written !== document.text,
    isSameFormat: plan.to === format || (plan.to === 'markdown' && format === 'text'),
    questions: (report ?? reportOf(cleaning, 'short')).questions,
    ...(report && { report }),
    ...(task.wantsDiff && { diff: toLineDiff(cleaning, name ?? 'standard input') }),
    ...(task.wantsRecord && { record: `${JSON.stringify(toRecord(cleaning, document.title ?? ''))}\n` }),
    failed: cleaning.failed,
    ...(job.sideBySide && { sideBySide: job.sideBySide }),
  };
}
