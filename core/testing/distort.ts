import { toTruth, type ProseBlock } from './marked-prose.ts';
import type { Random } from './random.ts';
import { justify, paginate, typeset, wrap, type Setting } from './typeset.ts';

/** A realistic mess, and the clean text that a perfect cleaning makes of it, a paragraph or kept line per entry. */
export interface Mess {
  readonly source: string;
  readonly truth: readonly string[];
}

/** Makes a mess of clean prose. The same blocks and the same random row give the same mess. */
export type Distorter = (blocks: readonly ProseBlock[], random: Random) => Mess;

const PLAIN: Setting = { width: 70, indent: 0, gap: 1, headingGap: 2, hyphenates: false, bullet: '* ' };

/** A plain text file wrapped at 60 to 78 columns, paragraphs apart by a blank line. */
export const wrappedFile: Distorter = (blocks, random) => ({
  source: typeset(blocks, { ...PLAIN, width: 60 + Math.floor(random() * 18) }).join('\n') + '\n',
  truth: toTruth(blocks, '* '),
});

/** The text of a hyphenated PDF in two narrow columns: indents, running heads that alternate, page numbers, reference marks. */
export const pdfColumns: Distorter = (blocks, random) => {
  const set = typeset(withReferenceMarks(blocks, random), {
    ...PLAIN,
    width: 52 + Math.floor(random() * 6),
    indent: 3,
    gap: 0,
    headingGap: 1,
    hyphenates: true,
    bullet: '• ',
  });
  const lines = paginate(set, {
    linesPerPage: 44,
    firstPage: 18,
    head: (page) =>
      page % 2 === 0 ? [`${page}          THE TIDEWRIGHT QUARTERLY`, ''] : [`TIDE MILLS          ${page}`, ''],
    foot: () => [],
    formFeed: true,
  });
  return { source: lines.map(withLigatures).join('\n'), truth: toTruth(blocks, '• ') };
};

/** A scanned book page: hyphenated, blank lines between paragraphs, page numbers and a running head, no page breaks. */
export const scannedBook: Distorter = (blocks, random) => {
  const set = typeset(blocks, { ...PLAIN, width: 58 + Math.floor(random() * 8), headingGap: 1, hyphenates: true });
  const lines = paginate(set, {
    linesPerPage: 34,
    firstPage: 41,
    head: (page) => [page % 2 === 0 ? 'THE GANNET ROCK LIGHT' : 'LOG OF THE KEEPER', ''],
    foot: (page) => ['', String(page), ''],
    formFeed: false,
  });
  return { source: lines.join('\n'), truth: toTruth(blocks, '* ') };
};

/**
 * Book pages with a footnote each, which stands between the halves of the paragraph that goes on over the page; the mark is a
 * figure glued to a word.
 */
export const footnotedBook: Distorter = (blocks, random) => {
  const set = typeset(blocks, { ...PLAIN, width: 60 + Math.floor(random() * 8), indent: 3, gap: 0, headingGap: 1 });
  const pages: string[] = [];
  const notes: string[] = [];
  for (let at = 0; at < set.length; at += LINES_OF_A_FOOTNOTED_PAGE) {
    const number = notes.length + 1;
    const body = set.slice(at, at + LINES_OF_A_FOOTNOTED_PAGE);
    const marked = body.findIndex((line) => MAY_BE_MARKED.test(line));
    const foot = [String(30 + pages.length)];
    if (marked >= 0) {
      body[marked] = body[marked]!.replace(MAY_BE_MARKED, `$1${number}`);
      notes.push(`${number} See the survey of the ${NOTED[number % NOTED.length]}.`);
      foot.unshift(notes.at(-1)!);
    }
    pages.push([...body, ...foot].join('\n'));
  }
  return { source: pages.join('\n\f'), truth: [...toTruth(blocks, '* '), ...notes] };
};

const LINES_OF_A_FOOTNOTED_PAGE = 16;
const MAY_BE_MARKED = /(?<=^.{12,30} )(\p{Ll}{4,})(?= \p{Ll})/u;
const NOTED = ['mills', 'ferries', 'lights', 'quays'];

/** Lines of a scholarly edition: every fifth has its number in the margin. */
export const numberedLines: Distorter = (blocks, random) => {
  const set = typeset(blocks, { ...PLAIN, width: 56 + Math.floor(random() * 8) });
  let number = 0;
  const source = set.map((line) => {
    if (line === '') return line;
    number++;
    return (number % 5 === 0 ? String(number) : '').padEnd(5) + line;
  });
  return { source: source.join('\n') + '\n', truth: toTruth(blocks, '* ') };
};

