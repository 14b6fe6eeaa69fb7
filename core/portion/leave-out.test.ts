import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { clean, revise } from '../cleaning/clean.ts';
import type { Cleaning } from '../cleaning/cleaning.ts';
import { cleanText } from '../cleaning/output.ts';
import type { Choice } from '../choices/choice.ts';
import { pieceText } from '../edits/piece.ts';
import { applyStep, NO_HISTORY, outcomeOf, type Step } from '../history/history.ts';
import { Decision } from '../seams/seam-table.ts';
import { DEFAULT_STYLE } from '../style/style.ts';
import { DISTORTERS } from '../testing/distort.ts';
import { parseProse } from '../testing/marked-prose.ts';
import { seededRandom } from '../testing/random.ts';
import { piecesIn, trimmed, type Portion } from './in-portion.ts';
import { stepForPortion, viewPortion } from './portion.ts';
import { wholeWords } from './whole-words.ts';

const CREEK = `A tide mill asks for nothing but patience, and twice
a day the creek fills the pond (the old one), and be-
fore the evening the miller lets it out again through
a gate no wider than a cart.

So it went on for forty years, and nobody asked why.
`;

const plain = clean(CREEK, DEFAULT_STYLE);

/** The range from the beginning of some words to the end of others, each there once. */
function rangeOf(first: string, last = first, source = CREEK): Portion {
  return { from: source.indexOf(first), to: source.indexOf(last) + last.length };
}

function take(cleaning: Cleaning, step: Step | undefined): Cleaning {
  const { style, choices } = outcomeOf(applyStep(NO_HISTORY, step!), DEFAULT_STYLE);
  return revise(cleaning, style, choices);
}

const without = (range: Portion) => cleanText(take(plain, stepForPortion(plain, range, { kind: 'leave-out' })));

describe('leaving out', () => {
  test.each([
    ['words within a line', rangeOf('for nothing', 'but'), 'mill asks patience, and'],
    ['words before a mark', rangeOf('old one'), '(the), and before'],
    ['a word in brackets', rangeOf('(the old one)'), 'fills the pond, and before'],
    ['the beginning of a line', rangeOf('a day the'), 'twice creek fills'],
    ['the end of a line', rangeOf('patience', 'twice'), 'nothing but a day the creek'],
    ['part of a word, which goes whole', rangeOf('ree'), 'a day the fills'],
    ['half of a split word, which goes whole', rangeOf('fore the'), 'and evening the miller'],
    ['its other half', rangeOf('be-'), 'and the evening'],
    ['from within a line into the one after', rangeOf('nothing', 'day'), 'asks for the creek fills'],
    ['from within a line over a whole one', rangeOf('patience,', 'be-\nfore the'), 'for nothing but evening the'],
  ])('%s', (_name, range, words) => {
    expect(without(range)).toContain(words);
    expect(without(range)).toContain('\n\nSo it went on');
  });

  test('comes back with one step', () => {
    const range = rangeOf('patience,', 'the creek');
    const left = take(plain, stepForPortion(plain, range, { kind: 'leave-out' }));
    expect(viewPortion(left, range)?.isLeftOut).toBe(true);
    const back = stepForPortion(left, range, { kind: 'take-back' });
    const history = applyStep(applyStep(NO_HISTORY, stepForPortion(plain, range, { kind: 'leave-out' })!), back!);
    expect(cleanText(clean(CREEK, DEFAULT_STYLE, outcomeOf(history, DEFAULT_STYLE).choices))).toBe(cleanText(plain));
  });

  test('of a line part by part takes the line', () => {
    const first = stepForPortion(plain, rangeOf('So it went on', 'for forty'), { kind: 'leave-out' });
    const left = take(plain, first);
    const rest = stepForPortion(left, rangeOf('years,', 'nobody asked why.'), { kind: 'leave-out' });
    const { choices } = outcomeOf(applyStep(applyStep(NO_HISTORY, first!), rest!), DEFAULT_STYLE);
    expect(cleanText(clean(CREEK, DEFAULT_STYLE, choices))).toMatch(/wider than a cart\.$/);
  });

  test('never makes one word of the two beside it', () => {
    const head = 'SALTFERN REACH';
    const source = CREEK.replace('fore the evening', `\n${head}\n\nfore the evening`);
    const from = source.indexOf(head);
    const parted: Choice = { kind: 'seam', from: from - 2, to: from - 1, decision: Decision.break };
    const left = clean(source, DEFAULT_STYLE, [parted, { kind: 'drop', from, to: from + head.length }]);
    expect(cleanText(left)).toMatch(/and be-\s+fore/);
  });

  test('holding and limiting take the halves of a split word as one', () => {
    const step = stepForPortion(plain, rangeOf('fore'), { kind: 'only' });
    expect(step).toMatchObject({ choice: { kind: 'limit', ...rangeOf('be-\nfore') } });
    const held = take(plain, stepForPortion(plain, rangeOf('fore'), { kind: 'hold' }));
    expect(cleanText(held)).toContain('and be-\nfore the');
  });
});

const PROSE = parseProse(readFileSync('samples/prose/novella-chapter.txt', 'utf8'));
const wordsOf = (text: string) => text.match(/[\p{L}\p{M}\p{N}]+/gu) ?? [];

test('law: what is left out and what stays are together what was; no word arises that was not there', () => {
  fc.assert(
    fc.property(fc.constantFrom(...Object.keys(DISTORTERS)), fc.nat(), (distorter, seed) => {
      const random = seededRandom(seed);
      const { source } = DISTORTERS[distorter]!(PROSE.slice(0, 5), random);
      const before = clean(source, DEFAULT_STYLE);
      const from = Math.floor(random() * source.length);
      const bare = trimmed(source, { from, to: from + Math.ceil(random() * 200) });
      if (bare.from >= bare.to) return;
      const after = take(before, stepForPortion(before, bare, { kind: 'leave-out' }));
      const range = wholeWords(before, bare);
      const gone = [...piecesIn(before, range.from, range.to)].map((piece) =>
        piece.text === undefined
          ? source.slice(Math.max(piece.from, range.from), Math.min(piece.to, range.to))
          : pieceText(source, piece),
      );
      const together = wordsOf(`${cleanText(after)} ${gone.join('')}`).sort();
      expect(together).toEqual(wordsOf(cleanText(before)).sort());
    }),
    { numRuns: 300 },
  );
});
