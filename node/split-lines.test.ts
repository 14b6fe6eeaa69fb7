import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { splitLines } from './split-lines.ts';

async function linesOf(chunks: readonly Uint8Array[], longest?: number) {
  const stream = (async function* () {
    yield* chunks;
  })();
  const found: (string | undefined)[] = [];
  for await (const lines of splitLines(stream, longest)) found.push(...lines);
  return found;
}

const bytes = (text: string) => new TextEncoder().encode(text);

describe('lines', () => {
  test('are the same however their bytes arrive', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.constantFrom('a', '{"é": 1}', '😀', '\n', '\r\n', '\u2028', ' '), { maxLength: 30 }),
        fc.array(fc.nat(60), { maxLength: 5 }),
        async (parts, cuts) => {
          const whole = bytes(parts.join(''));
          const places = [0, ...cuts.filter((cut) => cut < whole.length).sort((a, b) => a - b), whole.length];
          const chunks = places.slice(1).map((to, at) => whole.subarray(places[at], to));
          const expected = parts
            .join('')
            .split('\n')
            .map((line) => line.trim())
            .filter((line) => line !== '');
          expect(await linesOf(chunks)).toEqual(expected);
        },
      ),
    );
  });

  test('that are too long are not kept, and those after them are', async () => {
    expect(await linesOf([bytes('abc\nabcdef'), bytes('gh\nab\n')], 4)).toEqual(['abc', undefined, 'ab']);
  });

  test('that do not end are an error', async () => {
    await expect(
      linesOf(
        Array.from({ length: 50 }, () => bytes('abcd')),
        4,
      ),
    ).rejects.toThrow(RangeError);
  });
});
