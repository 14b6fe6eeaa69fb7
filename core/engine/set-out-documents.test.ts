import { expect, test } from '@jest/globals';
import { readdirSync, readFileSync } from 'node:fs';
import { clean } from '../cleaning/clean.ts';
import { cleanText } from '../cleaning/output.ts';
import { DEFAULT_STYLE } from '../style/style.ts';
import { foldSpaces, LAYOUTS, meantLines, parseDocuments, setOut } from '../testing/set-out.ts';

const FOLDER = 'core/testing/documents';
const DOCUMENTS = readdirSync(FOLDER).flatMap((file) => parseDocuments(readFileSync(`${FOLDER}/${file}`, 'utf8')));

/** Where nothing in the text tells better, or we know no rule that does: by document, the layouts that go wrong. */
const WRONG: Readonly<Record<string, readonly string[]>> = {
  'first page of a paper with addresses': ['45, hanging'],
  'references with labels': ['70, double spaced'],
  'menu with descriptions': ['45, hanging', '58, hyphens'],
  'property listing': ['45, hanging'],
  'software readme': ['45, hanging'],
  'tale with a refrain': ['45, hanging'],
  'tract with points in capitals': ['45, hanging'],
  will: ['45, hanging'],
};

const cleaned = (source: string) => cleanText(clean(source, DEFAULT_STYLE));
const linesOf = (text: string) => text.split('\n').map(foldSpaces).filter(Boolean);

test.each(DOCUMENTS)('$name comes out as it was meant, however it is set out, and stays so', (document) => {
  const meant = meantLines(document).join('\n');
  const wrong = LAYOUTS.filter((layout) => {
    const once = cleaned(setOut(document, layout));
    expect(cleaned(once)).toBe(once);
    return linesOf(once).join('\n') !== meant;
  });
  expect(wrong.map(({ name }) => name)).toEqual(WRONG[document.name] ?? []);
});
