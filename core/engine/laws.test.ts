import { describe, expect, test } from '@jest/globals';
import { applyPatch } from 'diff';
import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { clean, revise } from '../cleaning/clean.ts';
import { applyStep, NO_HISTORY, outcomeOf } from '../history/history.ts';
import type { Block } from '../cleaning/block.ts';
import type { Cleaning } from '../cleaning/cleaning.ts';
import { textOfPieces } from '../edits/piece.ts';
import { allPieces, cleanText, undoneText } from '../cleaning/output.ts';
import { PASSES } from '../passes/index.ts';
import { digested, digestOf } from '../report/digest.ts';
import { applyRowPatch, reviseRows } from '../rows/row-patch.ts';
import { planRows } from '../rows/row-plan.ts';
import { toLineDiff } from '../report/line-diff.ts';
import { listWordChanges } from '../report/report.ts';
import { DEFAULT_STYLE } from '../style/style.ts';
import { DISTORTERS } from '../testing/distort.ts';
import { parseProse } from '../testing/marked-prose.ts';
import { seededRandom } from '../testing/random.ts';
import { randomStep } from './random-steps.ts';
import { countWords } from '../text/words.ts';

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
        '0:04 ',
        '(1:02)',
        '>> ',
        '♪ ',
        '<i>',
        '{\\an8}',
        ' = ',
        '| ',
        'Log in\n',
        'WEBVTT\n',
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

/** The old blocks with what the splices put in; all others are the very same objects. */
function spliced(old: readonly Block[], { base, splices }: Cleaning): Block[] {
  const blocks: Block[] = [];
  let next = 0;
  for (const { at, removed, to, added } of splices!) {
    blocks.push(...old.slice(next, at), ...base.slice(to, to + added));
    next = at + removed;
  }
  return [...blocks, ...old.slice(next)];
}

