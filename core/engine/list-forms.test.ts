import { expect, test } from '@jest/globals';
import { clean } from '../cleaning/clean.ts';
import { cleanText } from '../cleaning/output.ts';
import { DEFAULT_STYLE } from '../style/style.ts';
import { CONTINUATIONS, foldLines, MARKERS, wrapItem } from '../testing/list-forms.ts';

const ITEMS = [
  'lamp oil for two nights, and a spare wick in the box under the seat',
  'forty feet of rope',
  'the letter, which must not get wet whatever else does, and which is to be given to nobody but Mrs. Pell',
  'bread and cheese',
  'a bell. If it rings by itself, turn back at once and do not look at the water',
  'your own boots',
];
const ABOVE =
  'Before you leave the house at Wrackby, look whether you have with you all of the following, for nothing can be had at the kilns:';
const BELOW =
  'If anything is missing, stay at home. The tide will come again, and so will the man who asked you, whatever he says now.';
/** Characters; the widest is that of an item on one line. */
const WIDTHS = [42, 58, 74, 999];

const capital = (words: string) => words[0]!.toUpperCase() + words.slice(1);
const cleaned = (source: string) => cleanText(clean(source, DEFAULT_STYLE));
test.each(Object.keys(MARKERS))('items behind "%s" are whole and alone, however they are set out', (name) => {
  const marker = MARKERS[name]!;
  const wrong: string[] = [];
  for (const [how, rest] of Object.entries(CONTINUATIONS))
    for (const words of [ITEMS, ITEMS.map((item) => `${capital(item)}.`)])
      for (const between of ['\n', '\n\n'])
        for (const width of WIDTHS)
          for (const around of ['', '\n', '\n\n']) {
            const list = words.map((item, at) => wrapItem(item, width, marker(at), rest(marker(at)))).join(between);
            const prose = (text: string) => wrapItem(text, width, '', '');
            const gap = between === '\n' ? around : '\n\n';
            const source = around === '' ? list : [prose(ABOVE), list, prose(BELOW)].join(gap);
            const items = words.map((item, at) => marker(at) + item);
            const wanted = around === '' ? items : [ABOVE, ...items, BELOW];
            if (foldLines(cleaned(source)) !== foldLines(wanted.join('\n')))
              wrong.push(`${how}, ${words[0]!.slice(0, 4)}, ${JSON.stringify(between + around)}, ${width}`);
          }
  expect(wrong).toEqual([]);
});

const OUTER = ['1.', '1)', '(1)', 'A.', '•', '-', '*'];
const INNER = ['a.', 'a)', '(a)', 'i.', '(i)', '–', '+', 'o', '1. of its own', '1.1'];
const PARTS: readonly (readonly [string, readonly string[]])[] = [
  [
    'Before the boat comes in',
    [
      'look whether the lower gates are shut',
      'fill the chamber slowly, or the boats that are lying at the wall will be thrown about',
    ],
  ],
  [
    'When she is in, and her ropes have been made fast on both sides of the chamber',
    [
      'shut the upper gates',
      'take the toll',
      'tell the master of the other boats that are waiting below, and of the crack in the wall',
    ],
  ],
  ['When the keeper is away', ['ring', 'wait']],
];

/** The signs of the two levels; one that counts on by the part it is in, others by themselves. */
function innerMarker(name: string, part: number, item: number): string {
  if (name === '1.1') return `${part + 1}.${item + 1} `;
  return MARKERS[name.slice(0, 2) === '1.' ? '1.' : name]!(item);
}

test.each(OUTER)('lists of any kind within one behind "%s" come out item by item', (outer) => {
  const wrong: string[] = [];
  for (const inner of INNER.filter((name) => name.slice(0, 2) !== outer))
    for (const indent of [0, 2, 4])
      for (const isHung of [false, true])
        for (const width of [40, 60]) {
          const lines: string[] = [];
          const wanted: string[] = [];
          for (const [part, [head, items]] of PARTS.entries()) {
            const sign = MARKERS[outer]!(part);
            wanted.push(sign + head);
            lines.push(wrapItem(head, width, sign, isHung ? ' '.repeat(sign.length) : ''));
            for (const [at, words] of items.entries()) {
              const own = innerMarker(inner, part, at);
              const margin = ' '.repeat(indent);
              wanted.push(own + words);
              lines.push(wrapItem(words, width, margin + own, margin + (isHung ? ' '.repeat(own.length) : '')));
            }
          }
          if (foldLines(cleaned(lines.join('\n'))) !== foldLines(wanted.join('\n')))
            wrong.push(`${inner}, ${indent}, ${String(isHung)}, ${width}`);
        }
  expect(wrong).toEqual([]);
});

const AFTER =
  '\n\nNobody has ever been turned away from the long table, and nobody has been told\nwhen the evening ends.';

test.each([
  ['close below what leads to them', 'Bring these:\n- oars\n- a lamp', 'Bring these:\n- oars\n- a lamp'],
  [
    'close, one of two lines',
    '- oars, two to a boat, and a\n  third\n- a lamp',
    '- oars, two to a boat, and a third\n- a lamp',
  ],
  ['apart by blank lines', '1. Oars.\n\n\n2. A lamp.\n\n\n3. Bread.', '1. Oars.\n\n2. A lamp.\n\n3. Bread.'],
  ['with a letter each', '(a) oars; and\n(b) a lamp', '(a) oars; and\n(b) a lamp'],
])('items stand as in the source: %s', (_name, list, wanted) => {
  const came = cleaned(list + AFTER);
  expect(came.slice(0, came.indexOf('\n\nNobody'))).toBe(wanted);
});

const TURN = '\n\n\fTHE LONG TABLE        7\n\n';
const HEADS = `${AFTER}${TURN}It was set for all.\n\n\fTHE LONG TABLE        8\n\nThen it was cleared.`;

test.each([
  ['close', '\n'],
  ['apart', '\n\n'],
])('items on two pages stand as the others do: %s', (_name, gap) => {
  const items = ['- a lantern, lit before the bell', '- oars, if you have them', '- something for the table'];
  const lines = [items.slice(0, 2).join(gap), items[2]].join('\n\n\fTHE LONG TABLE        6\n\n');
  expect(cleaned(lines + HEADS)).toContain(items.join(gap));
});

test('in a text that wraps and has no blank line at all, numbered paragraphs stand apart as the others do', () => {
  const paragraph = AFTER.trim();
  const numbered = [1, 2, 3].map((number) => `${number}. ${paragraph}`);
  const came = cleaned(['The long table', ...numbered].join('\n'));
  expect(came.split('\n\n').slice(-3)).toEqual(numbered.map((text) => text.replace(/\n/g, ' ')));
});
