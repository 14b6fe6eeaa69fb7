import { expect, test } from '@jest/globals';
import { clean } from '../cleaning/clean.ts';
import { cleanText } from '../cleaning/output.ts';
import { DEFAULT_STYLE } from '../style/style.ts';
import { foldLines, wrapItem } from '../testing/list-forms.ts';

/*
 * Songs whose lines go on in small letters, with and without stops, numbers and refrains; and what looks like them and is prose.
 */

const cleaned = (source: string) => foldLines(cleanText(clean(source, DEFAULT_STYLE)));

const STANZAS = [
  [
    'The rope hangs low across the stream',
    'and nobody comes over',
    'the ferryman has gone to sleep',
    'among the dock and clover',
  ],
  [
    'His daughter calls him from the bank',
    'his dog has swum to find him',
    'the water takes the longest way',
    'and leaves the day behind him',
  ],
  [
    'There is a bell upon the post',
    'that anyone may ring it',
    'whoever has a song to spare',
    'is asked to stay and sing it',
  ],
];
const REFRAIN = ['Pull, brothers, pull,', 'the other side is nearer'];
const NUMBERS: Readonly<Record<string, (stanza: number) => string>> = {
  none: () => '',
  'before the first line': (stanza) => `${stanza + 1}. `,
  'on lines of their own': (stanza) => `${stanza + 1}\n`,
  'named, on lines of their own': (stanza) => `Verse ${stanza + 1}\n`,
};

test.each(Object.keys(NUMBERS))('lines of stanzas stay that go on in small letters; numbers: %s', (form) => {
  const wrong: string[] = [];
  for (const stop of ['', ','])
    for (const indent of ['', '    '])
      for (const refrain of ['', '\n\nChorus\n', '\n\n'])
        for (const title of ['', 'The Ferryman of Oxhithe\n\n'])
          for (const after of [
            '',
            '\n\nIt was sung on the ferry by everyone who had to wait, and by the ferryman himself when nobody did.',
          ]) {
            const stanzas = STANZAS.map((lines, at) => {
              const words = lines.map((line, of) => `${indent}${line}${of < 3 ? stop : stop && '.'}`).join('\n');
              const number = NUMBERS[form]!(at);
              return number.endsWith('\n') ? number + words : indent + number + words.slice(indent.length);
            });
            if (refrain) stanzas[0] += refrain + REFRAIN.map((line) => indent + line).join('\n');
            const source = title + stanzas.join('\n\n') + after;
            if (cleaned(source) !== foldLines(source))
              wrong.push([stop, indent.length, refrain.length, title, after].join('/'));
          }
  expect(wrong).toEqual([]);
});

const ARTICLES = [
  { heading: 'The rope is down', by: 'by Ann Trask', words: 'It fell into the river on Monday night, in the rain, and took the bell with it. Nobody was on the ferry, which had been tied up since six, and the ferryman says that he heard nothing.' },
  { heading: 'A dog comes home', by: 'by Elin Hale', words: 'The ferryman’s dog has been found at the mill, where it had been fed for more than a week by people who did not know whose it was, and who are sorry that they have to give it back to him.' },
]; // prettier-ignore

// These too are short lines in groups of one size, the second or third of which has room for the next word.
test('headings, names and paragraphs in a narrow column are no stanzas', () => {
  const wrong: string[] = [];
  for (const width of [36, 40, 44, 48])
    for (const indent of ['', '   ']) {
      const source = ARTICLES.map(({ heading, by, words }) =>
        [heading, by, wrapItem(words, width, indent, '')].join('\n'),
      );
      const wanted = ARTICLES.flatMap(({ heading, by, words }) => [heading, by, words]);
      if (cleaned(source.join('\n\n')) !== foldLines(wanted.join('\n'))) wrong.push(`${width}, ${indent.length}`);
    }
  expect(wrong).toEqual([]);
});

test('a heading in capitals stands apart from the narrow column below it', () => {
  const wrong: number[] = [];
  for (const width of [32, 36, 40, 44, 48, 60]) {
    const source = ARTICLES.map(({ heading, words }) => `${heading.toUpperCase()}\n${wrapItem(words, width, '', '')}`);
    const wanted = ARTICLES.flatMap(({ heading, words }) => [heading.toUpperCase(), words]);
    if (cleaned(source.join('\n\n')) !== foldLines(wanted.join('\n'))) wrong.push(width);
  }
  expect(wrong).toEqual([]);
});
