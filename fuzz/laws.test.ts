import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { clean } from '../core/cleaning/clean.ts';
import { cleanText } from '../core/cleaning/output.ts';
import { DEFAULT_STYLE } from '../core/style/style.ts';
import { DISTORTERS } from '../core/testing/distort.ts';
import { KNOWN_CASES } from './cases.ts';
import { IDEMPOTENCE, LAWS } from './laws.ts';
import { wordsOf } from './silent-loss.ts';
import { smallest } from './smallest.ts';
import { anyText, everydayMixture, messOf } from './texts.ts';

/* A few texts of each kind: the search for failures by fuzz.ts, which goes with each run of the tests, tries hundreds of others. */

describe('laws of a cleaning, for any text', () => {
  test.each(LAWS)('$says', ({ check }) => {
    fc.assert(fc.property(anyText, fc.nat(), check), { numRuns: 80, seed: 1 });
  });

  test.each(Object.keys(DISTORTERS))('cleaning the clean text of a realistic mess changes nothing: %s', (name) => {
    fc.assert(
      fc.property(messOf(name), (text) => IDEMPOTENCE.check(text, 0)),
      { numRuns: 30 },
    );
  });

  test('of everyday lines in any mixture, no word leaves in silence', () => {
    const { check } = LAWS.find(({ id }) => id === 'silent-loss')!;
    fc.assert(
      fc.property(everydayMixture, (text) => check(text, 0)),
      { numRuns: 400 },
    );
  });

  test('a text with words never becomes one without', () => {
    fc.assert(
      fc.property(everydayMixture, fc.nat(), fc.nat(12), (text, from, count) => {
        const lines = text.split('\n');
        const source = lines.slice(from % lines.length, (from % lines.length) + count).join('\n');
        const isFileHead = /^(?:WEBVTT|\[Script Info\]|Dialogue:)/m.test(source);
        if (wordsOf(source.replace(/^.*-->.*$/gm, '')).length > 0 && !isFileHead) {
          expect(/\p{L}/u.test(cleanText(clean(source, DEFAULT_STYLE))) ? '' : source).toBe('');
        }
      }),
      { numRuns: 1500 },
    );
  });
});

describe('texts that once broke a law', () => {
  test.each(KNOWN_CASES)('$name', ({ law, text, seed }) => {
    [...LAWS, IDEMPOTENCE].find(({ id }) => id === law)!.check(text, seed);
  });
});

test('the smallest text that fails is found: lines go, then words, then characters', () => {
  const text = 'The tide fell.\nThe keeper lit a lamp, and x marks it.\nNobody came.\n';
  expect(smallest(text, (part) => /a.*x/.test(part))).toBe('ax');
  expect(smallest(text, (part) => part.includes('lamp') && part.includes('came'))).toMatch(/^lamp\s*came$/);
});
