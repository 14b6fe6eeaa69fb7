import { pMapIterable } from 'p-map';
import type { JobPlan } from '../core/index.ts';
import { errorLine } from '../node/clean-lines.ts';
import { splitLines, type Lines } from '../node/split-lines.ts';
import { withDeadline } from './deadline.ts';
import { problemAnswer, RequestProblem } from './problems.ts';
import type { Services } from './services.ts';

/** Streams that are open, by the services that answer them. */
const open = new WeakMap<Services, number>();

/**
 * Cleans JSON Lines as they come in; the answer begins with the first of them and waits where it is read slowly, so that memory does
 * not grow with the stream. A bad line gives an error line.
 */
export function streamLines(request: Request, plan: JobPlan, services: Services): Response {
  const { settings, pool } = services;
  if (!request.body) return new Response('', { headers: HEADERS });
  // Each stream keeps threads at work for as long as it lasts.
  if ((open.get(services) ?? 0) >= settings.threads) return problemAnswer('busy');
  open.set(services, (open.get(services) ?? 0) + 1);
  const clean = async (lines: Lines): Promise<string> => {
    const ended = await withDeadline(request.signal, settings.mostTime, (signal) =>
      pool.run('lines', { lines, plan }, { signal, isPartOfMore: true }),
    );
    if ('givenUp' in ended && ended.givenUp === 'gone') throw new RequestProblem('gone');
    const cleaned = 'done' in ended ? ended.done : lines.map(() => errorLine('took too long'));
    return `${cleaned.join('\n')}\n`;
  };
  const ahead = { concurrency: settings.threads + 1, backpressure: 2 * settings.threads + 2 };
  const cleaned = pMapIterable(splitLines(request.body as AsyncIterable<Uint8Array>, settings.mostBytes), clean, ahead);
  return new Response(
    toStream(cleaned, () => open.set(services, open.get(services)! - 1)),
    { headers: HEADERS },
  );
}

const HEADERS = { 'Content-Type': 'application/jsonl; charset=utf-8', 'Cache-Control': 'no-store' };

/** A stream that asks for the next part when it is read; `onEnd` is told once, however it ends. */
function toStream(parts: AsyncIterable<string>, onEnd: () => void): ReadableStream<Uint8Array> {
  const encoder = new TextEncoder();
  const iterator = parts[Symbol.asyncIterator]();
  let isOpen = true;
  const end = () => {
    if (isOpen) onEnd();
    isOpen = false;
  };
  return new ReadableStream({
    async pull(controller) {
      try {
        const { done, value } = await iterator.next();
        if (!done) return controller.enqueue(encoder.encode(value));
        end();
        controller.close();
      } catch (error) {
        end();
        controller.error(error);
      }
    },
    cancel() {
      end();
      // It may wait for a line that never comes.
      void iterator.return?.();
    },
  });
}
