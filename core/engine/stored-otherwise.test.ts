import { expect, test } from '@jest/globals';
import { clean } from '../cleaning/clean.ts';
import { cleanText } from '../cleaning/output.ts';
import { DEFAULT_STYLE } from '../style/style.ts';
import { readEverydayTexts } from '../testing/everyday-texts.ts';

/* The same words with what nobody sees of them stored in another way come out the same. */

const TEXTS = readEverydayTexts();
/** What each text comes to as it is stored. */
const PLAIN = new Map(TEXTS.map(({ source }) => [source, cleanLines(source)]));

function cleanLines(source: string): string {
  return cleanText(clean(source, DEFAULT_STYLE))
    .split(/\n+/)
    .map((line) => line.trim().replace(/\s+/g, ' '))
    .filter((line) => line !== '')
    .join('\n');
}

test.each([
  ['line ends of another system', (text: string) => text.replace(/\n/g, '\r\n')],
  ['a byte order mark', (text: string) => `\ufeff${text}`],
  ['blank lines around it', (text: string) => `\n\n\n${text}\n\n\n`],
  ['spaces in blank lines', (text: string) => text.replace(/\n\n/g, '\n   \n')],
])('%s', (_name, store) => {
  const different = TEXTS.filter(({ source }) => cleanLines(store(source)) !== PLAIN.get(source));
  expect(different.map(({ name }) => name)).toEqual([]);
});

test.each([
  [
    'marks of direction before each line',
    '\u200eThe ferry goes at nine, and whoever is not on\n\u200ethe quay by then must walk.\n\n\u200e> Does it wait?\n\u200e> It never does.\n\n\u200eNo.',
    'The ferry goes at nine, and whoever is not on the quay by then must walk.\n\nDoes it wait?\n\nIt never does.\n\nNo.',
  ],
  [
    'no-break spaces between the words',
    '>>\u00a0Does the ferry wait?\n>\u00a0It never does, and whoever is not\n>\u00a0on\u00a0the\u00a0quay by then must walk.\nThen I shall walk.',
    'Does the ferry wait?\n\nIt never does, and whoever is not on the quay by then must walk.\n\nThen I shall walk.',
  ],
  [
    'a mail of which every line is set in',
    '    Who has the key?\n\n    > Do you have the key of the lamp room? I left\n    > it behind the clock.\n\n    It is not there.',
    'Who has the key?\n\nDo you have the key of the lamp room? I left it behind the clock.\n\nIt is not there.',
  ],
  [
    'captions of which every line is set in by a tab',
    '\t{25}{75}You begin with the keel,\n\t{76}{130}and then come the ribs.\n\t{131}{190}Who told you that?',
    'You begin with the keel, and then come the ribs. Who told you that?',
  ],
  [
    'marks around lines from right to left',
    '\u202bיצאה הסירה מן הרציף לפני הזריחה, ואיש לא ידע\u202c\n\u202bלאן היא שטה ומתי תחזור אל הכפר.\u202c',
    'יצאה הסירה מן הרציף לפני הזריחה, ואיש לא ידע לאן היא שטה ומתי תחזור אל הכפר.',
  ],
])('%s', (_name, source, expected) => {
  expect(cleanText(clean(source, DEFAULT_STYLE))).toBe(expected);
});
