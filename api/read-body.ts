import { RequestProblem } from './problems.ts';

/** The body of a request, up to so many bytes. Throws RequestProblem for a longer one, and reads no more of it. */
export async function readBody(request: Request, most: number): Promise<Uint8Array> {
  const tooLarge = () => new RequestProblem('too-large', { limit: most });
  if (Number(request.headers.get('Content-Length') ?? 0) > most) throw tooLarge();
  const chunks: Uint8Array[] = [];
  let length = 0;
  for await (const chunk of request.body ?? []) {
    length += (chunk as Uint8Array).length;
    if (length > most) throw tooLarge();
    chunks.push(chunk as Uint8Array);
  }
  // A buffer of its own, which can be handed to a thread.
  const whole = new Uint8Array(length);
  let at = 0;
  for (const chunk of chunks) {
    whole.set(chunk, at);
    at += chunk.length;
  }
  return whole;
}
