import { describe, expect, test } from '@jest/globals';
import { applyPatch } from 'diff';
import fc from 'fast-check';
import { clean } from '../core/cleaning/clean.ts';
import type { Block } from '../core/cleaning/block.ts';
import { textOfPieces } from '../core/edits/piece.ts';
import { allPieces, cleanText } from '../core/cleaning/output.ts';
import { PASSES } from '../core/passes/index.ts';
import { digestOf } from '../core/report/digest.ts';
import { toLineDiff } from '../core/report/line-diff.ts';
import { DEFAULT_STYLE } from '../core/style/style.ts';
import { anyText, realisticText } from './texts.ts';

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

describe('laws of what is held, left out and told', () => {
  test('a line diff applied to the source gives the clean text', () => {
    const withLineFeeds = (text: string) => text.replace(/\r\n?/g, '\n');
    const asFile = (text: string) => (text === '' || text.endsWith('\n') ? text : `${text}\n`);
    fc.assert(
      fc.property(anyText, (text) => {
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
      fc.property(anyText, fc.nat(), fc.nat(), (text, a, b) => {
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
      fc.property(realisticText, fc.nat(), (text, at) => {
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
});
