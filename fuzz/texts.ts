import fc from 'fast-check';
import { readdirSync, readFileSync } from 'node:fs';
import { DISTORTERS } from '../core/testing/distort.ts';
import { parseProse } from '../core/testing/marked-prose.ts';
import { seededRandom } from '../core/testing/random.ts';

/** The texts that laws are tried on. All shrink to a small text that still breaks the law. */

const UNITS = '\n\n\n\r\t -—.,:;?!"“”\'’[](){}<>&*_~=|/\\12afzÄß'.split('');

const SIGNS = [
  '\r\n', '\f', '\u0085', '\u2028', '\u2029', '\u000b', '\u00a0', '\u00ad', '\u200b', '\u200d', '\u2060', '\ufeff', '\u0000', '\ud800',
  '\udc00', '\u0301', '\u3000', '\u202f', '\u2011', '¬', '😀', '👩‍🚀', '🇳🇴', 'ﬁ', 'Ａ', '、', '。', '「', '」', '漢', '字', 'かな', '한글', 'ש',
  'שלום ', 'العربية ', '\u200f', '\u202b', 'नमस्ते ', 'ไทย', 'Æ', 'é', 'e\u0301', '…', '‘', '«', '»', '„', '†', '§', '²', '⁴', '½', '•', '▪',
]; // prettier-ignore

const TOKENS = [
  'the ', 'mill ', 'Saltfern ', 'and', 'it was ', 'Der Müller ', 'le moulin ', 'tide-\n', 're-\nmained', 'e-\n\n', 'tide-mill', 'rock\u00ad\npool',
  '[4]', '[a]', '.³ ', ' [12] ', '¹⁷', '* ', 'word1 ', 'm² ', '(Pell 1998)', '(12)', '1,400 g', '12\n\f', '\f12\n', '- 7 -\n', 'Page 3 of 9\n', 'xiv\n',
  'HEAD\n', 'CHAPTER II\n', 'THE MILL 3\n', '4 THE MILL\n', 'Chapter 1\n', 'I.\n', '* * *\n', '====\n', '----\n', '_____\n', 'Notes\n',
  '1 Foot.\n', '† Note.\n', '1\n00:00:01,000 --> 00:00:02,000\n', '00:01.500 --> 00:03.000 align:start\n', '[0:03] ', '0:04 ', '(1:02)', '01:02:03',
  '[00:12.30]', '>> ', '♪ ', '[Music] ', '(laughs)', 'KEEPER: ', 'Anna: ', 'WEBVTT\n', 'NOTE ', 'Kind: captions\n', 'Dialogue: 0,0:00:01.00,0:00:02.00,D,,0,0,0,,',
  '<i>', '</i>', '<br>', '<b>a</b>', '<a name of>', '{\\an8}', '&amp;', '&lt;b&gt;', '&nbsp;', '&#8212;', '&amp;amp;', '&', 'â€”', 'cafÃ©',
  ' = ', '| ', '|---|\n', '\tcell\tcell\n', '    set in\n', '  ', '   ', ' \n', '\n\n', '\n\n\n\n', '\t', 'Log in\n', 'Share this article\n', '[edit]',
  'Advertisement\n', '• ', '- ', '2. ', 'a) ', '(iii) ', '> ', '>> a\n', '> > ', 'On Monday Anna wrote:\n', 'From: a@b.example\n', 'https://saltfern.example/a-\nb ',
  'www.saltfern.example', '10 ', '15 ', '...', '. . .', ',,', '--', ' — ', '“low”', '"so," ', 'word.Then', 'um, ', 'the the ', ' ,', '( twice )', 'Mr. ',
  'e.g. ', 'U.S. ', 'Fig. 3. ', 'Table 2 ', 'p. 4', 'pp. 3–9', '1998', '3rd ', '€5', '```\n', '$ ls\n', 'if (a) {\n', 'array[0]', 'x = y;\n', '第一章\n', '他说。\n',
]; // prettier-ignore

const unit = fc.oneof(
  { weight: 4, arbitrary: fc.constantFrom(...UNITS) },
  { weight: 2, arbitrary: fc.constantFrom(...SIGNS) },
  { weight: 5, arbitrary: fc.constantFrom(...TOKENS) },
  { weight: 1, arbitrary: fc.string({ unit: 'grapheme', maxLength: 8 }) },
  { weight: 1, arbitrary: fc.string({ unit: 'binary', maxLength: 2 }) },
);

