import { expect, test } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { clean } from '../cleaning/clean.ts';
import { isDropped } from '../lines/line-kind.ts';
import { DEFAULT_STYLE } from '../style/style.ts';
import { parseDocuments, setOut } from '../testing/set-out.ts';

/*
 * Parts of a text that are built alike have lines that come back at the same distance, and where each fills a page, at its top and foot:
 * as running heads do. They never leave in silence.
 */

const PROSE = ['stories', 'news', 'letters']
  .flatMap((file) => parseDocuments(readFileSync(`core/testing/documents/${file}.txt`, 'utf8')))
  .flatMap(({ parts }) => parts.flat())
  .filter(({ is, text }) => is === 'paragraph' && text.length > 150 && /^\p{Lu}/u.test(text));

const DISHES = ['Apple cake', 'Eel pie', 'Samphire salad', 'Potted shrimps', 'Oat bread', 'Plum jam', 'Fish broth'];

const wrapped = (from: number, count: number) =>
  setOut({ name: '', parts: [PROSE.slice(from, from + count)] }, { name: '', width: 60 });

/** One part of the text, by its number. */
const PARTS: Readonly<Record<string, (at: number) => string>> = {
  recipes: (at) => `${DISHES[at]!}\nIngredients\n2 eggs\n${at + 1} cups of flour\nMethod\n${wrapped(at, 1)}`,
  letters: (at) => `Wrackby\n${at + 3} May\n\nDear Ida,\n\n${wrapped(2 * at, 2)}\n\nEver yours\nMarise`,
  reports: (at) => `Catch report\nBoat: Adela\nCatch: ${at * 3 + 2} boxes\nRemarks\n${wrapped(at, 1)}\nSigned and sent`,
  chapters: (at) =>
    `${at + 1}. ${DISHES[at]!}\nSummary\n${wrapped(at, 1)}\nDiscussion\n${wrapped(at + 9, 1)}\nReferences`,
  speeches: (at) => `HANNO VELL\n${wrapped(at, 1)}\n\nIDA PELL\n${wrapped(at + 9, 1)}`,
  winters: (at) => `Winter ${at + 1890}\n${wrapped(at, 2)}`,
  scenes: (at) => `The mill, night\n${wrapped(at, 1)}\nCurtain`,
};

/** The lines with words that leave without a question. */
function leftInSilence(source: string): string[] {
  const { table } = clean(source, DEFAULT_STYLE);
  return [...table.kind.keys()]
    .filter((line) => isDropped(table.kind[line]!) && !table.removalDoubts.has(line))
    .map((line) => source.slice(table.from[line], table.to[line]))
    .filter((text) => /[\p{L}\p{N}]/u.test(text));
}

const BETWEEN = { 'a line end': '\n', 'a blank line': '\n\n', 'a page break': '\n\f' };

test.each(Object.entries(PARTS).flatMap(([name, part]) => Object.keys(BETWEEN).map((by) => ({ name, part, by }))))(
  '$name, parted by $by',
  ({ part, by }) => {
    const source = DISHES.map((_, at) => part(at)).join(BETWEEN[by as keyof typeof BETWEEN]);
    expect(leftInSilence(source)).toEqual([]);
  },
);

const BOATS = [
  'Adela',
  'Sprat',
  'Gannet',
  'Ebb',
  'Samphire',
  'Curlew',
  'Petrel',
  'Dunlin',
  'Knot',
  'Tern',
  'Eider',
  'Teal',
];

/** Texts without stops, with a number in each part: nothing but its distance to the next tells it from that of a page. */
const NUMBERED: Readonly<Record<string, (boat: string, at: number) => string>> = {
  questions: (boat, at) => `${at + 1}\nWhich was built in the year of the ${boat.toLowerCase()}\na storm\nb drought`,
  stanzas: (boat, at) =>
    `${at + 1}\nthe tide goes out and leaves the ${boat.toLowerCase()}\nupon the mud to wait\nand comes again`,
  hymns: (boat, at) => `${at + 1}\nO ${boat}, hear the bell\nthat rings beneath the swell\nand keep thy children well`,
  'stage directions': (boat, at) => `${at + 1}\n${boat} enters with a lamp and\ncrosses to the window`,
  references: (boat, at) => `${boat}\np. ${at * 4 + 2}\nsee also the ${boat.toLowerCase()} boat`,
  ranks: (boat, at) => `${at + 1}\n${boat}\n${120 - at * 3}`,
  'times of a race': (boat, at) => `${boat}\n1:${String(at * 3).padStart(2, '0')}.4`,
};

test.each(
  Object.entries(NUMBERED).flatMap(([name, part]) => ['\n', '\n\n'].map((between) => ({ name, part, between }))),
)('$name keep their numbers, parted by $between', ({ part, between }) => {
  expect(leftInSilence(BOATS.map(part).join(between))).toEqual([]);
});
