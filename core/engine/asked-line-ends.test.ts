import { expect, test } from '@jest/globals';
import { clean } from '../cleaning/clean.ts';
import { DEFAULT_STYLE } from '../style/style.ts';

/*
 * Line ends that may as well be those of a wrapped paragraph are asked about, whatever else the text looks like.
 */

/** The words behind the line end. */
const ASKED: readonly (readonly [string, string, string])[] = [
  [
    'below a line that ends in "of"',
    'Dear Mrs. Roe,\n\nOn the Repairs still wanted of\nBoats and Lamps.\n\nOn the Hours of\nGeese.\n\nIda Marsh',
    'Boats and',
  ],
  [
    'below a full line that ends a sentence, in a text with few lines',
    'Dear Mrs. Roe,\n\nThe lamp room is dark again, and somebody has to climb up to it by Monday.\nThe keeper said so twice, and then he wrote it on the door.\n\nIda Marsh',
    'The keeper',
  ],
  [
    'between lines of an item that pause at their ends',
    '- The keeper, when he was called,\nwent over to the lamp and knelt,\nwith his head held low.',
    'with his',
  ],
  [
    'German: below a full line, before a noun',
    'Wann fährt die letzte Fähre?\nVon Mai bis September um 21 Uhr, sonst um 19\nUhr. Bei Sturm fährt sie nicht.',
    'Uhr. Bei',
  ],
];

/** The words behind a line end that nobody has to be asked about. */
const NOT_ASKED: readonly (readonly [string, string, string])[] = [
  [
    'below the line with which a letter begins, before a small letter',
    'Hi all,\n\nthe ferry runs again from Monday. Please bring coins, as\nthe clerk has none.\n\nHe is sorry.',
    'the ferry',
  ],
  [
    'German: the same',
    'Liebe Frau Holm,\n\nam Montag fährt die Fähre wieder. Bitte bringen Sie Münzen mit, denn\nder Schreiber hat keine.',
    'am Montag',
  ],
  [
    'above the line with which a letter ends',
    'Dear Ida,\nthe lamp has come, thank you. Nothing was broken but the\nwick, and that was short before. I have put the lamp on\nthe sill, where it does very well for moths.\nWhen will you come?\nYours,\nJ.',
    'Yours,',
  ],
  [
    'above a list that a sentence leads to',
    'thank you for the minutes. I agree with most of what is\nsaid there, and I should like it to be put on record that\n\n- the letter was sent twice,\n- no answer came.',
    '- the letter',
  ],
];

test.each(NOT_ASKED)('a line end is not asked about: %s', (_name, source, behind) => {
  expect(certaintyBefore(source, behind)).toBeGreaterThanOrEqual(DEFAULT_STYLE.certaintyLimit);
});

test('a line of a stanza that ends in a small word is not', () => {
  const source =
    'She rinsed the pot and dried it,\nand set the cups a moment by\nthe window where the lamp was,\nand waited for the sky.';
  const { decided } = clean(source, DEFAULT_STYLE);
  expect([...decided.certainty].every((certainty) => certainty >= DEFAULT_STYLE.certaintyLimit)).toBe(true);
});

test.each(ASKED)('a line end is asked about: %s', (_name, source, behind) => {
  expect(certaintyBefore(source, behind)).toBeLessThan(DEFAULT_STYLE.certaintyLimit);
});

/** How certain the engine is of the line end before these words. */
function certaintyBefore(source: string, behind: string): number {
  const { table, decided } = clean(source, DEFAULT_STYLE);
  const seam = decided.seams.line.findIndex((one) => source.startsWith(behind, table.from[one])) - 1;
  expect(seam).toBeGreaterThanOrEqual(0);
  return decided.certainty[seam]!;
}
