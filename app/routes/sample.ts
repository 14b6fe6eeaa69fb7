import type { Route } from './+types/sample.ts';
import { readSample } from '../samples.server.ts';

/** The text of a sample piece, from the server. */
export async function loader({ params }: Route.LoaderArgs): Promise<Response> {
  const text = readSample(params.id);
  if (text === undefined) throw new Response('There is no such sample.', { status: 404 });
  return new Response(text, { headers: { 'Content-Type': 'text/plain; charset=utf-8' } });
}
