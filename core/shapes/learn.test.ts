import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { INDEX_FAMILIES, indexLines, readMarks, type IndexFamily } from '../testing/index-lines.ts';
import { seededRandom } from '../testing/random.ts';
import { learnPatterns, type Example } from './learn.ts';
import { lineTokens } from './tokens.ts';
import { matcherOf } from './match-shape.ts';

/** Of many lines: those that come out right, those that are left as they are, those that come out wrong, strays that are changed. */
function tryOn(family: IndexFamily, examples: readonly Example[], seed: number) {
  const random = seededRandom(seed);
  const learned = learnPatterns(examples);
  if (!learned.ok) throw new Error(`${family.name}: ${learned.problem}`);
  const { match } = matcherOf(learned.readings[0]!);
  const counts = { right: 0, left: 0, wrong: [] as string[], strays: [] as string[] };
  for (const { line, parts } of indexLines(family, random, 120)) {
    const found = match(line);
    if (!found) counts.left++;
    else if (JSON.stringify(found) === JSON.stringify(parts)) counts.right++;
    else counts.wrong.push(line);
  }
  for (let at = 0; at < 20; at++) {
    const stray = family.stray?.(random);
    if (stray !== undefined && match(stray)) counts.strays.push(stray);
  }
  return counts;
}

const isRight = (counts: ReturnType<typeof tryOn>) =>
  counts.right === 120 && counts.wrong.length === 0 && counts.strays.length === 0;

describe('twenty-four families of index lines', () => {
  test('nearly all come out right from one example, and no line comes out wrong', () => {
    const failed = INDEX_FAMILIES.filter((family) => {
      const counts = tryOn(family, indexLines(family, seededRandom(3), 1), 11);
      expect([family.name, counts.wrong, counts.strays]).toEqual([family.name, [], []]);
      return !isRight(counts);
    });
    expect(failed.map(({ name }) => name).length).toBeLessThanOrEqual(1);
  });

  test('all from two examples, the second of them a line that the first did not fit', () => {
    const failed = INDEX_FAMILIES.filter((family) => {
      const [first] = indexLines(family, seededRandom(3), 1);
      const learned = learnPatterns([first!]);
      const { match } = matcherOf(learned.ok ? learned.readings[0]! : { patterns: [] });
      const second = indexLines(family, seededRandom(5), 200).find(({ line }) => !match(line));
      return !isRight(tryOn(family, second ? [first!, second] : [first!], 13));
    });
    expect(failed.map(({ name }) => name)).toEqual([]);
  });
});

describe('law: each reading gives the marked parts of every example', () => {
  const piece = fc.constantFrom(
    '03:12',
    '| ',
    ' – ',
    '  ',
    'The rope walk',
    'Stop 4',
    ': ',
    'saltfern.example/s4',
    '(1880)',
    '12.',
    ' ... ',
    '\t',
    '7',
    ', ',
    '—',
    'é',
    '*',
    '1 May 1890',
    '-',
  );
  test('whole words that are marked are what is kept of the example, in each reading', () => {
    const places = fc.array(fc.nat(), { minLength: 1, maxLength: 4 });
    fc.assert(
      fc.property(fc.array(piece, { minLength: 2, maxLength: 9 }), places, (pieces, marked) => {
        const line = pieces.join(' ').trim();
        const words = lineTokens(line).filter(({ is }) => is !== 'sign');
        fc.pre(words.length > 0);
        const at = [...new Set(marked.map((place) => place % words.length))].sort((a, b) => a - b);
        const parts = at.map((place) => ({ from: words[place]!.from, to: words[place]!.to }));
        const learned = learnPatterns([{ line, parts }]);
        if (!learned.ok) return;
        for (const reading of learned.readings) expect(matcherOf(reading).match(line)).toEqual(parts);
      }),
      { numRuns: 500 },
    );
  });

  test('on lines put together at random', () => {
    fc.assert(
      fc.property(fc.array(piece, { minLength: 2, maxLength: 9 }), fc.nat(), fc.nat(), fc.nat(), (pieces, a, b, c) => {
        const line = pieces.join(' ');
        const cut = [a, b, c].map((at) => at % (line.length + 1)).sort((x, y) => x - y);
        const examples = [
          {
            line,
            parts: [
              { from: cut[0]!, to: cut[1]! },
              ...(cut[2]! > cut[1]! + 3 ? [{ from: cut[1]! + 3, to: cut[2]! }] : []),
            ],
          },
        ];
        const learned = learnPatterns(examples);
        if (!learned.ok) return;
        for (const reading of learned.readings) {
          const found = matcherOf(reading).match(line)!;
          for (const { from, to } of found) expect(line.slice(from, to).trim()).toBe(line.slice(from, to));
          // Parts may have grown to whole words, never further.
          const kept = found.map(({ from, to }) => line.slice(from, to)).join(' ');
          const wanted = line
            .slice(cut[0], cut[1])
            .trim()
            .split(/\s+/)
            .filter((word) => /[\p{L}\p{N}]{2}/u.test(word));
          for (const word of wanted.slice(1, -1)) expect(kept).toContain(word);
        }
      }),
      { numRuns: 600 },
    );
  });
});

