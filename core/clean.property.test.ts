import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { clean, revise } from './clean.ts';
import type { Choice } from './choices/choice.ts';
import { allPieces, cleanText, undoneText } from './output.ts';
import { listWordChanges } from './report/report.ts';
import { rangeOfSeam } from './seams-in-force.ts';
import { markAt } from './seams/paragraph-mark.ts';
import { Decision } from './seams/seam-table.ts';
import { applyPassSwitch, DEFAULT_STYLE } from './style/style.ts';
import { PASSES } from './passes/index.ts';
import { DISTORTERS } from './testing/distort.ts';
import { parseProse } from './testing/marked-prose.ts';
import { pick, seededRandom } from './testing/random.ts';
import { countWords } from './text/words.ts';

const PROSE = ['tide-mills', 'keepers-log', 'novella-chapter', 'letter', 'ferry-festival'].map((id) =>
  parseProse(readFileSync(`samples/prose/${id}.txt`, 'utf8')),
);

/** Some of the demo prose through a distorter. */
function messOf(distorter: string) {
  return fc
    .record({ seed: fc.nat(), text: fc.nat(PROSE.length - 1), from: fc.nat(12) })
    .map(({ seed, text, from }) => DISTORTERS[distorter]!(PROSE[text]!.slice(from), seededRandom(seed)).source);
}

const realisticMess = fc.constantFrom(...Object.keys(DISTORTERS)).chain(messOf);

/** Anything at all, made of the characters and line shapes that matter most, so that the odd corners come up often. */
const anyMess = fc
  .array(
    fc.oneof(
      fc.constantFrom(...'\n\n\n\r\t -—.,:;?!"“”\'[]()12afz'.split('')),
      fc.constantFrom(
        '\r\n',
        '\f',
        '\u0085',
        '\u2028',
        '\u2029',
        '\u000b',
        '\u00a0',
        '\u00ad',
        '\u200b',
        '\ufeff',
        '\u0000',
        '\ud800',
        '\udc00',
        '😀',
        'ﬁ',
        '漢',
        'ש',
      ),
      fc.constantFrom(
        'the ',
        'mill',
        'Saltfern ',
        'tide-\n',
        're-\nmained',
        '[4]',
        '.³ ',
        '12\n\f',
        '00:00:01,000 --> 00:00:02,000\n',
        '[0:03] ',
        '• ',
        '2. ',
        '   ',
        '====\n',
        'CHAPTER II\n',
      ),
      fc.string({ unit: 'grapheme', maxLength: 8 }),
    ),
    { maxLength: 60 },
  )
  .map((parts) => parts.join(''));

const source = fc.oneof({ weight: 1, arbitrary: realisticMess }, { weight: 3, arbitrary: anyMess });

describe('laws of a cleaning', () => {
  test('pieces tile the source, and taking all edits back gives it byte for byte', () => {
    fc.assert(
      fc.property(source, (text) => {
        const cleaning = clean(text, DEFAULT_STYLE);
        let at = 0;
        for (const piece of allPieces(cleaning)) {
          expect(piece.from).toBe(at);
          expect(piece.to).toBeGreaterThanOrEqual(piece.from);
          at = piece.to;
        }
        expect(at).toBe(text.length);
        expect(undoneText(cleaning)).toBe(text);
      }),
      { numRuns: 300 },
    );
  });

  test('words in = words out + removed - inserted + mended, and each is listed', () => {
    fc.assert(
      fc.property(source, (text) => {
        const cleaning = clean(text, DEFAULT_STYLE);
        const { wordsIn, wordsOut, removed, inserted, mended } = cleaning.tally;
        expect(wordsIn).toBe(countWords(text));
        expect(wordsOut).toBe(countWords(cleanText(cleaning)));
        expect(wordsIn).toBe(wordsOut + removed - inserted + mended);
        const changes = listWordChanges(cleaning);
        const listed = (mends: boolean, side: 'removed' | 'inserted') =>
          changes.filter((change) => change.mended === mends).reduce((sum, change) => sum + change[side].length, 0);
        expect(listed(false, 'removed')).toBe(removed);
        expect(listed(false, 'inserted')).toBe(inserted);
        expect(listed(true, 'removed') - listed(true, 'inserted')).toBe(mended);
      }),
      { numRuns: 300 },
    );
  });

  test('CR, LF and CRLF versions of a text give the same clean text', () => {
    fc.assert(
      fc.property(source, (text) => {
        const lines = text.replace(/\r\n?/g, '\n');
        const cleanOf = (end: string) => cleanText(clean(lines.replace(/\n/g, end), DEFAULT_STYLE));
        const expected = cleanOf('\n');
        expect(cleanOf('\r\n')).toBe(expected);
        expect(cleanOf('\r')).toBe(expected);
      }),
      { numRuns: 200 },
    );
  });

  test.each(Object.keys(DISTORTERS))('cleaning the clean text of a realistic mess changes nothing: %s', (name) => {
    fc.assert(
      fc.property(messOf(name), (text) => {
        const once = cleanText(clean(text, DEFAULT_STYLE));
        expect(cleanText(clean(once, DEFAULT_STYLE))).toBe(once);
      }),
      { numRuns: 30 },
    );
  });

  test('revise gives what clean gives, whatever is chosen and switched', () => {
    fc.assert(
      fc.property(source, fc.nat(), (text, seed) => {
        const random = seededRandom(seed);
        let style = DEFAULT_STYLE;
        let choices: Choice[] = [];
        let cleaning = clean(text, style);
        for (let step = 0; step < 4; step++) {
          const { seams } = cleaning.decided;
          const seam = Math.floor(random() * seams.count);
          if (random() < 0.4) style = applyPassSwitch(style, pick(random, PASSES).id, random() < 0.5);
          else if (random() < 0.2 && seams.count > 0) {
            const mark = markAt(cleaning.table, seams, seam);
            choices = [...choices.filter(({ kind }) => kind !== 'mark'), { kind: 'mark', from: 0, to: 0, mark }];
          } else if (random() < 0.7 && seams.count > 0) {
            const decision = pick(random, Object.values(Decision));
            choices = [...choices, { kind: 'seam', ...rangeOfSeam(cleaning, seam), decision }];
          } else {
            const edited = [...allPieces(cleaning)].filter((piece) => piece.passes.length > 0);
            if (edited.length === 0) continue;
            const { from, to, passes } = pick(random, edited);
            choices = [...choices, { kind: 'stet', from, to, pass: passes[0]! }];
          }
          cleaning = revise(cleaning, style, choices);
          const afresh = clean(text, style, choices);
          expect(cleanText(cleaning)).toBe(cleanText(afresh));
          expect(cleaning.tally).toEqual(afresh.tally);
          expect(undoneText(cleaning)).toBe(text);
        }
      }),
      { numRuns: 150 },
    );
  });
});
