import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { indexWords } from '../text/word-index.ts';
import { toSourceRanges } from './positions.ts';
import { findWordChanges, tallyWords } from './conservation.ts';
import { applyLocalEdits, sourceRange, type LocalEdit } from './local-edit.ts';
import { replaced, textOfPieces, verbatim, type Piece } from './piece.ts';

const SOURCE = 'The first ﬂood  filled the of-\nfice [4] and more.';

/** Edits in order that do not overlap, over a text of some length. */
function edits(length: number): fc.Arbitrary<LocalEdit[]> {
  return fc
    .uniqueArray(fc.nat(length), { maxLength: 8 })
    .map((cuts) => cuts.sort((a, b) => a - b))
    .chain((cuts) =>
      fc
        .array(fc.constantFrom('', ' ', 'x', 'yy'), { minLength: cuts.length, maxLength: cuts.length })
        .map((inserts) => {
          const made: LocalEdit[] = [];
          for (let at = 0; at + 1 < cuts.length; at += 2)
            made.push({ from: cuts[at]!, to: cuts[at + 1]!, insert: inserts[at]! });
          return made;
        }),
    );
}

const applied = (text: string, list: readonly LocalEdit[]) =>
  [...list].reverse().reduce((now, edit) => now.slice(0, edit.from) + edit.insert + now.slice(edit.to), text);

describe('local edits', () => {
  test('two rounds of edits: the text is as edited, and the pieces still tile the source', () => {
    const twice = edits(SOURCE.length).chain((first) => {
      const text = applied(SOURCE, first);
      return edits(text.length).map((second) => ({ first, second }));
    });
    fc.assert(
      fc.property(twice, ({ first, second }) => {
        const whole: Piece[] = [verbatim(0, SOURCE.length)];
        const once = applyLocalEdits(SOURCE, whole, first, 'one');
        const text = textOfPieces(SOURCE, once);
        expect(text).toBe(applied(SOURCE, first));
        const again = applyLocalEdits(text, once, second, 'two');
        expect(textOfPieces(SOURCE, again)).toBe(applied(text, second));
        let at = 0;
        for (const piece of again) {
          expect(piece.from).toBe(at);
          at = piece.to;
        }
        expect(at).toBe(SOURCE.length);
      }),
      { numRuns: 500 },
    );
  });

  test('an edit inside a replaced piece takes the whole piece, and both passes are named', () => {
    const pieces = [verbatim(0, 10), replaced(10, 11, 'fl', 'ligatures'), verbatim(11, SOURCE.length)];
    const text = textOfPieces(SOURCE, pieces);
    const edit = { from: 11, to: 13, insert: 'L' };
    expect(sourceRange(pieces, edit)).toEqual({ from: 10, to: 12 });
    expect(applyLocalEdits(text, pieces, [edit], 'test')[1]).toEqual({
      from: 10,
      to: 12,
      text: 'fL',
      passes: ['ligatures', 'test'],
    });
  });
});

describe('word changes', () => {
  test.each([
    [
      'a mended word',
      [verbatim(0, 29), replaced(29, 31, '', 'split-words'), verbatim(31, 49)],
      { removed: 0, inserted: 0, mended: 1 },
    ],
    [
      'a removed mark',
      [verbatim(0, 35), replaced(35, 39, '', 'reference-marks'), verbatim(39, 49)],
      { removed: 1, inserted: 0, mended: 0 },
    ],
    [
      'a ligature is the same word',
      [verbatim(0, 10), replaced(10, 11, 'fl', 'ligatures'), verbatim(11, 49)],
      { removed: 0, inserted: 0, mended: 0 },
    ],
    [
      'white space is no word',
      [verbatim(0, 14), replaced(14, 16, ' ', 'doubled-spaces'), verbatim(16, 49)],
      { removed: 0, inserted: 0, mended: 0 },
    ],
    ['another word', [replaced(0, 3, 'A', 'own'), verbatim(3, 49)], { removed: 1, inserted: 1, mended: 0 }],
  ] as const)('%s', (_name, pieces, expected) => {
    expect(tallyWords(SOURCE, indexWords(SOURCE), pieces)).toMatchObject(expected);
  });

  test('say which words, and who did it', () => {
    const [change] = findWordChanges(SOURCE, [
      verbatim(0, 35),
      replaced(35, 39, '', 'reference-marks'),
      verbatim(39, 49),
    ]);
    expect(change).toMatchObject({ removed: ['4'], inserted: [], mended: false, passes: ['reference-marks'] });
  });
});

describe('rulings of a person', () => {
  const whole: Piece[] = [verbatim(0, SOURCE.length)];
  const first = SOURCE.indexOf('first');
  const flood = SOURCE.indexOf('ﬂ');
  const both: LocalEdit[] = [
    { from: first, to: first + 5, insert: 'last', certainty: 0.6, why: 'maybe' },
    { from: flood, to: flood + 1, insert: 'fl' },
  ];

  test('leave out the edits that may not be made', () => {
    const pieces = applyLocalEdits(SOURCE, whole, both, 'one', {
      mayEdit: (from) => from !== first,
      isApproved: () => false,
    });
    expect(textOfPieces(SOURCE, pieces)).toBe(SOURCE.replace('ﬂ', 'fl'));
  });

  test('the least certain of what was put together is what counts, unless it was found right', () => {
    const made = applyLocalEdits(SOURCE, whole, both, 'one');
    expect(made.find(({ text }) => text === 'last')).toMatchObject({ certainty: 0.6, why: 'maybe' });
    const text = textOfPieces(SOURCE, made);
    const again = applyLocalEdits(
      text,
      made,
      [{ from: first, to: first + 1, insert: 'L', certainty: 0.8, why: 'other' }],
      'two',
    );
    expect(again.find((piece) => piece.text === 'Last')).toMatchObject({
      certainty: 0.6,
      why: 'maybe',
      passes: ['one', 'two'],
    });
    const approved = applyLocalEdits(SOURCE, whole, both, 'one', { mayEdit: () => true, isApproved: () => true });
    expect(approved.every(({ certainty }) => certainty === undefined)).toBe(true);
  });
});

describe('the way back from the clean text to the source', () => {
  const list = (ranges: readonly (readonly [number, number])[]) => ({
    from: Uint32Array.from(ranges, ([from]) => from),
    to: Uint32Array.from(ranges, ([, to]) => to),
  });

  test('what stands as it is comes from its own place, what was changed from the whole of it', () => {
    fc.assert(
      fc.property(edits(SOURCE.length), edits(SOURCE.length), (made, asked) => {
        const pieces = applyLocalEdits(SOURCE, [verbatim(0, SOURCE.length)], made, 'one');
        const text = textOfPieces(SOURCE, pieces);
        const ranges = asked.map(({ from, to }) => [Math.min(from, text.length), Math.min(to, text.length)] as const);
        const { from, to } = toSourceRanges(pieces, list(ranges));
        for (const [at, [a, b]] of ranges.entries()) {
          expect(from[at]!).toBeLessThanOrEqual(to[at]!);
          const inside = pieces.filter((piece) => piece.from < to[at]! && piece.to > from[at]!);
          if (a < b && inside.every((piece) => piece.text === undefined)) {
            expect(SOURCE.slice(from[at], to[at])).toBe(text.slice(a, b));
          }
        }
      }),
      { numRuns: 400 },
    );
  });

  test('of nothing is nothing', () => {
    expect(toSourceRanges([], list([[0, 0]])).from).toEqual(Uint32Array.of(0));
    expect(toSourceRanges([verbatim(0, 4)], list([])).from).toHaveLength(0);
  });
});
