import { expect, test } from '@jest/globals';
import { readdirSync, readFileSync } from 'node:fs';
import { clean } from '../cleaning/clean.ts';
import { cleanText } from '../cleaning/output.ts';
import { DEFAULT_STYLE } from '../style/style.ts';

/**
 * Short texts as people paste them, each with what should become of it. In the files "=== name" begins a text, "--- becomes" what
 * it should be; without the latter it should stay as it is.
 */
const FOLDER = new URL('../testing/texts/', import.meta.url);

const TEXTS = readdirSync(FOLDER).flatMap((file) =>
  readFileSync(new URL(file, FOLDER), 'utf8')
    .split(/^=== /m)
    .slice(1)
    .map((part) => {
      const [, name, body] = /^(.*)\n([^]*)$/.exec(part)!;
      const [source, wanted = source] = body!.trimEnd().split('\n--- becomes\n') as [string, string?];
      return { name: `${file.replace('.txt', '')}: ${name}`, source, wanted };
    }),
);

/** Whether a blank line parts two lines is a matter of style, but for texts that should stay as they are. */
function lines(text: string): string[] {
  return text.split(/\n+/);
}

test.each(TEXTS)('$name', ({ source, wanted }) => {
  const text = cleanText(clean(source, DEFAULT_STYLE));
  if (wanted === source) expect(text).toBe(wanted);
  else expect(lines(text)).toEqual(lines(wanted));
});

test.each(TEXTS)('what came of it stays as it is: $name', ({ source }) => {
  const once = cleanText(clean(source, DEFAULT_STYLE));
  expect(cleanText(clean(once, DEFAULT_STYLE))).toBe(once);
});
