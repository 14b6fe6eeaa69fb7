import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { replaced, textOfPieces, verbatim, type Piece } from './piece.ts';
import { toCleanPosition, toSourcePosition } from './positions.ts';

const SOURCE = 'The miller kept a slate by the sluice.';

/** Pieces that tile the source: some verbatim, some replaced, some replaced by nothing. */
const pieces = fc.uniqueArray(fc.integer({ min: 1, max: SOURCE.length - 1 }), { maxLength: 6 }).chain((cuts) => {
  const ends = [...cuts.sort((a, b) => a - b), SOURCE.length];
  return fc
    .array(fc.constantFrom(undefined, undefined, '', 'x', 'two words'), {
      minLength: ends.length,
      maxLength: ends.length,
    })
    .map((texts) =>
      ends.map((to, at): Piece => {
        const from = ends[at - 1] ?? 0;
        const text = texts[at];
        return text === undefined ? verbatim(from, to) : replaced(from, to, text, 'test');
      }),
    );
});

describe('positions', () => {
  test('of what stands as it is go there and back', () => {
    fc.assert(
      fc.property(pieces, fc.nat(), (all, number) => {
        const text = textOfPieces(SOURCE, all);
        const offset = number % (text.length + 1);
        const there = toSourcePosition(all, offset, 'start')!;
        if (there.isReplaced || offset === text.length) return;
        expect(SOURCE[there.at]).toBe(text[offset]);
        expect(toCleanPosition(all, there.at, 'start')).toEqual({ at: offset, isReplaced: false });
      }),
    );
  });

  test('in something replaced are at one of its ends, as the side says', () => {
    const all = [verbatim(0, 4), replaced(4, 10, 'keeper', 'test'), verbatim(10, SOURCE.length)];
    expect(toSourcePosition(all, 6, 'start')).toEqual({ at: 4, isReplaced: true });
    expect(toSourcePosition(all, 6, 'end')).toEqual({ at: 10, isReplaced: true });
    expect(toSourcePosition(all, 4, 'end')).toEqual({ at: 4, isReplaced: false });
    expect(toCleanPosition(all, 7, 'start')).toEqual({ at: 4, isReplaced: true });
    expect(toCleanPosition(all, 7, 'end')).toEqual({ at: 10, isReplaced: true });
  });

  test('are in order where the offsets are', () => {
    fc.assert(
      // At one offset the start lies behind what was taken out there, the end before it.
      fc.property(pieces, fc.nat(60), fc.integer({ min: 1, max: 60 }), (all, from, length) => {
        const to = from + length;
        expect(toSourcePosition(all, from, 'start')!.at).toBeLessThanOrEqual(toSourcePosition(all, to, 'end')!.at);
        expect(toCleanPosition(all, from, 'start').at).toBeLessThanOrEqual(toCleanPosition(all, to, 'end').at);
      }),
    );
  });

  test('of nothing are nowhere', () => {
    expect(toSourcePosition([], 0, 'start')).toBeUndefined();
    expect(toCleanPosition([], 5, 'end')).toEqual({ at: 0, isReplaced: false });
  });
});
