import { describe, expect, test } from '@jest/globals';
import { clean } from '../cleaning/clean.ts';
import { cleanText } from '../cleaning/output.ts';
import { digestOf } from '../report/digest.ts';
import { DEFAULT_STYLE } from '../style/style.ts';
import { ALL_LINE_OPTIONS, isDropped } from '../lines/line-kind.ts';
import { readLines } from '../lines/read-lines.ts';

const dropped = (source: string) => {
  const table = readLines(source, ALL_LINE_OPTIONS);
  return Array.from({ length: table.index.count }, (_, line) => line)
    .filter((line) => isDropped(table.kind[line]!))
    .map((line) => source.slice(table.from[line], table.to[line]));
};

const SUBJECTS = ['miller', 'keeper', 'ferryman', 'surveyor', 'boy', 'widow', 'pilot', 'smith', 'cook', 'painter'];
/** A page of `lines` lines that all differ, ending in the middle of a sentence or at its end. */
const page = (number: number, ends = false, lines = 12) =>
  Array.from({ length: lines }, (_, at) => {
    const subject = SUBJECTS[(number * 7 + at) % SUBJECTS.length]!;
    const last = at === lines - 1;
    return `and so the ${subject} of house ${number * 20 + at} went on to the ${last && ends ? 'sea.' : 'quay,'}`;
  }).join('\n');

describe('page furniture that changes', () => {
  test('numbers are told by the same words beside them, though every page ends a sentence', () => {
    const source = [1, 2, 3].map((at) => `${page(at, true)}\n${at + 8}\nGuide to the Reach`).join('\n');
    expect(dropped(`${source}\n${page(4)}`)).toEqual([
      '9',
      'Guide to the Reach',
      '10',
      'Guide to the Reach',
      '11',
      'Guide to the Reach',
    ]);
  });

  test('the head of a section beside a page number goes, its title in the text stays', () => {
    const source = [
      page(1),
      '3.2 The Wall',
      page(2),
      '3.2. The Wall',
      '10',
      page(3),
      'Guide to the Reach',
      '11',
      page(4),
      '3.2. The Wall',
      '12',
      page(5),
    ].join('\n');
    expect(dropped(source)).toEqual(['3.2. The Wall', '10', '11', '3.2. The Wall', '12']);
    expect(cleanText(clean(source, DEFAULT_STYLE))).toContain('3.2 The Wall');
  });

  test('at the opening of a chapter the head goes and the title stays', () => {
    const source = [
      page(1),
      'LOW WATER',
      '12',
      'LOW WATER',
      page(2),
      'LOW WATER',
      '13',
      page(3),
      'LOW WATER',
      '14',
      page(4),
    ].join('\n');
    expect(dropped(source)).toEqual(['LOW WATER', '12', 'LOW WATER', '13', 'LOW WATER', '14']);
    expect(cleanText(clean(source, DEFAULT_STYLE)).match(/LOW WATER/g)).toHaveLength(1);
  });

  describe('the first line of a text that begins within a book', () => {
    const pages = (below: string, from: number) =>
      [from, from + 1, from + 2]
        .map(
          (number) => `The Ferries of the Wrack\n\n${number === from ? below : ''}${page(number)}\n\n      ${number}\n`,
        )
        .join('');
    const firstLine = (text: string) => cleanText(clean(text, DEFAULT_STYLE)).split('\n')[0];

    test('is its running head, above a title or the rest of a sentence, and is asked about', () => {
      expect(firstLine(pages('The rope and the knot\n\n', 31))).toBe('The rope and the knot');
      expect(firstLine(pages('which nobody on either bank had ever doubted.\n', 31))).toMatch(/^which nobody/);
      expect(digestOf(clean(pages('The rope and the knot\n\n', 31), DEFAULT_STYLE)).edits.length).toBeGreaterThan(0);
    });

    test('is its title on the first page, and above who wrote it', () => {
      expect(firstLine(pages('The rope and the knot\n\n', 1))).toBe('The Ferries of the Wrack');
      expect(firstLine(pages('Ann Trask\n\n', 31))).toBe('The Ferries of the Wrack');
      expect(firstLine(pages('by Ann Trask\n\n', 31))).toBe('The Ferries of the Wrack');
    });
  });

  test('a number left out of the chain, on a page of few lines, is filled in', () => {
    const pages = [22, 23, 24, 25, 26].map((at) => `${page(at, false, at === 24 ? 3 : 12)}\nSaltfern ${at}`);
    expect(dropped(`${pages.join('\n')}\n${page(30)}`)).toEqual([22, 23, 24, 25, 26].map((at) => `Saltfern ${at}`));
  });

  test('pages of two columns may have very many lines, where the number stands beside the same words', () => {
    const pages = [63, 64, 65].map((at) => `The Reach ${at}\n${page(at, false, 120)}`);
    expect(dropped(pages.join('\n'))).toEqual(['The Reach 63', 'The Reach 64', 'The Reach 65']);
  });

  test('without page numbers nothing that looks like a title goes', () => {
    const source = [page(1), 'The Wall', page(2), 'The Pond', page(3), 'The Wheel', page(4)].join('\n');
    expect(dropped(source)).toEqual([]);
  });
});

