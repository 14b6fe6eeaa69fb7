import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import type { Choice } from '../choices/choice.ts';
import { clean } from '../cleaning/clean.ts';
import { cleanText } from '../cleaning/output.ts';
import { Element, type Layout } from '../layout/layout.ts';
import { digested, digestOf } from '../report/digest.ts';
import { DEFAULT_STYLE } from '../style/style.ts';
import { DISTORTERS } from '../testing/distort.ts';
import { parseProse } from '../testing/marked-prose.ts';
import { seededRandom } from '../testing/random.ts';
import { RowKind } from './row-kind.ts';
import { planRows, rowAt, rowOfSeam } from './row-plan.ts';
import { Decision } from '../seams/seam-table.ts';
import { viewRow } from './row-view.ts';

const PROSE = parseProse(readFileSync('samples/prose/tide-mills.txt', 'utf8'));

const text = fc.oneof(
  fc
    .record({ name: fc.constantFrom(...Object.keys(DISTORTERS)), seed: fc.nat() })
    .map(({ name, seed }) => DISTORTERS[name]!(PROSE, seededRandom(seed)).source),
  fc
    .array(
      fc.constantFrom('\n', '\n\n', ' ', 'mill ', 'The tide. ', '12\n\f', 'x'.repeat(2500), '😀'.repeat(900), '漢'),
      { maxLength: 60 },
    )
    .map((parts) => parts.join('')),
);

function planned(source: string) {
  const cleaning = clean(source, DEFAULT_STYLE);
  return { cleaning, plan: planRows(digested(cleaning)) };
}

describe('rows', () => {
  test('tile the source and its lines, and are found by position', () => {
    fc.assert(
      fc.property(text, (source) => {
        const { cleaning, plan } = planned(source);
        let at = 0;
        let line = 0;
        for (let row = 0; row < plan.count; row++) {
          expect(plan.from[row]).toBe(at);
          expect(plan.firstLine[row]).toBe(line);
          expect(rowAt(plan, at)).toBe(row);
          at = plan.to[row]!;
          line += plan.lineCount[row]!;
        }
        expect(at).toBe(plan.count === 0 ? 0 : source.length);
        if (plan.count > 0) expect(line).toBe(cleaning.table.index.count);
        expect(plan.cleanLength.reduce((sum, length) => sum + length, 0)).toBe(cleanText(cleaning).length);
      }),
      { numRuns: 60 },
    );
  });

  test('show all of the source, all of the clean text and each seam once', () => {
    fc.assert(
      fc.property(text, (source) => {
        const { cleaning, plan } = planned(source);
        const views = Array.from({ length: plan.count }, (_, row) => viewRow(cleaning, plan, row));
        const visible = (all: string) => all.replace(/[\s\u00ad]/g, '');
        const shown = views.flatMap((view) => view.lines.flatMap((line) => line.runs.map((run) => run.text))).join('');
        expect(visible(shown)).toBe(visible(source));
        const clear = views.flatMap((view) => view.clean.map((run) => run.text)).join('');
        expect(visible(clear)).toBe(visible(cleanText(cleaning)));
        const seams = views.flatMap((view) => view.seams.map((seam) => seam.seam));
        expect(seams).toEqual(Array.from({ length: cleaning.decided.seams.count }, (_, seam) => seam));
        const numbers = views.flatMap((view) => view.lines.map((line) => line.number)).filter((number) => number > 0);
        expect(numbers).toEqual([...numbers].sort((a, b) => a - b));
      }),
      { numRuns: 60 },
    );
  });

  test('a very long paragraph is cut into rows at spaces, and says that it goes on', () => {
    const { cleaning, plan } = planned('The tide turns again. '.repeat(1000));
    expect(plan.count).toBeGreaterThan(5);
    expect([...plan.goesOn].slice(1).every((flag) => flag === 1)).toBe(true);
    for (let row = 1; row < plan.count; row++) expect(cleaning.source[plan.from[row]! - 1]).toBe(' ');
  });

  test('dropped lines between blocks have a row of their own, and doubts are counted where they stand', () => {
    const { cleaning, plan } = planned(readFileSync('samples/texts/tide-mills.txt', 'utf8'));
    expect(plan.kind[0]).toBe(RowKind.dropped);
    const doubts = digestOf(cleaning).seams;
    expect(plan.doubts.reduce((sum, count) => sum + count, 0)).toBe(doubts.length);
    for (const seam of doubts) expect(plan.doubts[rowOfSeam(cleaning, plan, seam)]).toBeGreaterThan(0);
  });

  test('a seam tells its lines, its evidence and whether it can be mended', () => {
    const { cleaning, plan } = planned('The keeper was consid-\nered odd by his neigh-\nbours and his cat.\n');
    const [first] = viewRow(cleaning, plan, 0).seams;
    expect(first).toMatchObject({ lines: [1, 2], above: 0, below: 1, canMend: true, settled: false, split: 'usual' });
    expect(first!.reasons.length).toBeGreaterThan(0);
  });
});

