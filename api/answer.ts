import { PoolFull } from '../node/pool.ts';
import { problemAnswer, RequestProblem } from './problems.ts';
import { services, type Services } from './services.ts';

export type Handler = (request: Request, services: Services) => Response | Promise<Response>;

/** Answers a request with the handler of its method; every failure is an answer that says what is wrong. */
export async function answer(
  request: Request,
  handlers: Readonly<Partial<Record<'GET' | 'POST', Handler>>>,
  find: () => Services | undefined = services,
): Promise<Response> {
  const method = request.method === 'HEAD' ? 'GET' : request.method;
  try {
    const known = find();
    if (!known) return problemAnswer('off');
    const handler = handlers[method as keyof typeof handlers];
    if (handler) return await handler(request, known);
    if (Object.keys(handlers).length === 0) return problemAnswer('no-such-address');
    return problemAnswer('no-such-method', {}, { Allow: Object.keys(handlers).join(', ') });
  } catch (error) {
    if (error instanceof RequestProblem) return problemAnswer(error.code, error.details);
    if (error instanceof PoolFull) return problemAnswer('busy');
    if (request.signal.aborted) return problemAnswer('gone');
    console.error(error);
    return problemAnswer('failed');
  }
}

/** An answer for programs, never kept: what it holds may be a person's. */
export function jsonAnswer(data: unknown): Response {
  return Response.json(data, { headers: { 'Cache-Control': 'no-store' } });
}
