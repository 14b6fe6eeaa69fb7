import { expect, test } from '@jest/globals';
import { DEFAULT_STYLE } from '../style/style.ts';
import { clean } from './clean.ts';
import { cleanText } from './output.ts';

test('more may be left out between the halves of a sentence than a call may have arguments', () => {
  const before = 'The keeper went down to the boat and looked out over';
  const cleaning = clean(`${before}\n${'-----\n'.repeat(130_000)}the water, which was still.\n`, DEFAULT_STYLE);
  expect(cleanText(cleaning)).toContain('the water, which was still.');
});
