import { Element } from '../../layout/layout.ts';
import { raisedFigures } from '../../text/raised-figures.ts';
import { isEncoding } from '../decode.ts';
import { UnreadableError, type Document } from '../document.ts';
import { documentWriter, writeWith, type BlockForm, type DocumentWriter, type Look } from '../document-writer.ts';
import { indentLead } from '../word/indent.ts';
import { textBoxes, type TextBoxes } from '../word/text-boxes.ts';
import { rtfTokens } from './rtf-tokens.ts';
import { CHARSETS, CODE_PAGES, KEPT, NOT_TEXT, SIGNS } from './rtf-words.ts';

/**
 * Reads Rich Text Format: paragraphs with their line breaks, headings by their outline level, lists with the signs that stand in the
 * file, tables a row to a line, text boxes behind their paragraphs, notes at the end. Heads and feet of pages, hidden and deleted
 * text, pictures and fields' codes are not read, but for the addresses of links. Throws UnreadableError.
 */
export function readRtf(bytes: Uint8Array): Document {
  const source = new TextDecoder('latin1').decode(bytes);
  if (!source.trimStart().startsWith('{\\rtf')) throw new UnreadableError('damaged');
  const writer = documentWriter();
  const reading = beginReading(writer);
  for (const token of rtfTokens(source)) {
    if (token.kind === 'byte') {
      takeByte(reading, token.byte);
      continue;
    }
    sayBytes(reading);
    if (token.kind === 'open') openGroup(reading);
    else if (token.kind === 'close') closeGroup(reading);
    else if (token.kind === 'word') takeWord(reading, token.word, token.value);
    else if (token.kind === 'text') takeText(reading, token.text);
  }
  sayBytes(reading);
  writer.close();
  reading.boxes.writeTo(writer);
  for (const [at, words] of reading.notes.entries()) {
    writer.open({ element: Element.note, apart: 'around' });
    writer.write(`[${at + 1}] ${words}`);
    writer.close();
  }
  return writer.finish();
}

/** Where the reading of a file stands. */
interface Reading {
  readonly writer: DocumentWriter;
  readonly notes: string[];
  readonly groups: Group[];
  paragraph: Paragraph;
  codePage: string;
  /** The encodings of fonts that have one of their own, by the fonts' numbers; and the font that the table of them is at. */
  readonly charsets: Map<number, string>;
  font: number;
  inFontTable: boolean;
  /** Bytes that wait for others, as characters of more than one byte have them. */
  bytes: number[];
  /** How many characters after a Unicode one stand in for it, and are passed over. */
  toSkip: number;
  readonly boxes: TextBoxes;
  /** What is open within a paragraph and is not of its words, one within another. */
  readonly asides: Aside[];
  /** The sign of the item that the next paragraph begins. */
  sign: string;
  hadWords: boolean;
  /** A row of a table was begun; paragraphs in its cells are words of one line. */
  inRow: boolean;
  /** At the beginning of a group, where a word says what the group is. */
  atStart: boolean;
}

/** A text box, a note, the sign of a list item, or the code of a field; `words` are those of all but the first. */
interface Aside {
  readonly kind: 'box' | 'note' | 'sign' | 'code';
  /** The depth of its group. */
  readonly depth: number;
  readonly words: string[];
}

/** The code of a field that leads elsewhere than to a place in the same text. */
const LINK = /^HYPERLINK "([^"]+)"(?! ?\\l)/;

interface Group extends Look {
  link?: string;
  isSkipped: boolean;
  isHidden: boolean;
  isRaised: boolean;
  isStrong: boolean;
  isEmphasis: boolean;
  /** As many characters stand in for a Unicode one. */
  standIns: number;
  /** The encoding of the font in use. */
  charset: string | undefined;
  /** A reader may pass over what it does not know. */
  isOptional: boolean;
}

interface Paragraph {
  heading?: number;
  isRow?: boolean;
  firstLine?: number;
  left?: number;
}

const PLAIN: Group = {
  isSkipped: false,
  isHidden: false,
  isRaised: false,
  isStrong: false,
  isEmphasis: false,
  standIns: 1,
  charset: undefined,
  isOptional: false,
};

function beginReading(writer: DocumentWriter): Reading {
  return {
    writer,
    notes: [],
    groups: [{ ...PLAIN }],
    paragraph: {},
    codePage: 'windows-1252',
    charsets: new Map(),
    font: 0,
    inFontTable: false,
    bytes: [],
    toSkip: 0,
    boxes: textBoxes(),
    asides: [],
    sign: '',
    hadWords: false,
    inRow: false,
    atStart: true,
  };
}

