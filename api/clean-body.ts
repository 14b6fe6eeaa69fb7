import {
  OUTPUTS,
  readPlan,
  reportOf,
  runJob,
  writeJob,
  type Document,
  type FindWords,
  type FormatId,
  type JobPlan,
  type Written,
} from '../core/index.ts';
import { readBytesAs } from '../node/read-bytes.ts';
import type { ProblemCode, ProblemDetails } from './problems.ts';

/** The body of a request. Plain data: it goes to a thread, so that the server's own never reads a long one. */
export interface BodyTask {
  readonly bytes: Uint8Array;
  readonly as: 'json' | 'text' | 'file';
  /** The file's name. */
  readonly name?: string;
  /** The encoding that the body says to be in. */
  readonly charset?: string;
  /** What the body says that the file is. */
  readonly format?: FormatId;
  /** Options that stand in the address. */
  readonly options: Readonly<Record<string, unknown>>;
  /** Whether the answer is JSON, with a report, or the clean text alone. */
  readonly wantsJson: boolean;
}

export type BodyDone =
  | { readonly ok: true; readonly type: string; readonly bytes: Uint8Array; readonly ending?: string }
  | { readonly ok: false; readonly code: ProblemCode; readonly details: ProblemDetails };

/** Cleans what a request holds. Never throws for what is in it. */
export async function cleanBody(task: BodyTask, findWords: FindWords): Promise<BodyDone> {
  const asked = task.as === 'json' ? askedInJson(task) : { options: task.options };
  if ('code' in asked) return asked;
  const read = readPlan(asked.options);
  if (!read.ok) return wrong(read.problem.place, read.problem.message);
  const { plan } = read;
  const document = 'text' in asked ? { text: asked.text } : await documentOf(task, plan);
  if ('code' in document) return document;
  const job = runJob(document, plan, { findWords, name: task.name });
  const written = writeJob(job);
  if (!task.wantsJson || typeof written !== 'string') return asFile(written, plan);
  const answer = { text: written, report: reportOf(job.cleaning, plan.report) };
  return { ok: true, type: 'application/json', bytes: new TextEncoder().encode(JSON.stringify(answer)) };
}

function askedInJson({ bytes, options }: BodyTask): Refused | { text: string; options: BodyTask['options'] } {
  let data: unknown;
  try {
    data = JSON.parse(new TextDecoder('utf-8', { fatal: true }).decode(bytes));
  } catch (error) {
    return { ok: false, code: 'no-json', details: { detail: (error as Error).message } };
  }
  if (!isObject(data)) return { ok: false, code: 'no-json', details: {} };
  if (typeof data['text'] !== 'string')
    return { ok: false, code: 'no-json', details: { detail: '"text" is no string' } };
  const said = data['options'] ?? {};
  if (!isObject(said)) return wrong('options', 'is no object');
  return { text: data['text'], options: { ...options, ...said } };
}

/** The text of a body; a file is read as what it is. A text may be empty. */
async function documentOf({ bytes, as, name, charset, format }: BodyTask, plan: JobPlan): Promise<Refused | Document> {
  if (as === 'text' && bytes.length === 0) return { text: '' };
  const from = as === 'text' ? 'text' : (plan.from ?? format);
  const read = await readBytesAs(bytes, name, { from, encoding: plan.encoding ?? charset });
  return read.ok ? read.document : { ok: false, code: 'unreadable', details: { reason: read.problem } };
}

type Refused = Extract<BodyDone, { ok: false }>;

function asFile(written: Written, { to }: JobPlan): BodyDone {
  const { type, ending } = OUTPUTS.find(({ id }) => id === to)!;
  if (typeof written !== 'string') return { ok: true, type, bytes: written, ending };
  return { ok: true, type: `${type}; charset=utf-8`, bytes: new TextEncoder().encode(written) };
}

function wrong(place: string, message: string): Refused {
  return { ok: false, code: 'wrong-options', details: { place, detail: `${place} ${message}` } };
}

function isObject(data: unknown): data is Readonly<Record<string, unknown>> {
  return typeof data === 'object' && data !== null && !Array.isArray(data);
}
