import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { clean } from '../cleaning/clean.ts';
import type { Cleaning } from '../cleaning/cleaning.ts';
import { DEFAULT_STYLE } from '../style/style.ts';
import { DISTORTERS } from '../testing/distort.ts';
import { parseProse } from '../testing/marked-prose.ts';
import { seededRandom } from '../testing/random.ts';
import { explainSeam } from '../seams/explain.ts';
import { explainLook, lookAgain, looksAgain } from '../seams/evidence/look-again.ts';
import { LOOKS, looker } from '../seams/evidence/second-look.ts';

const PROSE = parseProse(readFileSync('samples/prose/tide-mills.txt', 'utf8'));
const wrapped = (distorter = 'wrappedFile', seed = 1): Cleaning =>
  clean(DISTORTERS[distorter]!(PROSE, seededRandom(seed)).source, DEFAULT_STYLE);

/** All that is looked at at a seam, by name. */
function measuredAt({ decided }: Cleaning, seam: number): Record<string, number> {
  const numbers: Record<string, number> = {};
  looker(decided.look, (at, number) => {
    numbers[LOOKS[at]!] = number;
  })(seam);
  return numbers;
}

describe('what is looked at', () => {
  test('is known at every seam, and the same whichever seam was asked about before', () => {
    fc.assert(
      fc.property(fc.constantFrom(...Object.keys(DISTORTERS)), fc.nat(), (distorter, seed) => {
        const cleaning = wrapped(distorter, seed);
        const { count } = cleaning.decided.seams;
        const numbers = new Float32Array(LOOKS.length);
        const lookAt = looker(cleaning.decided.look, (at, number) => {
          numbers[at] = number;
        });
        const random = seededRandom(seed);
        for (let turn = 0; turn < 20 && count > 0; turn++) {
          const seam = Math.floor(random() * count);
          lookAt(seam);
          const alone = measuredAt(cleaning, seam);
          for (const [at, name] of LOOKS.entries()) {
            expect(Number.isFinite(numbers[at])).toBe(true);
            expect(numbers[at]).toBeCloseTo(alone[name]!, 4);
          }
        }
      }),
      { numRuns: 20 },
    );
  });

  test('lines since the last break and up to the next make up the paragraph', () => {
    const cleaning = wrapped();
    const { odds, since, until } = cleaning.decided.look;
    for (let seam = 1; seam < odds.length; seam++) {
      expect(since[seam]).toBe(odds[seam - 1]! > 0 ? 1 : since[seam - 1]! + 1);
      expect(until[seam - 1]).toBe(odds[seam]! > 0 ? 1 : until[seam]! + 1);
    }
  });
});

describe('the second look', () => {
  test('says nothing where the first was sure, and its parts make up what it adds', () => {
    const { decided } = wrapped();
    const addsAt = lookAgain(decided.look);
    let looked = 0;
    for (let seam = 0; seam < decided.seams.count; seam++) {
      const parts = [...explainLook(decided.look, seam).values()].reduce((sum, part) => sum + part, 0);
      if (addsAt(seam) === 0) expect(parts).toBe(0);
      else looked++;
    }
    expect(looked).toBeGreaterThan(0);
    expect(looked).toBeLessThan(decided.seams.count);
  });

  test('is not taken of a short text, of captions, nor where a person said what marks paragraphs', () => {
    const captions = clean('00:01\nThe tide comes in\n\n00:04\nand it goes out again.\n'.repeat(30), DEFAULT_STYLE);
    const { source } = wrapped();
    const said = clean(source, DEFAULT_STYLE, [
      { kind: 'mark', from: 0, to: 0, mark: { by: 'gap', blanks: 1, step: 'level', odd: false } },
    ]);
    const short = clean('The tide fell.\nIt rose\nagain.\n', DEFAULT_STYLE);
    expect([captions, said, short, wrapped()].map(({ decided }) => looksAgain(decided.look))).toEqual([
      false,
      false,
      false,
      true,
    ]);
  });

  test('its reasons are told with those of the evidence, heaviest first', () => {
    const { decided } = wrapped('scannedBook', 3);
    const all = Array.from({ length: decided.seams.count }, (_, seam) => explainSeam(decided, seam));
    const names = new Set(all.flat().map(({ name }) => name));
    expect(['paragraphLength', 'lineLength', 'habits'].some((name) => names.has(name as never))).toBe(true);
    for (const reasons of all) {
      const weights = reasons.slice(1).map(({ weight }) => Math.abs(weight));
      expect(weights).toEqual([...weights].sort((a, b) => b - a));
    }
  });
});