/** A terminal page: justified with extra spaces, first lines indented, no gap. */
export const terminalPage: Distorter = (blocks, random) => {
  const setting = { ...PLAIN, width: 65, indent: 2, gap: 0, headingGap: 1, hyphenates: true };
  const lines = typeset(blocks, setting);
  const justified = lines.map((line, at) =>
    lines[at + 1] && !lines[at + 1]!.startsWith('  ') ? justify(line, setting.width, random) : line,
  );
  return { source: justified.join('\n') + '\n', truth: toTruth(blocks, '* ') };
};

/** A converted e-book: every line end doubled, with a space; paragraphs by an extra line that holds a no-break space. */
export const convertedEbook: Distorter = (blocks, random) => {
  const width = 58 + Math.floor(random() * 8);
  const paragraphs = toTruth(blocks).map((text) =>
    wrap(text, width, false).join('\r\n\r\n ').replace(/\. /g, '.\u00a0 '),
  );
  return { source: ` ${paragraphs.join('\r\n\r\n \u00a0\r\n\r\n ')}\r\n`, truth: toTruth(blocks) };
};

/** All line ends gone: three spaces stand where a paragraph begins. */
export const gluedText: Distorter = (blocks) => ({ source: toTruth(blocks).join('   '), truth: toTruth(blocks) });

/** A web page copied whole: a line to a paragraph, reference marks, "[edit]" after headings, soft hyphens, no-break spaces. */
export const webPage: Distorter = (blocks, random) => {
  const marked = withReferenceMarks(blocks, random);
  const text = marked.map((block) => {
    if (block.kind === 'heading') return `${block.lines[0]}[edit]`;
    return block.lines.map((line) => withSoftHyphens(line, random).replace(/ (\d)/g, '\u00a0$1')).join('\n');
  });
  return { source: text.join('\n\n') + '\n', truth: toTruth(blocks) };
};

/** SubRip captions of two lines; a paragraph ends with a pause of three seconds. Times grow with the words. */
export const subRip: Distorter = (blocks, random) => {
  const cues: string[] = [];
  let time = 3000;
  for (const paragraph of toTruth(blocks)) {
    const lines = wrap(paragraph, 38, false);
    for (let at = 0; at < lines.length; at += 2) {
      const shown = lines.slice(at, at + 2);
      const end = time + shown.join(' ').length * 62;
      cues.push(`${cues.length + 1}\n${clock(time)} --> ${clock(end)}\n${shown.join('\n')}\n`);
      time = end + (random() < 0.5 ? 0 : 120);
    }
    time += 3000;
  }
  return { source: cues.join('\n'), truth: toTruth(blocks) };
};

function clock(milliseconds: number): string {
  const pad = (value: number, digits = 2) => String(Math.floor(value)).padStart(digits, '0');
  const seconds = milliseconds / 1000;
  return `${pad(seconds / 3600)}:${pad((seconds / 60) % 60)}:${pad(seconds % 60)},${pad(milliseconds % 1000, 3)}`;
}

/** Numbered marks in brackets after about one sentence in seven. */
function withReferenceMarks(blocks: readonly ProseBlock[], random: Random): ProseBlock[] {
  let number = 0;
  return blocks.map((block) => {
    if (block.kind !== 'paragraph') return block;
    const mark = (stop: string) => (random() < 0.15 ? `${stop}[${++number}]` : stop);
    return { ...block, lines: block.lines.map((line) => line.replace(/(?<=\p{Ll}{2})\.(?= |$)/gu, mark)) };
  });
}

function withLigatures(line: string): string {
  return line.replace(/fi/g, 'ﬁ').replace(/fl/g, 'ﬂ');
}

function withSoftHyphens(line: string, random: Random): string {
  return line.replace(/\p{Ll}{9,}/gu, (word) => (random() < 0.4 ? `${word.slice(0, 4)}\u00ad${word.slice(4)}` : word));
}

/** No mess at all: text that is clean already must stay as it is. */
export const alreadyClean: Distorter = (blocks) => ({
  source: blocks.map((block) => block.lines.join('\n')).join('\n\n'),
  truth: toTruth(blocks),
});

/** All distorters by name, for properties that hold whatever the mess. */
export const DISTORTERS: Readonly<Record<string, Distorter>> = {
  wrappedFile,
  pdfColumns,
  scannedBook,
  footnotedBook,
  numberedLines,
  terminalPage,
  convertedEbook,
  gluedText,
  webPage,
  subRip,
  alreadyClean,
};
