import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { readdirSync, readFileSync } from 'node:fs';
import { clean } from '../cleaning/clean.ts';
import { allPieces, cleanText } from '../cleaning/output.ts';
import { foldHead } from '../lines/pages/page-label.ts';
import { readWebLabel } from '../lines/web/web-labels.ts';
import { isDoubtful } from '../report/digest.ts';
import { DEFAULT_STYLE } from '../style/style.ts';
import { seededRandom } from '../testing/random.ts';

/** The lines of all texts of the everyday tests: what people paste, of every kind. */
const FOLDER = 'core/testing/texts';
const LINES = readdirSync(FOLDER)
  .flatMap((file) => readFileSync(`${FOLDER}/${file}`, 'utf8').split('\n'))
  .filter((line) => !line.startsWith('=== ') && line !== '--- becomes');

const EXTRAS = [
  '',
  '',
  '12',
  '\f',
  'THE KEEPER',
  'Share this article',
  'Log in',
  '[Music]',
  '00:00:04,000 --> 00:00:06,000',
  '[0:12] ',
  '----',
];

/** Stretches of everyday lines with odd ones between them: nothing that any rule was made for. */
const mixture = fc.nat().map((seed) => {
  const random = seededRandom(seed);
  const pick = <T>(from: readonly T[]) => from[Math.floor(random() * from.length)]!;
  const parts: string[] = [];
  for (let part = 0; part < 5; part++) {
    const first = Math.floor(random() * LINES.length);
    parts.push(...LINES.slice(first, first + 1 + Math.floor(random() * 7)), pick(EXTRAS), pick(EXTRAS));
  }
  return parts.join('\n');
});

const WORD = /\p{L}{4,}/gu;
const wordsOf = (text: string) => (text.match(WORD) ?? []).map((word) => word.toLowerCase());

describe('nothing is lost in silence', () => {
  test('words that stand nowhere else leave as a doubt, or as what is proved to be none of the text', () => {
    fc.assert(
      fc.property(mixture, (source) => {
        const cleaning = clean(source, DEFAULT_STYLE);
        const left = new Set(wordsOf(cleanText(cleaning)));
        const heads = source.split('\n').map((line) => foldHead(line.trim()));
        for (const piece of allPieces(cleaning)) {
          if (piece.text === undefined || isDoubtful(DEFAULT_STYLE, piece)) continue;
          const gone = source.slice(piece.from, piece.to);
          const lost = wordsOf(gone).filter((word) => !left.has(word) && !wordsOf(piece.text!).includes(word));
          if (lost.length === 0) continue;
          const by = (pass: string) => piece.passes.includes(pass);
          const isProved =
            (by('page-furniture') && heads.filter((head) => head === foldHead(gone.trim())).length > 1) ||
            (by('web-labels') && readWebLabel(gone) !== 'no') ||
            ((by('sound-cues') || by('caption-repeats')) && /[[(♪*]/.test(gone)) ||
            (by('time-codes') && /^WEBVTT|^NOTE|^STYLE|^Dialogue:|^\[|<v|align:/m.test(source)) ||
            (by('reference-marks') && /^ ?(?:\[[a-z\d ?]+\])+/.test(gone)) ||
            // Two halves of a word have become one.
            left.has(lost.join('')) ||
            lost.every((word) => [...left].some((whole) => whole.includes(word)));
          expect(isProved ? '' : `${piece.passes}: ${JSON.stringify(gone)} ${JSON.stringify(source)}`).toBe('');
        }
      }),
      { numRuns: 600 },
    );
  });

  test('a text with words never becomes one without', () => {
    fc.assert(
      fc.property(mixture, fc.nat(), fc.nat(12), (text, from, count) => {
        const lines = text.split('\n');
        const source = lines.slice(from % lines.length, (from % lines.length) + count).join('\n');
        const isFileHead = /^(?:WEBVTT|\[Script Info\]|Dialogue:)/m.test(source);
        if (wordsOf(source.replace(/^.*-->.*$/gm, '')).length > 0 && !isFileHead) {
          expect(/\p{L}/u.test(cleanText(clean(source, DEFAULT_STYLE))) ? '' : source).toBe('');
        }
      }),
      { numRuns: 1500 },
    );
  });
});
