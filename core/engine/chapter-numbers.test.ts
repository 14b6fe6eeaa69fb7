import { describe, expect, test } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { clean } from '../cleaning/clean.ts';
import { cleanText } from '../cleaning/output.ts';
import { LineKind } from '../lines/line-kind.ts';
import { DEFAULT_STYLE } from '../style/style.ts';
import { parseDocuments, setOut } from '../testing/set-out.ts';

/*
 * Numbers and dates that stand above each part of a text grow as regularly as those of its pages. They are words of the text; those of
 * pages cut its sentences.
 */

const PROSE = ['stories', 'news', 'letters']
  .flatMap((file) => parseDocuments(readFileSync(`core/testing/documents/${file}.txt`, 'utf8')))
  .flatMap(({ parts }) => parts.flat())
  .filter(({ is, text }) => is === 'paragraph' && text.length > 150 && /^\p{Lu}/u.test(text));

const HEADS: Readonly<Record<string, (part: number) => string>> = {
  figures: (part) => `${part}`,
  'figures between dashes': (part) => `– ${part} –`,
  'Roman figures': (part) => ['I', 'II', 'III', 'IV', 'V', 'VI', 'VII', 'VIII', 'IX', 'X'][part % 10]!,
  years: (part) => `${1900 + part * 3}`,
  'dates of a diary': (part) => `${part} May`,
  'days of a journey': (part) => `Day ${part}`,
  'names that take turns': (part) => ['Ruth', 'Anselm'][part % 2]!,
  'titles with a figure': (part) => `${part} ${['The Lamp', 'Old Oil', 'A Wick'][part % 3]!}`,
};

const wrap = (texts: readonly string[], width: number) =>
  setOut(
    { name: '', parts: [texts.map((text) => ({ is: 'paragraph', text, depth: 0 }) as const)] },
    { name: '', width },
  );

describe.each(Object.entries(HEADS))('%s above the parts of a text stay', (_, head) => {
  test.each([2, 5, 9])('of %d paragraphs', (size) => {
    const parts: string[] = [];
    for (let at = 0; at < PROSE.length; at += size)
      parts.push(
        wrap(
          PROSE.slice(at, at + size).map(({ text }) => text),
          64,
        ),
      );
    const heads = parts.map((_, at) => head(at + 1));
    const source = parts.map((part, at) => `${heads[at]}\n\n${part}`).join('\n\n');
    const lines = new Set(cleanText(clean(source, DEFAULT_STYLE)).split('\n'));
    expect(heads.filter((one) => !lines.has(one))).toEqual([]);
  });
});

/** A list of things that are named by their numbers, each entry with so many paragraphs and a line without a stop. */
function listOf(name: string, size: number): string {
  const entries: string[] = [];
  for (let at = 0; at < PROSE.length; at += size) {
    const texts = PROSE.slice(at, at + size).map(({ text }) => text);
    entries.push(`${name} ${entries.length + 41}\n${wrap(texts, 55)}\nEst. £${20 + at * 10}`);
  }
  return entries.join('\n\n');
}

describe.each([1, 2, 4])('of things that are listed, with %d paragraphs each,', (size) => {
  test.each(['LOT', 'Item', 'Case study', 'PATIENT NUMBER'])('names and numbers stay: %s', (name) => {
    const names = new RegExp(`^${name} \\d+$`, 'gm');
    const source = listOf(name, size);
    expect(cleanText(clean(source, DEFAULT_STYLE)).match(names)).toEqual(source.match(names));
  });

  test('names of more words do not leave unasked', () => {
    const source = listOf('Letter to my sister', size);
    const { table } = clean(source, DEFAULT_STYLE);
    const left = [...table.kind.keys()].filter((line) => table.kind[line] === LineKind.runningHead);
    expect(left.filter((line) => !table.removalDoubts.has(line))).toEqual([]);
  });
});

/** The prose on pages of so many lines. */
function pagesOf(length: number): string[] {
  const lines = wrap(
    PROSE.map(({ text }) => text),
    64,
  ).split('\n');
  const pages: string[] = [];
  for (let at = 0; at < lines.length; at += length) pages.push(lines.slice(at, at + length).join('\n'));
  return pages;
}

test('heads of one word and their numbers leave the sentences that they cut', () => {
  const source = pagesOf(24)
    .map((page, at) => `${at % 2 ? `WICKS   ${at + 1}` : `${at + 1}   WICKS`}\n\n${page}\n`)
    .join('\n');
  const text = cleanText(clean(source, DEFAULT_STYLE));
  expect(text.slice(text.indexOf('\n'))).not.toMatch(/WICKS/);
});

test.each([18, 30])('the numbers of pages of %d lines leave the sentences that they cut', (length) => {
  const source = pagesOf(length)
    .map((page, at) => `${page}\n\n${at + 1}\n`)
    .join('\n');
  const text = cleanText(clean(source, DEFAULT_STYLE));
  expect(text).not.toMatch(/^\d+$/m);
  expect(text.split('\n\n')).toEqual(PROSE.map(({ text }) => text));
});

test.each(['Page # of 90', 'Page # / 90', 'Seite # von 90', 'p. # of 90'])(
  'of however short pages, %s goes',
  (label) => {
    for (const length of [5, 8, 12]) {
      const source = pagesOf(length)
        .map((page, at) => `${page}\n\n${label.replace('#', `${at + 1}`)}\n`)
        .join('\n');
      expect(cleanText(clean(source, DEFAULT_STYLE))).not.toMatch(/(?:Page|Seite|p\.) \d+ /);
    }
  },
);
