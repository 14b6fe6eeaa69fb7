/** @jest-environment jsdom */
import { afterEach, describe, expect, test } from '@jest/globals';
import { digested } from '../../../../core/report/digest.ts';
import { cleanup, render, screen } from '@testing-library/react';
import { clean, Decision, DEFAULT_STYLE, planRows, type Place } from '../../../../core/index.ts';
import { EVIDENCE_NAMES } from '../../../../core/seams/evidence/evidence.ts';
import { breakable } from '../../../ui/long-words.tsx';
import { CleanCell } from './clean-cell.tsx';
import { layoutColumns, rowHeight } from './column-layout.ts';
import { reasonWords } from '../words/seam-words.ts';
import type { Editor } from '../editing/use-editor.ts';
import { SourceCell } from './source-cell.tsx';
import { Tally } from '../tally.tsx';

afterEach(cleanup);

describe('columns', () => {
  test.each([
    [1000, 0],
    [1000, 52],
    [1000, 78],
    [760, 120],
    [1600, 96],
  ])(
    '%i px with a measure of %i: all three columns have room, and a measured line stays whole where it can',
    (width, measure) => {
      const layout = layoutColumns(width, measure);
      expect(layout.source + layout.ribbon).toBeLessThan(width * 0.75);
      expect(layout.clean).toBeGreaterThanOrEqual(160);
      if (measure > 0 && measure < 60) expect(layout.sourceCharacters).toBeGreaterThanOrEqual(measure);
      expect(layout.sourceFont).toBeGreaterThanOrEqual(10);
      expect(layout.measureAt ?? 0).toBeLessThanOrEqual(layout.source);
    },
  );

  test('a measured line stays whole where the browser rounds the advance of a character', () => {
    for (const width of [1000, 1052, 1400]) {
      for (const measure of [52, 57, 66]) {
        const layout = layoutColumns(width, measure, 0, (size) => Math.round(size * 0.6));
        const fits = layout.sourceCharacters >= measure;
        expect(fits || layout.sourceFont === 10).toBe(true);
      }
    }
    expect(layoutColumns(1052, 55, 0, Math.round).source).toBeLessThanOrEqual(0.58 * 1052);
  });

  test('a longer row is guessed higher, and every row has a height', () => {
    const plan = planRows(
      digested(clean(`Low Water\n\n${'The tide turned and the mill stood still. '.repeat(30)}`, DEFAULT_STYLE)),
    );
    const layout = layoutColumns(1000, 0);
    expect(rowHeight(plan, 0, layout)).toBeGreaterThan(20);
    expect(rowHeight(plan, 1, layout)).toBeGreaterThan(5 * rowHeight(plan, 0, layout));
  });
});

describe('reasons', () => {
  test('each piece of evidence has words for at least one side', () => {
    for (const name of EVIDENCE_NAMES) {
      const said = [1, -1].flatMap((weight) => Object.values(reasonWords([{ name, weight }], Decision.break)).flat());
      expect(said.length).toBeGreaterThan(0);
    }
  });

  test('what speaks for a paragraph speaks against a join', () => {
    const reasons = [
      { name: 'endsStop', weight: 1 },
      { name: 'fullLine', weight: -2 },
    ] as const;
    expect(reasonWords(reasons, Decision.break)).toEqual({
      for: ['this line ends a sentence'],
      against: ['this line is full'],
    });
    expect(reasonWords(reasons, Decision.join)).toEqual({
      for: ['this line is full'],
      against: ['this line ends a sentence'],
    });
  });
});

