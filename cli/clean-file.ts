import { reportOf, runJob, toLineDiff, toRecord, writeJob, type FindWords } from '../core/index.ts';
import { readBytesAs } from '../node/read-bytes.ts';
import { cleanLarge, isLarge } from './clean-large.ts';
import type { FileDone, FileTask } from './file-task.ts';
import { isMuch } from './removals.ts';

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
