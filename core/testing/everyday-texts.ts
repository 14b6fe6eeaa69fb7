import { readdirSync, readFileSync } from 'node:fs';

/** A short text as people paste it, and what should become of it. */
export interface EverydayText {
  readonly name: string;
  readonly source: string;
  readonly wanted: string;
}

/**
 * Reads a file of everyday texts (core/testing/texts). "=== name" begins a text and "--- becomes" what it should be; without the
 * latter it should stay as it is.
 */
export function parseEverydayTexts(file: string, content: string): EverydayText[] {
  return content
    .split(/^=== /m)
    .slice(1)
    .map((part) => {
      const [, name, body] = /^(.*)\n([^]*)$/.exec(part)!;
      const [source, wanted = source] = body!.trimEnd().split('\n--- becomes\n') as [string, string?];
      return { name: `${file.replace('.txt', '')}: ${name}`, source, wanted };
    });
}

const FOLDER = 'core/testing/texts';

/** All everyday texts of the project, with the folder of the project as the current one. */
export function readEverydayTexts(): EverydayText[] {
  return readdirSync(FOLDER).flatMap((file) => parseEverydayTexts(file, readFileSync(`${FOLDER}/${file}`, 'utf8')));
}