function top({ groups }: Reading): Group {
  return groups.at(-1)!;
}

function openGroup(reading: Reading): void {
  reading.groups.push({ ...top(reading), isOptional: false });
  reading.atStart = true;
}

function closeGroup(reading: Reading): void {
  const { groups, asides } = reading;
  const depth = groups.length;
  if (depth > 1) groups.pop();
  if (!top(reading).isSkipped) reading.inFontTable = false;
  if (asides.at(-1)?.depth === depth) closeAside(reading, asides.pop()!);
  reading.toSkip = 0;
  reading.atStart = false;
}

function closeAside(reading: Reading, { kind, words: parts }: Aside): void {
  if (kind === 'box') {
    reading.boxes.close();
    return;
  }
  const words = parts.join('').replace(/\s+/g, ' ').trim();
  if (kind === 'code') {
    // What the field shows is another group of the same.
    top(reading).link = LINK.exec(words)?.[1];
  } else if (kind === 'note') {
    reading.notes.push(words);
    say(reading, `[${reading.notes.length}]`);
  } else if (reading.asides.length > 0) say(reading, `${words} `);
  else reading.sign = words;
}

function takeByte(reading: Reading, byte: number): void {
  reading.atStart = false;
  if (reading.toSkip > 0) reading.toSkip--;
  else if (!top(reading).isSkipped) reading.bytes.push(byte);
}

function sayBytes(reading: Reading): void {
  const { bytes, codePage } = reading;
  if (bytes.length === 0) return;
  reading.bytes = [];
  say(reading, new TextDecoder(top(reading).charset ?? codePage).decode(Uint8Array.from(bytes)));
}

function takeText(reading: Reading, text: string): void {
  reading.atStart = false;
  const passed = Math.min(reading.toSkip, text.length);
  reading.toSkip -= passed;
  say(reading, text.slice(passed));
}

function takeWord(reading: Reading, word: string, value: number | undefined): void {
  const group = top(reading);
  if (word === '*') {
    if (reading.atStart) group.isOptional = true;
    return;
  }
  if (reading.atStart) {
    if (word === 'fonttbl') reading.inFontTable = true;
    if (NOT_TEXT.has(word) || (group.isOptional && !KEPT.has(word))) group.isSkipped = true;
    // The same words stand before it for readers without Unicode, in the group around both.
    if (word === 'ud') group.isSkipped = reading.groups.at(-3)?.isSkipped ?? false;
  }
  reading.atStart = false;
  if (reading.inFontTable) takeFont(reading, word, value);
  else if (!group.isSkipped) {
    if (SIGNS[word] !== undefined) say(reading, SIGNS[word]);
    else WORDS[word]?.(reading, value);
  }
}

/** What the table of fonts says: which font is in which encoding. */
function takeFont(reading: Reading, word: string, value = 0): void {
  if (word === 'f') reading.font = value;
  else if (word === 'fcharset' && CHARSETS[value] !== undefined) reading.charsets.set(reading.font, CHARSETS[value]);
}

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
  if (writer.hasWords() && reading.hadWords) writer.close();
  else writer.emptyLine();
  boxes.writeTo(writer);
  reading.hadWords = false;
};

/** Words of the aside that was opened last. */
function sayAside({ asides, boxes }: Reading, text: string): void {
  const aside = asides.at(-1);
  if (aside?.kind === 'box') boxes.say(text);
  else aside?.words.push(text);
}

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

const WORDS: Readonly<Record<string, AtWord>> = {
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

function say(reading: Reading, text: string): void {
  const { asides, writer, paragraph, sign } = reading;
  const group = top(reading);
  if (group.isSkipped || group.isHidden || text === '') return;
  if (asides.length > 0) {
    sayAside(reading, text);
    return;
  }
  if (!writer.hasWords()) {
    writer.open(formOf(paragraph, sign));
    reading.sign = '';
  }
  reading.hadWords ||= /[^\s\u00a0]/.test(text);
  writeWith(group, group.isRaised && /^\d{1,3}$/.test(text) ? raisedFigures(text) : text, writer);
}

function formOf({ heading = 0, isRow = false, firstLine, left }: Paragraph, written: string): BlockForm {
  if (isRow) return { element: Element.row };
  const sign = /^[·•◦▪\uf0a7\uf0b7o§-]$/.test(written) ? '•' : written;
  const lead = sign === '' ? undefined : `${sign} `;
  if (heading > 0) return { element: Element.heading, level: heading, apart: 'around', lead };
  if (lead !== undefined) return { element: Element.item, level: 1, lead };
  return { element: Element.paragraph, lead: indentLead(firstLine, left) };
}