/** What passes look for, and what makes it. */
const ODD_SPOTS = [
  'quietly', '&lt;b&gt;lamps&lt;/b&gt;', '<i>lamps</i>', '&nbsp;', '&amp;hellip;', '\u00a0', 'cafÃ©', 'â€”', 'ﬁrst', '&#64257;rst',
  '\u00ad', '&shy;', '&Tab;', '\t', '(Pell 1998)', '&#40;Pell 1998)', '[4]', '&#91;4]', '., and', ',, and', '&comma;,', '--', '&mdash;',
  '“low”', '&quot;low&quot;', '🌊', '&#127754;', 'www.saltfern.example', '&#119;ww.saltfern.example', 'e\u0301', 'e&#769;', '！',
  '( twice )', '&lpar; twice )', 'er,', 'the the', '&#8224; and', 'm², and', '[music]', '&lsqb;music]', '<', '&lt;',
]; // prettier-ignore
const STRIPPING_OFF = Object.fromEntries(
  ['ascii-only', 'letters-only', 'figures-only', 'no-figures', 'no-punctuation', 'no-stops'].map((id) => [id, false]),
);

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
      { numRuns: 300, examples: [["re-\nmained'00:00:01,000 --> 00:00:02,000\n"]] },
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

  test('a line diff applied to the source gives the clean text', () => {
    const withLineFeeds = (text: string) => text.replace(/\r\n?/g, '\n');
    const asFile = (text: string) => (text === '' || text.endsWith('\n') ? text : `${text}\n`);
    fc.assert(
      fc.property(source, (text) => {
        const cleaning = clean(text, DEFAULT_STYLE);
        const before = withLineFeeds(text);
        const diff = toLineDiff(cleaning, 'in.txt');
        const patched = diff === '' ? before : applyPatch(before, diff, { autoConvertLineEndings: false });
        expect(patched).toBe(asFile(withLineFeeds(cleanText(cleaning))));
      }),
      { numRuns: 300 },
    );
  });

  // Footnotes from elsewhere may be put behind a paragraph that is held.
  test('what is held stands as it is, white space and line ends included', () => {
    fc.assert(
      fc.property(source, fc.nat(), fc.nat(), (text, a, b) => {
        const [from, to] = [a % (text.length + 1), b % (text.length + 1)].sort((x, y) => x - y) as [number, number];
        const cleaning = clean(text, DEFAULT_STYLE, [{ kind: 'hold', from, to }]);
        const touched = [...allPieces(cleaning)].filter(
          ({ text: words, ...piece }) => words !== undefined && Math.max(piece.from, from) < Math.min(piece.to, to),
        );
        expect(touched).toEqual([]);
        const undone = clean(text, DEFAULT_STYLE, [{ kind: 'limit', from, to: from }]);
        expect(cleanText(undone)).toBe(text);
      }),
      { numRuns: 300 },
    );
  });

  // What it parted may run on: a running head in mid sentence is one.
  test('a paragraph that is left out changes nothing but what happens between its neighbours', () => {
    fc.assert(
      fc.property(realisticMess, fc.nat(), (text, at) => {
        const before = clean(text, DEFAULT_STYLE);
        const gone = at % Math.max(1, before.blocks.length);
        const block = before.blocks[gone];
        if (!block) return;
        const after = clean(text, DEFAULT_STYLE, [{ kind: 'drop', from: block.from, to: block.to }]);
        const words = ({ pieces }: Block) => textOfPieces(text, pieces);
        const others = before.blocks.filter((_, other) => other !== gone).map(words);
        const now = after.blocks.map(words);
        const ranOn = others.length - now.length;
        expect([0, 1]).toContain(ranOn);
        expect(now.slice(0, gone - ranOn)).toEqual(others.slice(0, gone - ranOn));
        expect(now.slice(gone)).toEqual(others.slice(gone + ranOn));
        const across = before.blocks[gone + 1]?.firstKept ?? 0;
        const known = [...digestOf(before).seams, across - 1];
        expect(digestOf(after).seams.filter((seam) => !known.includes(seam))).toEqual([]);
      }),
      { numRuns: 150 },
    );
  });

  test('what passes do to a paragraph does not depend on what stands in another', () => {
    const on = Object.fromEntries(PASSES.map(({ id }) => [id, true]));
    // Vocabulary and the usual ellipsis are facts of the whole text.
    const style = { ...DEFAULT_STYLE, passes: { ...on, 'ocr-slips': false, ...STRIPPING_OFF } };
    const paragraph = fc
      .tuple(fc.constantFrom(...ODD_SPOTS), fc.constantFrom(...ODD_SPOTS))
      .map(
        ([one, two]) => `The keeper of the light ${one} came to the mill in the evening ${two} and went with the tide.`,
      );
    const out = (text: string) => cleanText(clean(text, style));
    fc.assert(
      fc.property(paragraph, paragraph, (one, two) => {
        expect(out(`${one}\n\n${two}`)).toBe(`${out(one)}\n\n${out(two)}`);
      }),
      { numRuns: 300 },
    );
  });

  test('revise gives what clean gives, whatever steps are taken; and the laws hold after each', () => {
    fc.assert(
      fc.property(source, fc.nat(), (text, seed) => {
        const random = seededRandom(seed);
        let history = NO_HISTORY;
        let cleaning = clean(text, DEFAULT_STYLE);
        let now = digested(cleaning);
        let plan = planRows(now);
        for (let step = 0; step < 5; step++) {
          history = applyStep(history, randomStep(random, cleaning));
          const { style, choices } = outcomeOf(history, DEFAULT_STYLE);
          const before = cleaning;
          cleaning = revise(before, style, choices);
          const { digest } = now;
          now = digested(cleaning, { cleaning: before, digest });
          expect(now.digest).toEqual(digested(cleaning).digest);
          const patch = reviseRows(plan, { cleaning: before, digest }, now);
          plan = applyRowPatch(plan, patch);
          expect(plan).toEqual(planRows(now));
          if (cleaning.splices) expect(spliced(before.base, cleaning)).toEqual(cleaning.base);
          const afresh = clean(text, style, choices);
          expect(cleanText(cleaning)).toBe(cleanText(afresh));
          expect(cleaning.tally).toEqual(afresh.tally);
          expect(digestOf(cleaning).edits).toEqual(digestOf(afresh).edits);
          expect(undoneText(cleaning)).toBe(text);
          const { wordsIn, wordsOut, removed, inserted, mended } = cleaning.tally;
          expect(wordsOut).toBe(countWords(cleanText(cleaning)));
          expect(wordsIn).toBe(wordsOut + removed - inserted + mended);
        }
      }),
      { numRuns: 200 },
    );
  });
});