describe('numbers below pages that end with their paragraphs', () => {
  const whole = (number: number, lines: number) => `A${page(number, true, lines).slice(1)}`;
  const pages = (lengths: readonly number[], label: (at: number) => string) =>
    lengths.map((length, at) => `${whole(at, length)}\n\n${label(at)}`).join('\n\n');
  const outcome = (source: string) => {
    const table = readLines(source, ALL_LINE_OPTIONS);
    const left = [...table.kind.keys()].filter((line) => isDropped(table.kind[line]!));
    return { left: dropped(source), asked: left.filter((line) => table.removalDoubts.has(line)).length };
  };

  test.each([
    ['bare', (at: number) => `${at + 11}`],
    ['between dashes', (at: number) => `- ${at + 11} -`],
    ['set in', (at: number) => `${' '.repeat(24)}${at + 1}`],
  ])('go and are asked about, if the pages are about as long as one another: %s', (_, label) => {
    const lengths = [12, 13, 11, 12, 5];
    const wanted = lengths.map((__, at) => label(at).trim());
    expect(outcome(pages(lengths, label))).toEqual({ left: wanted, asked: wanted.length });
    const first = lengths.slice(0, 4);
    expect(outcome(`${pages(first, label)}\n\n${whole(9, 8)}`).left).toEqual(wanted.slice(0, 4));
    expect(outcome(pages([12, 31, 9, 22, 5], label)).left.length).toBeLessThan(4);
  });

  test('numbered notes at page breaks stay, of one line and of more', () => {
    const pages = [
      'The rope of the ferry was bought in the spring after the long\nfrost, with money of the parish.1 It was as thick as an arm,\nand in summer it hung so low that boats had to wait.',
      '1 The bill is in the chest of the church; the price on it has\nbeen changed by a later hand.',
      'Nobody was rowed again after that day, and the last ferryman\nwas given a house by the bank.2 He kept the oars in it.',
      '2 See Trask, Tolls of the Lower River, p. 31.',
      'When the bridge was planned he was asked for his opinion, and\ngave it in one word, which was not written down by anyone.3',
      '3 His daughter told it to the smith.',
    ];
    const source = [0, 2, 4].map((at) => `${pages[at]!}\n\n${pages[at + 1]!}`).join('\n\f\n');
    expect(dropped(source)).toEqual([]);
  });

  test('two that are named go and are asked about; a list of places in a book stays', () => {
    expect(outcome(pages([14, 23], (at) => `Page ${at + 11}`))).toEqual({ left: ['Page 11', 'Page 12'], asked: 2 });
    expect(outcome(pages([2, 3, 2], (at) => `Page ${at + 11}`)).left).toEqual([]);
  });

  test('above parts as long as one another, as of sonnets, they stay', () => {
    const source = [18, 19, 20, 21].map((number) => `${number}\n\n${whole(number, 14)}`).join('\n\n');
    expect(outcome(source).left).toEqual([]);
  });
});

describe('line numbers in the margin', () => {
  const LINES = page(3, false, 40).split('\n');
  const words = LINES.join(' ');
  const cleaned = (lines: readonly string[]) => cleanText(clean(lines.join('\n'), DEFAULT_STYLE));

  test.each([
    ['every fifth, left', (line: string, at: number) => `${(at + 1) % 5 === 0 ? at + 1 : ''}`.padEnd(4) + line],
    ['every tenth, left', (line: string, at: number) => `${(at + 1) % 10 === 0 ? at + 1 : ''}`.padEnd(4) + line],
    ['every one, left', (line: string, at: number) => `${at + 1}`.padStart(3) + ' ' + line],
    ['every fifth, right', (line: string, at: number) => line.padEnd(60) + ((at + 1) % 5 === 0 ? at + 1 : '')],
    ['beginning anew', (line: string, at: number) => `${(at % 20) % 5 === 4 ? (at % 20) + 1 : ''}`.padEnd(4) + line],
  ])('%s', (_name, numbered) => {
    expect(cleaned(LINES.map(numbered))).toBe(words);
  });

  test('a numbered list, figures in the text and a column of figures are none', () => {
    const list = ['1 flour', '2 tallow', '3 apple teeth', '4 rope', '5 oil'];
    expect(dropped([...LINES, ...list].join('\n'))).toEqual([]);
    expect(cleaned(list)).toContain('4 rope');
    const text = LINES.map((line, at) => (at === 7 ? `12 boats and ${line}` : line));
    expect(cleaned(text)).toContain('12 boats');
  });

  test('with the pass off they stay', () => {
    const numbered = LINES.map((line, at) => `${(at + 1) % 5 === 0 ? at + 1 : ''}`.padEnd(4) + line);
    const style = { ...DEFAULT_STYLE, passes: { 'line-numbers': false } };
    expect(cleanText(clean(numbered.join('\n'), style))).toContain('35 and so');
  });
});
