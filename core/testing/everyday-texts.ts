import { readdirSync, readFileSync } from 'node:fs';

/** A short text as people paste it, and what should become of it. */
export interface EverydayText {
  readonly name: string;
  readonly source: string;
  readonly wanted: string;
}

const FOLDER = new URL('texts/', import.meta.url);

/**
 * The everyday texts of the tests. In their files "=== name" begins a text and "--- becomes" what it should be; without the latter
 * it should stay as it is.
 */
export function readEverydayTexts(folder: string | URL = FOLDER): EverydayText[] {
  return readdirSync(folder).flatMap((file) =>
    readFileSync(typeof folder === 'string' ? `${folder}/${file}` : new URL(file, folder), 'utf8')
      .split(/^=== /m)
      .slice(1)
      .map((part) => {
        const [, name, body] = /^(.*)\n([^]*)$/.exec(part)!;
        const [source, wanted = source] = body!.trimEnd().split('\n--- becomes\n') as [string, string?];
        return { name: `${file.replace('.txt', '')}: ${name}`, source, wanted };
      }),
  );
}
