import { expect, test } from '@jest/globals';
import { clean } from '../cleaning/clean.ts';
import { cleanText } from '../cleaning/output.ts';
import { applyToStyle } from '../history/history.ts';
import { DEFAULT_STYLE } from '../style/style.ts';

const NOTE =
  'The lease names the wheel.3 A widow let it to\n3 Harbour Trust papers, box 12.\nher son-in-law for six sacks a year.\n';
const CAPTION =
  'By the spring the whole of the lower floor had\nFig. 3. The wheel after the flood.\nto be dug out of the silt by hand.\n';

function cleaned(source: string, value: string): string {
  const style = applyToStyle(DEFAULT_STYLE, { kind: 'set-pass', pass: 'footnotes', setting: 'place', value });
  return cleanText(clean(source, style));
}

test.each([
  [
    'a note',
    NOTE,
    'behind',
    'The lease names the wheel. A widow let it to her son-in-law for six sacks a year.\n\n3 Harbour Trust papers, box 12.\n',
  ],
  ['a note', NOTE, 'gone', 'The lease names the wheel. A widow let it to her son-in-law for six sacks a year.\n'],
  [
    'a caption',
    CAPTION,
    'behind',
    'By the spring the whole of the lower floor had to be dug out of the silt by hand.\n\nFig. 3. The wheel after the flood.\n',
  ],
])('%s within a sentence: %j, %s', (_name, source, place, wanted) => {
  expect(cleaned(source, place).trimEnd()).toBe(wanted.trimEnd());
});

test('with notes taken out, a caption within a sentence stays', () => {
  expect(cleaned(CAPTION, 'gone')).toContain('Fig. 3. The wheel after the flood.');
});
