import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { ALL_LINE_OPTIONS } from '../lines/line-kind.ts';
import { readLines } from '../lines/read-lines.ts';
import { wrap } from '../testing/typeset.ts';
import { indexWords } from '../text/word-index.ts';
import { decideSeams } from './decide.ts';
import { Decision } from './seam-table.ts';

const SIGNS = { [Decision.join]: '_', [Decision.mend]: '~', [Decision.break]: '/', [Decision.keep]: '|' } as const;

/** What is decided at each line end of a text: "_" joined, "~" mended, "/" a new paragraph, "|" kept as a line end. */
function decisionsOf(source: string): string {
  const { decision } = decideSeams(source, readLines(source, ALL_LINE_OPTIONS), indexWords(source));
  return Array.from(decision, (one) => SIGNS[one as keyof typeof SIGNS]).join('');
}

const PROSE = wrap(
  'The lamp was lit for the first time in the spring of 1744, by a man who had never seen the sea before and did not like it, and who kept his back to the window for forty years.',
  60,
  false,
);

describe('lines of one shape are never joined', () => {
  const SHAPES: Readonly<Record<string, (at: number) => string>> = {
    times: (at) => `${9 + at}:15 the next thing that is to be done`,
    figures: (at) => `${1700 + at} another mill is built below the first`,
    names: (at) => `${['Name', 'Trade', 'Age', 'Remarks', 'Place'][at % 5]}: words and more words of some length here`,
    meanings: (at) => `word${'s'.repeat(at)} – what it means to whoever uses it on the quay`,
    pages: (at) => `a matter of some weight, ${12 + at}`,
    assignments: (at) => `setting${at} = some value of it`,
    commands: (at) => `$ light --bright ${at}`,
    cells: (at) => `| day ${at} | loaves | burnt |`,
    tabs: (at) => `day ${at}\tloaves\tburnt`,
  };

  test.each(Object.entries(SHAPES))('%s, by themselves and under prose', (_name, write) => {
    fc.assert(
      fc.property(fc.integer({ min: 3, max: 12 }), fc.boolean(), (count, isUnderProse) => {
        const list = Array.from({ length: count }, (_, at) => write(at));
        const source = isUnderProse ? `${PROSE.join('\n')}\n\n${list.join('\n')}` : list.join('\n');
        expect(decisionsOf(source).slice(-(count - 1))).toMatch(/^[/|]+$/);
      }),
      { numRuns: 40 },
    );
  });

  test('a list of a thousand lines', () => {
    const list = Array.from({ length: 1000 }, (_, at) => SHAPES['pages']!(at));
    expect(decisionsOf(list.join('\n'))).toMatch(/^[/|]{999}$/);
  });

  test('an entry may go on in the next line', () => {
    const entries = [
      'Ebb: the going out of the tide, in which nobody who',
      'can swim ought to trust too far.',
      'Neap: the tide that does not try.',
      'Slack: the quarter of an hour in which the sea makes',
      'up its mind and boats can be let go.',
    ];
    expect(decisionsOf(entries.join('\n'))).toBe('_//_');
  });

  test('prose with figures and colons in it is none', () => {
    const prose = wrap(
      'He said: nobody came. In 1902, 39 were counted: that was the most. Others – few of them – said 41, and one said: 44, no more. It rained in March, 12 days of it, and the geese did not mind.',
      44,
      false,
    );
    expect(decisionsOf(prose.join('\n'))).toMatch(/^_+$/);
  });
});

describe('labels in brackets that count on', () => {
  test.each([
    ['letters', ['(a) at sunset, by the clock of the chapel, and', '(b) whenever the bell is rung.']],
    ['Roman numbers', ['(i) the hour at which the ringing is to begin, and', '(ii) the cause of it, in words.']],
    [
      'Roman numbers further on',
      ['(iv) the hour at which the ringing is to begin, and', '(v) the cause of it, in words; and', '(vi) nothing.'],
    ],
  ])('%s', (_name, lines) => {
    expect(decisionsOf(lines.join('\n'))).toMatch(/^[/|]+$/);
  });

  test('a bracket that counts nothing on is the end of a sentence as any other', () => {
    expect(
      decisionsOf(
        [
          'The lamp was lit by a man who kept his back to the window',
          '(he did not like the sea) for all of forty years and who',
          'is buried behind the chapel.',
        ].join('\n'),
      ),
    ).toBe('__');
  });
});

