import { expect, test } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { cleanText, runJob, USUAL_PLAN } from '../core/index.ts';
import { readBytesAs } from './read-bytes.ts';

/*
 * One text in files that other programs made of it: see script/make-fixtures. Each comes out as the paragraphs that it has.
 */

const FOLDER = 'core/testing/files';
const WANTED = [
  'The ferry at Saltfern Reach',
  'The ferry crosses the reach twice a day, an hour before high water and an hour after it, and has done so since the mill was built. It is a broad and heavy boat, which leans on its chain as an old dog leans on a door. The times stand in the tide table by the slip.',
  'Nobody has ever been late for it twice. Those who were late once remember the eleven miles round by the causeway, the geese, and the gate which the farmer at Coldharbour keeps shut for no reason that he can give.',
  'What it carries',
  'Three kinds of freight have a price of their own:',
  '• flour from the tide mill,',
  '• salt, which comes in two grades:',
  '• coarse,',
  '• fine;',
  '• the post, which goes free.',
  'Whoever brings a horse',
  '1. leads it on last,',
  '2. stands at its head,',
  '3. and leads it off first.',
  'Boat Places Built',
  'Gannet 24 1868',
  'Plover 12 1871',
  'The tide asks nothing of a ferryman but that he wait for it.',
  'The children of the reach have a rhyme for the chain:',
  'The chain goes up,\nthe chain goes down,\nand never once\nhas come to town.',
  'The last crossing of the year is on the eve of the feast, when the boat is hung with lamps and nobody pays.',
  'It was forged at Wrackby in 1870 and has been mended twice.',
];

/** The paragraphs of a file; lines of lists and tables one each, bullets and the marks of notes in one form, the title once. */
async function paragraphsOf(name: string): Promise<string[]> {
  const read = await readBytesAs(new Uint8Array(readFileSync(`${FOLDER}/${name}`)), name, {});
  if (!read.ok) throw new Error(read.problem);
  const { cleaning } = runJob(read.document, USUAL_PLAN, { findWords: () => undefined, name });
  const blocks = cleanText(cleaning)
    .trim()
    .split(/\n\n+/)
    .flatMap((block) => (/^The chain goes up/.test(block) ? block : block.split('\n')));
  return blocks
    .filter((block) => block !== 'The ferry')
    .map((block) =>
      block
        .replace(/^[◦–] /, '• ')
        .replace(/\t/g, ' ')
        .replace(/^(?:\[1\]|1\.?|¹) ?(?=It was forged)/, ''),
    );
}

test.each(['docx', 'odt', 'rtf', 'epub', 'html'])('the converter’s %s', async (format) => {
  expect(await paragraphsOf(`converter.${format}`)).toEqual(WANTED);
});

test.each(['docx', 'odt', 'rtf', 'html', 'pdf'])('the office suite’s %s', async (format) => {
  expect(await paragraphsOf(`office.${format}`)).toEqual(WANTED);
});

/** Bullets and small raised figures are recognised as other signs. */
const isPlain = (paragraph: string) => !/^(?:Boat|Gannet|Plover|\S (?!It\b))/.test(paragraph);

test.each(['typesetter.pdf', 'recognised.hocr', 'recognised.xml'])('the running text of %s', async (name) => {
  const running = (await paragraphsOf(name)).filter(isPlain).map((paragraph) => paragraph.replace('chain’', 'chain'));
  expect(running).toEqual(WANTED.filter(isPlain));
});
