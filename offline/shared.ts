/** What other apps handed over waits here until the desk takes it. */
const CACHE = 'shared';

/** Keeps what was shared: files, or else words. */
export async function keepShared(form: FormData): Promise<void> {
  const cache = await caches.open(CACHE);
  const files = form.getAll('files').filter((value) => typeof value !== 'string');
  for (const [at, file] of files.entries()) {
    const headers = { 'X-Name': encodeURIComponent(file.name) };
    await cache.put(`/shared/file-${at}`, new Response(file, { headers }));
  }
  const words = ['title', 'text', 'url']
    .map((name) => form.get(name))
    .filter((value) => typeof value === 'string' && value !== '');
  if (files.length === 0 && words.length > 0) await cache.put('/shared/text', new Response(words.join('\n\n')));
}

export interface Shared {
  readonly files: readonly File[];
  readonly text?: string;
}

/** Takes what was shared; it is gone from here then. */
export async function takeShared(): Promise<Shared> {
  if (!('caches' in globalThis) || !(await caches.has(CACHE))) return { files: [] };
  const cache = await caches.open(CACHE);
  const files: File[] = [];
  let text: string | undefined;
  for (const request of await cache.keys()) {
    const kept = (await cache.match(request))!;
    const name = kept.headers.get('X-Name');
    if (name === null) text = await kept.text();
    else files.push(new File([await kept.blob()], decodeURIComponent(name)));
  }
  await caches.delete(CACHE);
  return { files, ...(text !== undefined && { text }) };
}
