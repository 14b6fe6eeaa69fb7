import { readPlan } from '../core/index.ts';
import type { BodyTask } from './clean-body.ts';
import { withDeadline } from './deadline.ts';
import { optionsInAddress } from './options-in-address.ts';
import { RequestProblem } from './problems.ts';
import { readBody } from './read-body.ts';
import type { Services } from './services.ts';
import { streamLines } from './stream-lines.ts';

const LINES = ['application/jsonl', 'application/x-ndjson', 'application/x-jsonlines', 'application/json-lines'];

/** Answers POST /api/clean: a text, a file or a stream of JSON Lines, cleaned. Throws RequestProblem. */
export async function clean(request: Request, services: Services): Promise<Response> {
  const { type, parameters } = contentType(request);
  const { name, options } = optionsInAddress(new URL(request.url).searchParams);
  if (LINES.includes(type)) {
    const plan = readPlan(options);
    if (!plan.ok)
      throw new RequestProblem('wrong-options', { place: plan.problem.place, detail: plan.problem.message });
    return streamLines(request, plan.plan, services);
  }
  const accepts = request.headers.get('Accept') ?? '';
  const wantsJson = type === 'application/json' ? !/^text\//.test(accepts) : /\bapplication\/json\b/.test(accepts);
  return cleanWhole(request, services, {
    ...(await bodyOf(request, type, parameters, services)),
    name,
    options,
    wantsJson,
  });
}

function contentType(request: Request): { type: string; parameters: string } {
  const [type = '', ...parameters] = (request.headers.get('Content-Type') ?? '').split(';');
  return { type: type.trim().toLowerCase(), parameters: parameters.join(';') };
}

type Body = Pick<BodyTask, 'bytes' | 'as' | 'charset' | 'format'> & { readonly fileName?: string };

async function bodyOf(request: Request, type: string, parameters: string, { settings }: Services): Promise<Body> {
  if (type === '' || type === 'application/x-www-form-urlencoded') throw new RequestProblem('unsupported-type');
  const bytes = await readBody(request, settings.mostBytes);
  if (type === 'application/json') return { bytes, as: 'json' };
  if (type === 'text/plain') return { bytes, as: 'text', charset: /charset="?([\w-]+)/i.exec(parameters)?.[1] };
  if (type === 'multipart/form-data') return fileInForm(bytes, request.headers.get('Content-Type')!);
  return { bytes, as: 'file', format: type === 'text/html' ? 'html' : undefined };
}

/** The first file of a form. */
async function fileInForm(bytes: Uint8Array, type: string): Promise<Body> {
  const form = await new Response(bytes as Uint8Array<ArrayBuffer>, { headers: { 'Content-Type': type } })
    .formData()
    .catch(() => undefined);
  const file = [...(form?.values() ?? [])].find((value) => typeof value !== 'string');
  if (!file) throw new RequestProblem('unsupported-type', { detail: 'The form holds no file.' });
  return { bytes: new Uint8Array(await file.arrayBuffer()), as: 'file', fileName: file.name };
}

async function cleanWhole(
  request: Request,
  { pool, settings }: Services,
  { fileName, ...task }: BodyTask & { readonly fileName?: string },
): Promise<Response> {
  const name = task.name ?? fileName;
  const ended = await withDeadline(request.signal, settings.mostTime, (signal) =>
    pool.run('body', { ...task, name }, { signal }),
  );
  if ('givenUp' in ended) throw new RequestProblem(ended.givenUp);
  const { done } = ended;
  if (!done.ok) throw new RequestProblem(done.code, done.details);
  const headers = new Headers({ 'Content-Type': done.type, 'Cache-Control': 'no-store' });
  if (done.ending !== undefined) headers.set('Content-Disposition', `attachment; filename="clean.${done.ending}"`);
  return new Response(done.bytes as Uint8Array<ArrayBuffer>, { headers });
}
