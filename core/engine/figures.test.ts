import { describe, expect, test } from '@jest/globals';
import { clean } from '../cleaning/clean.ts';
import { cleanText } from '../cleaning/output.ts';
import { digested } from '../report/digest.ts';
import { DEFAULT_STYLE } from '../style/style.ts';
import { FIGURE_LINES } from '../testing/figure-lines.ts';
import { seededRandom } from '../testing/random.ts';

const PROSE = 'The board met in the long room above the chandler and heard what the surveyor had to say of the sluice.';

const figures = (text: string) => text.replace(/\D+/g, ' ').trim();

describe('figures of everyday lists never leave without a question', () => {
  test.each(Object.entries(FIGURE_LINES))('%s', (_, line) => {
    for (let seed = 1; seed <= 80; seed++) {
      const random = seededRandom(seed * 13);
      const rows = Array.from({ length: 3 + (seed % 30) }, (__, at) => line(random, at));
      const body = rows.join(seed % 3 === 2 ? '\n\n' : '\n');
      const source = seed % 3 === 1 ? `${PROSE}\n\n${body}\n\n${PROSE}\n` : `${body}\n`;
      const cleaning = clean(source, DEFAULT_STYLE);
      const { lines, edits } = digested(cleaning).digest;
      if (lines.length + edits.length > 0) continue;
      expect(figures(cleanText(cleaning))).toBe(figures(source));
    }
  });
});
