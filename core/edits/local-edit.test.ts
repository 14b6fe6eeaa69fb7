import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { indexWords } from '../text/word-index.ts';
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
