import { isEncoding } from '../decode.ts';
import { top, type Aside, type Reading } from './rtf-reading.ts';
import { say, sayAside } from './rtf-saying.ts';
import { CODE_PAGES } from './rtf-words.ts';

type AtWord = (reading: Reading, value: number | undefined) => void;

const endParagraph: AtWord = (reading) => {
  const { asides, writer, boxes } = reading;
  if (asides.length > 0) {
    sayAside(reading, '\n');
    return;
  }
  if (reading.inRow && reading.paragraph.isRow) {
    if (writer.hasWords()) say(reading, ' ');
    return;
  }
  // A large first letter is of the paragraph after it.
  if (reading.paragraph.isDropCap && writer.hasWords()) return;
  if (writer.hasWords() && reading.hadWords) writer.close();
  else writer.emptyLine();
  boxes.writeTo(writer);
  reading.hadWords = false;
};

const openAside =
  (kind: Aside['kind']): AtWord =>
  (reading) => {
    reading.asides.push({ kind, depth: reading.groups.length, words: [] });
    if (kind === 'box') reading.boxes.open();
    top(reading).isRaised = false;
  };

function endRow(reading: Reading): void {
  reading.writer.close();
  reading.boxes.writeTo(reading.writer);
  reading.hadWords = false;
  reading.inRow = false;
}

/** A look that a word switches on, and the same word with 0 switches off. */
const look =
  (key: 'isStrong' | 'isEmphasis' | 'isHidden' | 'isRaised'): AtWord =>
  (reading, value) => {
    top(reading)[key] = value !== 0;
  };

/** What the words of RTF do, by the Rich Text Format Specification 1.9.1; all others say nothing of the text. */
export const CONTROLS: Readonly<Record<string, AtWord>> = {
  ansicpg: (reading, value = 0) => {
    const label = CODE_PAGES[value] ?? `windows-${value}`;
    reading.codePage = isEncoding(label) ? label : 'windows-1252';
  },
  f: (reading, value = 0) => {
    top(reading).charset = reading.charsets.get(value);
  },
  uc: (reading, value = 1) => {
    top(reading).standIns = value;
  },
  u: (reading, value = 0) => {
    say(reading, String.fromCharCode((value + 65536) % 65536));
    reading.toSkip = top(reading).standIns;
  },
  par: endParagraph,
  sect: endParagraph,
  page: endParagraph,
  line: (reading) => {
    if (reading.asides.length > 0) sayAside(reading, '\n');
    else reading.writer.breakLine();
  },
  tab: (reading) => {
    if (reading.asides.length > 0 || reading.writer.hasWords()) say(reading, ' ');
  },
  pard: (reading) => {
    if (reading.asides.length === 0) reading.paragraph = {};
  },
  intbl: ({ paragraph, asides }) => {
    if (asides.length === 0) paragraph.isRow = true;
  },
  trowd: (reading) => {
    if (reading.asides.length === 0) reading.inRow = true;
  },
  nestcell: (reading) => say(reading, ' '),
  cell: (reading) => {
    if (reading.asides.length > 0) sayAside(reading, ' ');
    else reading.writer.nextCell();
  },
  row: (reading) => {
    if (reading.asides.length > 0) sayAside(reading, '\n');
    else endRow(reading);
  },
  fi: ({ paragraph }, value = 0) => {
    paragraph.firstLine = value;
  },
  li: ({ paragraph }, value = 0) => {
    paragraph.left = value;
  },
  dropcapli: ({ paragraph }) => {
    paragraph.isDropCap = true;
  },
  outlinelevel: ({ paragraph }, value = 9) => {
    paragraph.heading = value < 9 ? value + 1 : 0;
  },
  b: look('isStrong'),
  i: look('isEmphasis'),
  v: look('isHidden'),
  deleted: look('isHidden'),
  super: look('isRaised'),
  nosupersub: (reading) => look('isRaised')(reading, 0),
  plain: (reading) => {
    for (const key of ['isStrong', 'isEmphasis', 'isHidden', 'isRaised'] as const) top(reading)[key] = false;
  },
  listtext: openAside('sign'),
  pntext: openAside('sign'),
  footnote: openAside('note'),
  fldinst: openAside('code'),
  shptxt: openAside('box'),
};
