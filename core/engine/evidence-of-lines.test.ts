import { describe, expect, test } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { clean } from '../cleaning/clean.ts';
import { cleanText } from '../cleaning/output.ts';
import { DEFAULT_STYLE } from '../style/style.ts';
import { parseProse, toTruth } from '../testing/marked-prose.ts';
import { wrap } from '../testing/typeset.ts';
import { packWords } from '../text/word-list.ts';
import { explainSeam } from '../seams/explain.ts';

const STYLE = { ...DEFAULT_STYLE, apart: 'line' } as const;
const PARAGRAPHS = toTruth(parseProse(readFileSync('samples/prose/tide-mills.txt', 'utf8'))).filter(
  (text) => text.length > 200,
);
const LINES = PARAGRAPHS.map((text) => wrap(text, 60, false));
const paragraphs = (source: string) => cleanText(clean(source, STYLE)).split('\n');

describe('pieces of one printed line', () => {
  /** Every line with the end of a sentence in it is cut there, as some extractors do. */
  const cut = LINES.map((lines) => lines.flatMap((line) => line.split(/(?<=\p{Ll}\.) (?=\p{Lu})/u)));

  test('are taken together, where lines that surely run on show that the extractor cuts', () => {
    const source = cut.map((lines) => lines.join('\n')).join('\n\n');
    const { decided } = clean(source, STYLE);
    expect([...decided.pieces.inside].filter((inside) => inside === 1).length).toBeGreaterThan(4);
    // Cut in three, or beside a short last line, some still go wrong.
    const right = new Set(paragraphs(source));
    expect(PARAGRAPHS.filter((text) => right.has(text)).length).toBeGreaterThanOrEqual(PARAGRAPHS.length - 3);
  });

  test('are not seen in text whose lines are whole, nor in verse', () => {
    const verse = 'Low water, slow water,\nwheel stands still;\nhigh water, my daughter,\nflour in the mill.';
    const source = [...LINES.map((lines) => lines.join('\n')), verse].join('\n\n');
    expect(Math.max(...clean(source, STYLE).decided.pieces.inside)).toBe(0);
    expect(paragraphs(source).slice(-4)).toEqual(verse.split('\n'));
  });

  test('after a raised note mark are seen anywhere', () => {
    const [first, ...rest] = LINES[0]!;
    const half = first!.lastIndexOf(' ', 30);
    const source = [
      `${first!.slice(0, half)}.[4]`,
      first![half + 6]!.toUpperCase() + first!.slice(half + 7),
      ...rest,
    ].join('\n');
    const all = [source, ...LINES.slice(1).map((lines) => lines.join('\n'))].join('\n\n');
    expect(clean(all, STYLE).decided.pieces.inside[0]).toBe(1);
    expect(paragraphs(all)[0]).toContain(rest[0]!.slice(0, 20));
  });
});

describe('a full line that ends a sentence', () => {
  const fullEndsOf = (source: string) => clean(source, STYLE).decided.look.context.fullEnds;
  const short = 'The miller let the water run and shut the gate behind it, and then\nhe went to bed.';
  const long = PARAGRAPHS.join(' ');

  test('ends a paragraph more likely where short last lines are many', () => {
    const many = Array.from({ length: 30 }, () => short).join('\n');
    const few = wrap(long, 66, false).join('\n');
    expect(fullEndsOf(many)).toBeGreaterThan(0);
    expect(fullEndsOf(few)).toBeLessThan(0);
  });

  test('which of the two it was is among the reasons', () => {
    const cleaning = clean(wrap(long, 66, false).join('\n'), STYLE);
    const names = Array.from({ length: cleaning.decided.seams.count }, (_, seam) =>
      explainSeam(cleaning.decided, seam).map((reason) => reason.name),
    ).flat();
    expect(names).toContain('fullLine');
    expect(new Set(names).size).toBeGreaterThan(6);
  });
});

describe('what the words say', () => {
  const seamBetween = (before: string, after: string) => {
    const body = LINES[0]!.join('\n');
    const source = `${body}\n\n${before}\n${after}\n\n${body}`;
    const cleaning = clean(source, STYLE);
    const seam = LINES[0]!.length;
    return explainSeam(cleaning.decided, seam).map((reason) => reason.name);
  };

  test.each([
    ['The gate fell and the water ran, and the miller slept.', 'He woke at noon.', 'startsReferring'],
    ['He said it once and would not say it again that night.', '—Who goes there at this hour?', 'speechDash'],
    ['The mill has three rooms, one over the other, and in', '• the first stands the wheel', 'startsSureBullet'],
    ['They read it all at https://saltfern.example/', 'mills/oxhithe and the rest', 'insideAddress'],
    ['The survey lists the gates and sluices of the', 'Figure 3. The gate of the second mill.', 'captionAfter'],
  ])('%s ¶ %s', (before, after, name) => {
    expect(seamBetween(before, after)).toContain(name);
  });

  test('a path or an address at a line start is no small letter', () => {
    expect(
      seamBetween('They wrote to the keepers of the light and the mill.', 'light@saltfern.example answered.'),
    ).not.toContain('startsLower');
  });
});

describe('split words', () => {
  const words = { bits: packWords(['farmhouse', 'considerable', 'say', 'after', 'noon', 'afternoon']) };
  const joined = (text: string) => cleanText(clean(text, STYLE, [], { words }));

  test.each([
    ['it was consid-\nerable', 'it was considerable'],
    ['a matter-of-\nfact man', 'a matter-of-fact man'],
    ['the Saltfern-\nWrackby road', 'the Saltfern-Wrackby road'],
    ['the WRACK-\nBY road', 'the WRACKBY road'],
    ['pages 12-\n14 of it', 'pages 12-14 of it'],
    ['pre- and post-\nwar mills; post-war', 'pre- and post-war mills; post-war'],
  ])('%s', (source, expected) => {
    expect(joined(source)).toBe(expected);
  });
});
