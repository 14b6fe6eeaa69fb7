import type { Look } from '../../layout/looks.ts';
import type { DocumentWriter } from '../document-writer.ts';
import { textBoxes, type TextBoxes } from '../word/text-boxes.ts';

/** Where the reading of a file stands. */
export interface Reading {
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
export interface Aside {
  readonly kind: 'box' | 'note' | 'sign' | 'code';
  /** The depth of its group. */
  readonly depth: number;
  readonly words: string[];
}

export interface Group extends Look {
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

export interface Paragraph {
  heading?: number;
  isRow?: boolean;
  firstLine?: number;
  left?: number;
  isDropCap?: boolean;
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

export function beginReading(writer: DocumentWriter): Reading {
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

export function top({ groups }: Reading): Group {
  return groups.at(-1)!;
}
