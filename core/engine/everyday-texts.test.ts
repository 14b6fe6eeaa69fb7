import { expect, test } from '@jest/globals';
import { clean } from '../cleaning/clean.ts';
import { cleanText } from '../cleaning/output.ts';
import { DEFAULT_STYLE } from '../style/style.ts';
import { readEverydayTexts } from '../testing/everyday-texts.ts';

const TEXTS = readEverydayTexts();

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