describe('what a person did shows in the rows', () => {
  const SOURCE = `The ferry festival

By Dorcas Pell

The miller kept a slate by the sluice with the week’s
high waters chalked on it, and let the children of the
place wipe it clean on Saturdays.
`;
  const rangeOf = (words: string) => ({ from: SOURCE.indexOf(words), to: SOURCE.indexOf(words) + words.length });
  const viewed = (...choices: Choice[]) => {
    const cleaning = clean(SOURCE, DEFAULT_STYLE, choices);
    const plan = planRows(digested(cleaning));
    return { plan, views: Array.from({ length: plan.count }, (_, row) => viewRow(cleaning, plan, row)) };
  };
  const marks = ({ views }: ReturnType<typeof viewed>) =>
    views.flatMap(({ lines }) => lines).flatMap(({ number, byHand }) => (byHand ? [[number, byHand]] : []));

  test('by line: left out, held, rewritten', () => {
    const all = viewed(
      { kind: 'drop', ...rangeOf('By Dorcas Pell') },
      { kind: 'hold', ...rangeOf('high waters') },
      { kind: 'rewrite', ...rangeOf('Saturdays'), text: 'Sundays' },
    );
    expect(marks(all)).toEqual([
      [3, 'left-out'],
      [6, 'held'],
      [7, 'rewritten'],
    ]);
    expect([...all.plan.byHand]).toEqual([0, 1, 2]);
    expect([...all.plan.kind]).toContain(RowKind.dropped);
  });

  test('by row: line ends that were settled', () => {
    const { plan, views } = viewed();
    const { from, to } = views[2]!.seams[1]!;
    const settled = viewed({ kind: 'seam', from, to, decision: Decision.keep });
    expect([...settled.plan.settled]).toEqual([0, 0, 1]);
    expect([...plan.settled]).toEqual([0, 0, 0]);
    expect(settled.views[2]!.seams[1]).toMatchObject({ settled: true, certainty: 1, doubt: false });
  });

  test('each row knows its range, each line its end', () => {
    const { plan, views } = viewed();
    expect(views.map(({ from, to }) => [from, to])).toEqual([...plan.from].map((from, row) => [from, plan.to[row]]));
    expect(views[0]!.lines.map(({ end }) => end)).toEqual(['\n', '\n']);
  });
});

test('a row tells which of its lines the format calls headings, and where a page turns or a column begins', () => {
  const layout: Layout = {
    element: Uint8Array.of(Element.heading, Element.heading, Element.paragraph),
    level: Uint8Array.of(2, 2, 0),
    region: new Uint8Array(3),
    block: Uint32Array.of(1, 1, 2),
    ranges: [],
    columns: Uint32Array.of(2),
  };
  const cleaning = clean('The gate\n\nIt is of oak.', DEFAULT_STYLE, [], { layout });
  const plan = planRows(digested(cleaning));
  const lines = Array.from({ length: plan.count }, (_, row) => viewRow(cleaning, plan, row).lines).flat();
  expect(lines.filter(({ isTitle }) => isTitle).map(({ number }) => number)).toEqual([1]);
  expect(lines.filter(({ beginsColumn }) => beginsColumn).map(({ number }) => number)).toEqual([3]);
  const turned = planned('The tide fell\n\fand rose.');
  expect(viewRow(turned.cleaning, turned.plan, 0).lines.map(({ end }) => end.includes('\f'))).toContain(true);
});