describe('entries whose other lines are set in', () => {
  const entry = (text: string) => wrap(text, 56, false).map((line, at) => (at === 0 ? line : `    ${line}`));
  const BOOKS = [
    'Quist, L. (1994). Geese and their numbers, with a table of all that were counted. Annals of the Green, 3, 12–19.',
    'Venn, T., & Harrow, E. (2008). A ladder of our own, and what became of it in the gale. Slates, 14(2), 101–117.',
    'Pell, A. (2012). Jam. Fen Press.',
  ];

  test('each stands alone and goes on in them, whatever its lines begin with', () => {
    const lines = BOOKS.map(entry);
    const wanted = lines.map((own) => '_'.repeat(own.length - 1)).join('/');
    expect(decisionsOf(lines.flat().join('\n'))).toBe(wanted);
  });

  test('a first line that is set in begins a paragraph', () => {
    const set = (text: string) => wrap(text, 56, false).map((line, at) => (at === 0 ? `    ${line}` : line));
    const lines = [PROSE.join(' '), PROSE.join(' '), PROSE.join(' ')].map(set);
    const wanted = lines.map((own) => '_'.repeat(own.length - 1)).join('/');
    expect(decisionsOf(lines.flat().join('\n'))).toBe(wanted);
  });
});

describe('few lines', () => {
  test.each([
    ['a shopping list', ['2 lb flour', 'lamp oil', 'a dozen eggs', 'matches', 'tar for the boat']],
    ['very narrow lines', ['the tide comes in', 'and does not ask', 'who left the gate', 'unfastened']],
    [
      'lines that all end in a comma',
      [
        'When the tide goes down, my love,',
        'and the boats lie on their side,',
        'i will wait for you, my love,',
        'till the turning of the tide.',
      ],
    ],
    ['words in capitals', ['LOST', 'GREY CAT WITH ONE WHITE EAR', 'ANSWERS TO BISCUIT', 'REWARD', 'CALL AT NUMBER 9']],
  ])('%s: every line end stands', (_name, lines) => {
    expect(decisionsOf(lines.join('\n'))).toMatch(/^[/|]+$/);
  });

  test.each([
    ['two full lines', PROSE.slice(0, 3)],
    ['a line that ends in "the"', ['He went down to the', 'quay and stood', 'beside the boat.']],
    ['a word that is cut', ['It was consid-', 'erable, and no', 'one minded.']],
    [
      'all in capitals',
      [
        'GOOD MORNING TO ALL OF YOU, AND WELCOME TO THE THIRD',
        'MEETING OF THE YEAR, WHICH IS ALSO THE FIRST, SINCE THE',
        'OTHER TWO WERE HELD ON THE STAIRS, BECAUSE A GOOSE HAD',
        'TAKEN THE ROOM.',
      ],
    ],
  ])('%s: the lines were wrapped', (_name, lines) => {
    expect(decisionsOf(lines.join('\n'))).toMatch(/^[_~]+$/);
  });

  test('a salutation and a close stand beside lines that wrap', () => {
    const lines = [
      'Dear Mrs. Pell,',
      '',
      ...PROSE.map((line, at) => (at === 0 ? `the ${line.slice(4)}` : line)),
      '',
      'Yours truly,',
      'Enoch Harrow',
    ];
    expect(decisionsOf(lines.join('\n'))).toBe(`/${'_'.repeat(PROSE.length - 1)}/|`);
  });

  test('who signs is one block, below the close or a blank line under it', () => {
    const signed = ['', 'Hannah Pell', 'Swans and lamps', 'Wrackby 14'];
    expect(decisionsOf([...PROSE, '', 'Kind regards,', ...signed].join('\n')).slice(-4)).toBe('//||');
    expect(decisionsOf([...PROSE, '', 'Kind regards,', ...signed.slice(1)].join('\n')).slice(-4)).toBe('/|||');
  });

  test('a list beside lines that wrap keeps its lines, though they begin small', () => {
    const lines = ['martedì e venerdì', 'sabato mattina', 'lunedì chiuso', '', ...PROSE];
    expect(decisionsOf(lines.join('\n')).slice(0, 3)).toMatch(/^[/|]+$/);
  });
});