describe('cells', () => {
  const ref = { current: null };

  test('the source shows line numbers, and strikes what is gone', () => {
    const lines = [
      {
        number: 7,
        dropped: false,
        end: '\n',
        runs: [
          { from: 0, to: 7, text: 'A cart.', passes: [], fate: 'kept' as const },
          { from: 7, to: 10, text: '[4]', passes: ['reference-marks'], fate: 'gone' as const },
        ],
      },
      {
        number: 0,
        dropped: true,
        end: '\n',
        runs: [{ from: 11, to: 13, text: '12', passes: ['page-furniture'], fate: 'gone' as const }],
      },
    ];
    const { container } = render(
      <SourceCell ref={ref} lines={lines} lit="page-furniture" shown={undefined} isSigned={false} folds={false} />,
    );
    expect(screen.getByText('7')).toBeTruthy();
    expect(container.querySelector('[data-fate="gone"]')?.textContent).toBe('[4]');
    expect(container.querySelector('[data-lit]')?.textContent).toBe('12');
    expect(container.querySelectorAll('[data-dropped]')).toHaveLength(1);
  });

  const editor: Editor = {
    edit: () => Promise.resolve(false),
    undo: () => undefined,
    redo: () => undefined,
    arrive: () => undefined,
    note: () => undefined,
    takeKeys: () => () => undefined,
    stand: () => undefined,
    enterBy: () => undefined,
    entry: () => undefined,
    reachOut: () => undefined,
    onReachOut: () => () => undefined,
  };
  const plain = {
    ref,
    goesOn: false,
    from: 0,
    to: 200,
    language: 'en',
    isSigned: false,
    editor,
    leftOut: 0,
    onTakeBack: () => undefined,
  };

  test('the clean text reads without the edits, and marks those that are lit', () => {
    const runs = [
      { from: 0, to: 4, text: 'The ', passes: [], fate: 'kept' as const },
      { from: 4, to: 8, text: 'first', passes: ['ligatures'], fate: 'changed' as const },
      { from: 8, to: 11, text: '', passes: ['reference-marks'], fate: 'gone' as const },
    ];
    const { container, rerender } = render(
      <CleanCell {...plain} runs={runs} kind={0} lit={undefined} shown={undefined} />,
    );
    expect(container.textContent).toBe('The first');
    expect(container.querySelectorAll('mark')).toHaveLength(0);
    rerender(<CleanCell {...plain} runs={runs} kind={1} lit="ligatures" shown={undefined} />);
    expect(container.querySelector('h2 mark')?.textContent).toBe('first');
    rerender(<CleanCell {...plain} runs={runs} kind={0} lit="reference-marks" shown={undefined} />);
    expect(container.querySelectorAll('mark')).toHaveLength(1);
  });

  test('what is being shown is marked on both sides, to the letter where it stands as it was', () => {
    const runs = [
      { from: 100, to: 108, text: 'The mill', passes: [], fate: 'kept' as const },
      { from: 108, to: 109, text: ' ', passes: ['wrapped-lines'], fate: 'gone' as const },
      { from: 109, to: 115, text: 'stands', passes: [], fate: 'kept' as const },
    ];
    const shownIn = (place: Place) =>
      [
        ...render(
          <CleanCell {...plain} runs={runs} kind={0} lit={undefined} shown={place} />,
        ).container.querySelectorAll('[data-shown]'),
      ].map((mark) => mark.textContent);
    expect(shownIn({ from: 104, to: 108 })).toEqual(['mill']);
    expect(shownIn({ from: 106, to: 111 })).toEqual(['ll', ' ', 'st']);
    expect(shownIn({ from: 300, to: 301 })).toEqual([]);
    const { container } = render(
      <SourceCell
        ref={ref}
        lines={[{ number: 1, dropped: false, end: '\n', runs }]}
        lit={undefined}
        isSigned={false}
        folds={false}
        shown={{ from: 109, to: 110 }}
      />,
    );
    expect(container.querySelector('[data-shown]')?.textContent).toBe('s');
  });

  test('the tally says the whole sum to who cannot see it', () => {
    render(<Tally tally={{ wordsIn: 1284, wordsOut: 1241, removed: 24, inserted: 0, mended: 19 }} />);
    expect(screen.getByRole('img').getAttribute('aria-label')).toMatch(
      /^1,284 words in the source = 1,241 in the clean text \+ 24 removed \+ 19/,
    );
    expect(screen.getByRole('img').textContent).not.toContain('new');
  });

  test('very long words may break, and nothing of them is lost', () => {
    expect(breakable('short words')).toBe('short words');
    const long = `see ${'x'.repeat(500)} there`;
    const { container } = render(<p>{breakable(long)}</p>);
    expect(container.textContent).toBe(long);
    expect(container.querySelectorAll('wbr').length).toBeGreaterThan(5);
  });
});
