import { describe, expect, test } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { ALL_LINE_OPTIONS } from '../lines/line-kind.ts';
import { readLines } from '../lines/read-lines.ts';
import { DISTORTERS } from '../testing/distort.ts';
import { parseProse } from '../testing/marked-prose.ts';
import { seededRandom } from '../testing/random.ts';
import { typeset } from '../testing/typeset.ts';
import { findConvention, gapAt } from './evidence/convention.ts';
import { findMeasure } from './measure/measure.ts';
import { roomAt } from './measure/room.ts';
import { findSeams } from './seam-table.ts';
import { findSequence } from './evidence/sequence.ts';

const PROSE = parseProse(readFileSync('samples/prose/tide-mills.txt', 'utf8'));
const PLAIN = { width: 60, indent: 0, gap: 1, headingGap: 2, hyphenates: false, bullet: '* ' };

function analyse(source: string) {
  const table = readLines(source, ALL_LINE_OPTIONS);
  const seams = findSeams(source, table);
  const measure = findMeasure(table, seams, [], new Uint8Array(seams.count));
  return { table, seams, convention: findConvention(table, seams, measure, []), measure };
}

const set = (setting: Partial<typeof PLAIN>) => typeset(PROSE, { ...PLAIN, ...setting }).join('\n');

describe('the measure', () => {
  test.each([40, 52, 66, 78])('of text wrapped at %i columns is found within two', (width) => {
    const { measure } = analyse(set({ width }));
    expect(measure.reliability).toBe(1);
    expect(Math.abs(measure.widestCharacters - width)).toBeLessThanOrEqual(2);
  });

  test('follows a change of measure', () => {
    const { measure, seams } = analyse(`${set({ width: 70 })}\n\n${set({ width: 44 })}`);
    const at = (share: number) => measure.at[Math.floor(seams.count * share)]!;
    expect(at(0.2) / at(0.8)).toBeGreaterThan(1.4);
    expect(at(0.2) / at(0.8)).toBeLessThan(1.8);
  });

  test('leaves no room after a line that wraps', () => {
    const { table, seams, measure } = analyse(set({ width: 60 }));
    let roomy = 0;
    let wraps = 0;
    for (let seam = 0; seam < seams.count; seam++) {
      if (seams.blanks[seam] || seams.line[seam + 1]! - seams.line[seam]! > 1) continue;
      wraps++;
      if (roomAt(table, seams, measure, seam) > 0.05) roomy++;
    }
    expect(wraps).toBeGreaterThan(60);
    expect(roomy / wraps).toBeLessThan(0.1);
  });

  test('is none where lines do not wrap', () => {
    expect(analyse(DISTORTERS['webPage']!(PROSE, seededRandom(1)).source).convention.wraps).toBe(false);
    expect(analyse('').measure.widestCharacters).toBe(0);
  });
});

describe('the convention', () => {
  test.each([
    ['blank lines', {}, 3],
    ['an indent', { gap: 0, indent: 4 }, 1],
    ['two blank lines', { gap: 2, headingGap: 2 }, 6],
  ] as const)('%s mark paragraphs', (_name, setting, gap) => {
    const { convention } = analyse(set(setting));
    expect(convention).toMatchObject({ wraps: true, marked: true, wrapGap: 0 });
    expect(convention.score[gap]).toBeGreaterThan(1.2);
    expect(convention.score[0]).toBeLessThan(0);
  });

  test('doubled line ends are the wrap, whatever they look like', () => {
    const { convention, table, seams } = analyse(DISTORTERS['convertedEbook']!(PROSE, seededRandom(2)).source);
    expect(Math.floor(convention.wrapGap / 3)).toBe(1);
    expect(convention.marked).toBe(true);
    expect(gapAt(table, seams, 0)).not.toBe(convention.wrapGap);
  });
});

test('numbers belong to a list only where the next one follows', () => {
  const sequence = (source: string) => {
    const { table, seams } = analyse(source);
    return [...findSequence(source, table, seams)];
  };
  expect(sequence('The points:\n1. flour\nand more of it\n2. tallow\n3. teeth')).toEqual([1, 0, 1, 1]);
  expect(sequence('It was in the year\n12. The mill stood.\nIt had\n40. teeth')).toEqual([0, 0, 0]);
});