test('a title wider than all lines below it is no part of what follows', () => {
  const lines = [
    'The Geese of the Green of Wrackby, Counted on Ten Mornings in Spring',
    'Lorna Quist',
    '',
    ...wrap(PROSE.join(' '), 44, false),
  ];
  expect(decisionsOf(lines.join('\n')).slice(0, 2)).toBe('//');
});

describe('lines that a list or a poem goes on in', () => {
  const ENTRIES = [
    'Keep the lamp clean and lit',
    'Write the log every three hours',
    'Four days a week',
    'A room over the gate',
  ];

  test('the one entry of a list that was too long for its line', () => {
    fc.assert(
      fc.property(fc.nat(ENTRIES.length), fc.integer({ min: 45, max: 54 }), (at, width) => {
        const long = wrap('Show the school classes round on weekdays, and answer them all', width, false);
        const lines = [...ENTRIES.slice(0, at), ...long, ...ENTRIES.slice(at)];
        const signs = decisionsOf(['WHAT YOU WILL DO', '', ...lines].join('\n')).slice(1);
        expect(signs.replace(/\|/g, '/')).toBe(
          lines
            .slice(1)
            .map((_, seam) => (seam === at ? '_' : '/'))
            .join(''),
        );
      }),
    );
  });

  test.each([
    [
      'verses that begin small, the rest of each set in',
      [
        'the harbour bell that nobody rings rings for the men who do',
        '    not come,',
        'and all the boats that lie at home lie still, and all the',
        '    gulls are dumb,',
        'and only she that mends the nets sits at her door and mends',
        '    the nets.',
      ],
      '_/_/_',
    ],
    [
      'two short lines set in between paragraphs, after a comma',
      [...PROSE, '', '    I have seen the light,', '    and steered by it.', '', ...PROSE],
      `${'_'.repeat(PROSE.length - 1)}/|/${'_'.repeat(PROSE.length - 1)}`,
    ],
    [
      'items under a ring',
      [
        'It is lowered when',
        '',
        '  o  the water falls below the mark, or',
        '',
        '  o  the harbour master says so, and then the',
        '     keeper writes it down.',
      ],
      '//_',
    ],
    [
      'a name at the right below a close',
      [...PROSE, '', '     Yours, with all my wishes,', '             J. Sutter'],
      `${'_'.repeat(PROSE.length - 1)}//`,
    ],
    [
      'an article wants its noun',
      [
        'ring the builder before friday!!',
        'roof - two places',
        'buy: wicks, brown paper, a',
        'new slate',
        'believe him?',
      ],
      '||_|',
    ],
  ])('%s', (_name, lines, wanted) => {
    expect(decisionsOf(lines.join('\n'))).toBe(wanted);
  });
});

test('a bracket that had a line of its own ends what was said', () => {
  const source =
    '「船がここに来たのも、この港の粉を島まで運ぶ為のようだ。\n」\n「私たちは潮が来るまで、門を直すのを手伝います。\n」\n「それで、島まで行く事ができるのですか？」\n';
  const decided = decisionsOf(source);
  expect([decided[1], decided[3]]).toEqual(['/', '/']);
});

test('a small letter below a blank line is asked about where every line has one after it', () => {
  const lines = [
    'The lamp of the lock is lit at dusk by whoever of us comes last',
    'and is put out',
    'at dawn',
    'by the keeper',
  ];
  const source = lines.join('\n\n');
  const { decision, certainty } = decideSeams(source, readLines(source, ALL_LINE_OPTIONS), indexWords(source));
  expect(decision[1]).toBe(Decision.break);
  expect(certainty[1]).toBeLessThan(0.85);
});