/** Anything at all, made of the signs, words and line shapes that some part of the engine looks at. */
const soup = fc.array(unit, { maxLength: 60 }).map((parts) => parts.join(''));

/** The same few units over and over, so that what counts repeats has something to count. */
const refrain = fc
  .tuple(fc.array(unit, { minLength: 1, maxLength: 6 }), fc.nat(30), soup)
  .map(([parts, times, end]) => parts.join('').repeat(times + 1) + end);

const PROSE = ['tide-mills', 'keepers-log', 'novella-chapter', 'letter', 'ferry-festival'].map((id) =>
  parseProse(readFileSync(`samples/prose/${id}.txt`, 'utf8')),
);

/** Some of the demo prose through one distorter: a mess as it is met. */
export function messOf(distorter: string): fc.Arbitrary<string> {
  return fc
    .record({ seed: fc.nat(), text: fc.nat(PROSE.length - 1), from: fc.nat(12) })
    .map(({ seed, text, from }) => DISTORTERS[distorter]!(PROSE[text]!.slice(from), seededRandom(seed)).source);
}

/** A mess as it is met, by any distorter. */
export const realisticText = fc.constantFrom(...Object.keys(DISTORTERS)).chain(messOf);

const SAMPLES = readdirSync('samples/texts').map((file) => readFileSync(`samples/texts/${file}`, 'utf8').split('\n'));
const EVERYDAY = readdirSync('core/testing/texts').map((file) =>
  readFileSync(`core/testing/texts/${file}`, 'utf8')
    .split('\n')
    .filter((line) => !/^=== |^--- becomes$/.test(line)),
);

/** Some lines of a text, each as its words and the spaces behind them. */
function stretchOf(texts: readonly string[][], mostLines: number): fc.Arbitrary<string[]> {
  return fc
    .record({ text: fc.nat(texts.length - 1), from: fc.nat(), lines: fc.integer({ min: 1, max: mostLines }) })
    .map(({ text, from, lines }) => {
      const first = from % texts[text]!.length;
      const stretch = texts[text]!.slice(first, first + lines).join('\n');
      return stretch.match(/\S+[^\S\n]*|\s/g) ?? [];
    });
}

/** A stretch of a real text in which words are gone, doubled or out of place, with other units between them. */
function mutated(texts: readonly string[][]): fc.Arbitrary<string> {
  const change = fc.record({
    at: fc.nat(),
    gone: fc.nat(3),
    put: fc.oneof(unit, fc.constant(''), fc.nat()),
  });
  return fc
    .record({ words: stretchOf(texts, 40).chain(someOf), changes: fc.array(change, { maxLength: 12 }) })
    .map(({ words, changes }) => {
      const text = [...words];
      for (const { at, gone, put } of changes) {
        const word = typeof put === 'string' ? put : (text[put % Math.max(1, text.length)] ?? '');
        text.splice(at % (text.length + 1), gone, word);
      }
      return text.join('');
    });
}

/** All of the words, or as many as it takes once a smaller text is looked for. */
function someOf(words: string[]): fc.Arbitrary<string[]> {
  if (words.length === 0) return fc.constant(words);
  return fc.subarray(words, { minLength: Math.ceil(words.length * 0.9) }).chain((most) => fc.constant(most));
}

/** Stretches of everyday lines of all kinds with odd ones between them. */
export const everydayMixture = fc
  .array(
    fc.tuple(
      stretchOf(EVERYDAY, 7),
      fc.constantFrom('', '', '12\n', '\f', 'THE KEEPER\n', '[Music]\n', '[0:12] ', '----\n'),
    ),
    { minLength: 1, maxLength: 6 },
  )
  .map((parts) => parts.map(([words, odd]) => `${words.join('')}\n${odd}`).join('\n'));

/** Any text that a law must hold for. */
export const anyText = fc.oneof(
  { weight: 4, arbitrary: soup },
  { weight: 1, arbitrary: refrain },
  { weight: 2, arbitrary: mutated([...SAMPLES, ...EVERYDAY]) },
  { weight: 1, arbitrary: everydayMixture },
  { weight: 1, arbitrary: realisticText },
);

/** A short text that makes a long one when it is repeated. */
export const shortUnit = fc
  .array(unit, { minLength: 1, maxLength: 4 })
  .map((parts) => parts.join(''))
  .filter((text) => text !== '');
