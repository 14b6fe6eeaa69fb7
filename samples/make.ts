import { readFileSync, writeFileSync } from 'node:fs';
import { convertedEbook, pdfColumns, scannedBook, subRip, webPage, type Distorter } from '../core/testing/distort.ts';
import { parseProse, toTruth, type ProseBlock } from '../core/testing/marked-prose.ts';
import { seededRandom } from '../core/testing/random.ts';
import { typeset } from '../core/testing/typeset.ts';

/** Writes samples/texts from samples/prose: each text as messy as what people paste. Run it after changing the prose. */
const MESSES: Readonly<Record<string, Distorter>> = {
  'tide-mills': pdfColumns,
  'keepers-log': (blocks, random) => scannedBook(misread(blocks), random),
  'ferry-festival': (blocks, random) => {
    const page = webPage(blocks, random);
    return { ...page, source: `${MENU}${page.source}${FOOT}` };
  },
  'boat-builder': (blocks, random) => {
    const captions = subRip(blocks, random);
    return { ...captions, source: captions.source.replace(/\n\n(?=(?:9|31|58)\n)/g, '\n[laughter]\n\n') };
  },
  'novella-chapter': convertedEbook,
  'audio-guide': (blocks) => ({
    source: typeset(blocks, { width: 400, indent: 0, gap: 0, headingGap: 1, hyphenates: false, bullet: '' }).join(
      '\r\n',
    ),
    truth: toTruth(blocks),
  }),
  letter: (blocks) => ({
    source: typeset(blocks, { width: 64, indent: 4, gap: 1, headingGap: 1, hyphenates: false, bullet: '' })
      .map((line, at) => line.replace(/([.?]) (?=[A-Z])/g, '$1  ') + (at % 5 === 2 ? '  ' : ''))
      .join('\n'),
    truth: toTruth(blocks),
  }),
};

const MENU = 'Saltfern Reach Guide\nPlaces\nTides\nFestivals\nSign in\n\n';
const FOOT = '\nLast changed on 2 August. Text by the readers of The Tidewright Quarterly.\nPrivacy\nAbout the guide\n';

/** Slips of the kind that text recognition makes. */
function misread(blocks: readonly ProseBlock[]): ProseBlock[] {
  const slips: readonly (readonly [string, string])[] = [
    ['modern', 'modem'],
    ['burned clear', 'bumed clear'],
    ['and the ninth', 'and tbe ninth'],
    ['lower gallery', 'lower ga1lery'],
    ['It would be a curious', 'lt would be a curious'],
  ];
  const apply = (line: string) => slips.reduce((text, [right, wrong]) => text.replace(right, wrong), line);
  return blocks.map((block) => ({ ...block, lines: block.lines.map(apply) }));
}

/** Of the messes that a text may be in, one with a line end that is in doubt, so that there is something to ask about. */
const SEEDS: Readonly<Record<string, number>> = { 'tide-mills': 21 };

for (const [at, [id, distort]] of Object.entries(MESSES).entries()) {
  const prose = readFileSync(new URL(`./samples/prose/${id}.txt`, `file://${process.cwd()}/`), 'utf8');
  const { source } = distort(parseProse(prose), seededRandom(SEEDS[id] ?? at + 7));
  writeFileSync(new URL(`./samples/texts/${id}.txt`, `file://${process.cwd()}/`), source);
}