describe('small cases', () => {
  const learn = (...marked: string[]) => {
    const learned = learnPatterns(marked.map(readMarks));
    return (line: string) => {
      if (!learned.ok) return learned.problem;
      return learned.readings.map(
        (reading) =>
          matcherOf(reading)
            .match(line)
            ?.map(({ from, to }) => line.slice(from, to))
            .join('+') ?? '-',
      );
    };
  };
  test.each<[string[], string, string | string[]]>([
    // What parts two pieces stands twice: first or last.
    [['<Pell, Ada> – writer'], 'Orme, Marian – keeper – late', ['Orme, Marian', 'Orme, Marian – keeper']],
    // Words beside a mark with nothing between: these words, or as many.
    [['Chapter 1 <The Rope>'], 'Part 3 High water', ['-', 'High water']],
    [['03:12 | <The rope walk> | saltfern.example/s4'], '(Stop 23 is closed in winter.)', ['-']],
    [['03:12 | <The rope walk> | saltfern.example/s4'], '05:05 | The salt office | closed', ['-']],
    [['03:12 | <The rope walk> | saltfern.example/s4'], '05:05 - The salt office', ['The salt office']],
    [['<The rope walk> (1880)'], 'Nothing behind', ['-']],
    [['1. <The rope walk>'], '12 men went to the quay', ['-']],
    // Nothing but a sign tells the line: it has to be there.
    [['• <The bell rings>'], 'It is lit.', ['-']],
    [['- <The bell rings>'], 'It is lit.', ['-']],
    [['- <The bell rings>'], '   – It is lit.', ['It is lit.']],
    [['<The bell rings> |'], 'It is lit.', ['-']],
    [['<The bell rings> |'], 'It is lit |', ['It is lit']],
    // Signs and figures without blanks around them, and other scripts.
    [['第1章 <潮の水車> ..... 12'], '第2章 渡し船 ..... 30', ['渡し船', '渡し船']],
    [['“<The mill>”, 1890'], '“A door, for cats”, 1892', ['A door, for cats']],
    [['a=<1>'], 'size=12', ['12']],
    [['ship/<gannet>/log'], 'ship/heron/log', ['heron']],
    [['<The mill>.....................3'], 'The quay....12', ['The quay']],
    [['[x] <Buy tar>'], '[ ] Mend oars', ['Mend oars']],
    [['The rope walk'], 'x', 'nothing'],
    [['<The rope walk>'], 'x', 'whole'],
    [['<a> | <b>', '<a> | b'], 'x', 'parts'],
    [['03:12 <The rope walk>', '<The mill> 04:10'], 'The salt office 05:05', ['The salt office']],
  ])('%j on %j', (marked, line, expected) => {
    expect(learn(...marked)(line)).toEqual(expected);
  });
});
