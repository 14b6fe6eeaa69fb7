import { describe, expect, test } from '@jest/globals';
import type { Choice } from '../choices/choice.ts';
import { clean, revise } from '../cleaning/clean.ts';
import { cleanText } from '../cleaning/output.ts';
import { rangeOfSeam } from '../decided/seams-in-force.ts';
import { DEFAULT_STYLE } from '../style/style.ts';
import { ALL_LINE_OPTIONS } from '../lines/line-kind.ts';
import { readLines } from '../lines/read-lines.ts';
import { indexWords } from '../text/word-index.ts';
import { decideSeams } from '../seams/decide.ts';
import { markAt } from '../seams/paragraph-mark.ts';

const STYLE = { ...DEFAULT_STYLE, apart: 'line' } as const;
const LINES = `A tide mill asks for nothing but patience, and twice
a day the creek fills the pond behind the wall, and
twice a day the miller lets it out again through a
gate no wider than a cart, as his father did before
him and as his daughter will do after him, for the
tide does not ask who stands at the gate at night,
and the wall has stood through four winter floods.`.split('\n');
const JOINED = LINES.join(' ');
const paragraphs = (source: string, choices: readonly Choice[] = []) =>
  cleanText(clean(source, STYLE, choices)).split('\n');

describe('what marks paragraphs', () => {
  test('a hanging indent does, where later lines of a paragraph are set in', () => {
    const hanging = LINES.map((line, at) => (at === 0 ? line : `    ${line}`)).join('\n');
    expect(paragraphs([hanging, hanging, hanging, hanging].join('\n'))).toEqual([JOINED, JOINED, JOINED, JOINED]);
  });

  test('a no-break space in the blank line does, where plain blank lines stand after every line', () => {
    const doubled = LINES.join('\n\n');
    expect(paragraphs([doubled, doubled, doubled].join('\n\u00a0\n'))).toEqual([JOINED, JOINED, JOINED]);
  });

  test('a part of a text has blank lines between all of its lines, and another has them between paragraphs', () => {
    const doubled = LINES.join('\n\n');
    const plain = LINES.join('\n');
    const mixed = `${[doubled, doubled].join('\n\n\n')}\n\n\n${[plain, plain, plain].join('\n\n')}`;
    expect(paragraphs(mixed)).toEqual([JOINED, JOINED, JOINED, JOINED, JOINED]);
  });

  test('a set-in quotation has a measure of its own', () => {
    const quote = `        The gate is to be opened by the miller
        and by nobody else, and the bell is to
        be rung before he does so, twice, that
        the children may leave the pond.`;
    const body = LINES.join('\n');
    const source = [body, quote, body].join('\n\n');
    const { blocks } = clean(source, STYLE);
    expect(blocks.map((block) => block.kind)).toEqual(['paragraph', 'quote', 'paragraph']);
    expect(paragraphs(source)).toEqual([JOINED, quote.replace(/\s+/g, ' ').trim(), JOINED]);
  });

  test('what a mail program quoted is a quotation, of however few lines', () => {
    const source =
      'Dear Ida,\n\nit is lit.\n\nOn Mon, 3 Mar 2025, Ida Marsh wrote:\n> Is the lamp lit?\n>\n>> The lamp was out on Sunday\n>\n> - and the bell?\n\nThe bell rings.';
    const { blocks } = clean(source, STYLE);
    expect(blocks.map(({ kind }) => kind)).toEqual([
      'paragraph',
      'paragraph',
      'paragraph',
      'quote',
      'quote',
      'list-item',
      'paragraph',
    ]);
  });
});

describe('what a person says marks paragraphs', () => {
  const source = `${LINES.join('\n')}\n   ${LINES.join('\n')}\n\n${LINES.join('\n')}`;
  const exampleOf = (text: string, seam: number): Choice => {
    const table = readLines(text, ALL_LINE_OPTIONS);
    const decided = decideSeams(text, table, indexWords(text));
    return { kind: 'mark', ...rangeOfSeam({ table, decided }, seam), mark: markAt(table, decided.seams, seam) };
  };

  test('also where a page turns within what reads like a sentence', () => {
    const turned =
      'Sand goes back with the gales, but never to the same place, and\n\fso do the stones that nobody needs for a wall.';
    const everyEnd: Choice = {
      kind: 'mark',
      from: 0,
      to: turned.length,
      mark: { by: 'gap', blanks: 0, step: 'level', odd: false },
    };
    expect(paragraphs(turned)).toHaveLength(1);
    expect(paragraphs(turned, [everyEnd])).toHaveLength(2);
  });

  test('the gap pointed at parts paragraphs, and wider ones do', () => {
    const indent = exampleOf(source, LINES.length - 1);
    expect(indent).toMatchObject({ mark: { by: 'gap', blanks: 0, step: 'in' } });
    expect(paragraphs(source, [indent])).toEqual([JOINED, JOINED, JOINED]);
    const blank = exampleOf(source, 2 * LINES.length - 1);
    expect(blank).toMatchObject({ mark: { by: 'gap', blanks: 1, step: 'level' } });
    expect(paragraphs(source, [blank])).toEqual([`${JOINED} ${JOINED}`, JOINED]);
  });

  test('a plain line end can be the mark: every line is a paragraph then', () => {
    const every = exampleOf(source, 0);
    expect(paragraphs(source, [every])).toHaveLength(3 * LINES.length);
  });

  test.each([
    [
      'a list of prices',
      'Rope from the walk behind the toll\nhouse           12\nA bell          40\nEel pie          7\nA lamp, used     3',
    ],
    [
      'a script',
      'KEEPER. Stand still, or they will all fly up again. (She\ncounts.) Nineteen.\nCLERK. It was eighteen on Monday. I have it written.\nKEEPER. On Monday you were looking at the geese. (Silence.)\nWrite nineteen.\nCLERK. May I write about nineteen?',
    ],
    [
      'an index',
      'Locks, 17; too narrow, 52, 61,\n  70n\nLadders, 8, 12; lent, 14, 16,\n  19\nLamps, 3, 9; that smoke, 40',
    ],
    ['dots', 'A cart ........ 4.00\nA herd ........ 6.00\nA piano, with those who\ncarry it ...... 9.50'],
    ['clauses', 'The ferry shall have:\na rope that is as long as the river is\nwide;\na bell; and\na lamp.'],
  ])('every line is one then, also of %s', (_name, text) => {
    const every: Choice = { kind: 'mark', from: 0, to: 0, mark: { by: 'gap', blanks: 0, step: 'level', odd: false } };
    expect(cleanText(clean(text, STYLE, [every])).split(/\n+/)).toHaveLength(text.split('\n').length);
  });

  test('nothing marks them: short last lines are left', () => {
    const text = `${LINES.join('\n')}\nIt holds.\n${LINES.join('\n')}\n\n${LINES.join('\n')}`;
    const nothing: Choice = { kind: 'mark', from: 0, to: 0, mark: { by: 'nothing' } };
    expect(paragraphs(text, [nothing])[0]).toBe(`${JOINED} It holds.`);
  });

  test('it leaves no doubt, and can be taken back', () => {
    const indent = exampleOf(source, LINES.length - 1);
    const plain = clean(source, STYLE);
    const marked = revise(plain, STYLE, [indent]);
    expect(cleanText(marked)).toBe(cleanText(clean(source, STYLE, [indent])));
    expect(marked.decided.certainty[LINES.length - 1]).toBeGreaterThan(0.99);
    expect(cleanText(revise(marked, STYLE, []))).toBe(cleanText(plain));
  });
});
