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
