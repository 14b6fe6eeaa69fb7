import type { OutputId } from '../output/registry.ts';
import type { JobPlan } from './job.ts';
import { reportOf } from './job-report.ts';
import { readPlan } from './read-plan.ts';
import { runJob, writeJob, type FindWords } from './run-job.ts';

/** What is the matter with a line, in the place of its text. */
export interface LineError {
  /** "text", "options.off[0]"; empty where the line is no JSON. */
  readonly place: string;
  readonly message: string;
}

/** Formats that are no text have no place in a line of JSON. */
const TEXTS: readonly OutputId[] = ['text', 'markdown', 'html'];

/**
 * Cleans one line of JSON Lines: `{"id": …, "text": "…", "options": {…}}` gives `{"id": …, "text": "…", "report": {…}}`, and a line
 * that cannot be cleaned gives `{"id": …, "error": {…}}`. Never throws for what is in a line; an id comes back as it was.
 */
export function cleanJsonLine(line: string, usual: JobPlan, findWords: FindWords): string {
  let data: unknown;
  try {
    data = JSON.parse(line);
  } catch (error) {
    return JSON.stringify({ error: { place: '', message: `is no JSON: ${(error as Error).message}` } });
  }
  if (!isObject(data)) return failed(undefined, '', 'is no JSON object');
  const { id, text, options } = data;
  if (typeof text !== 'string') return failed(id, 'text', 'is no string');
  const read = readPlan(options, usual);
  if (!read.ok) return JSON.stringify({ id, error: read.problem });
  const { plan } = read;
  if (!TEXTS.includes(plan.to)) return failed(id, 'options.to', `is none of ${TEXTS.join(', ')}`);
  try {
    const job = runJob({ text }, plan, { findWords });
    return JSON.stringify({ id, text: writeJob(job), report: reportOf(job.cleaning, plan.report) });
  } catch (error) {
    return failed(id, '', `met a fault of this program: ${(error as Error).message}`);
  }
}

function isObject(data: unknown): data is Readonly<Record<string, unknown>> {
  return typeof data === 'object' && data !== null && !Array.isArray(data);
}

function failed(id: unknown, place: string, message: string): string {
  return JSON.stringify({ id, error: { place, message } satisfies LineError });
}
