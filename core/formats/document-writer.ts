import { Element, Region, type Layout, type LayoutRange } from '../layout/layout.ts';
import type { Look } from '../layout/looks.ts';
import type { Document } from './document.ts';

/** How a block is written. */
export interface BlockForm {
  readonly element: Element;
  readonly level?: number;
  readonly region?: Region;
  /** What stands before its first line: the sign of a list item, an indent. */
  readonly lead?: string;
  /** A blank line stands before it, or before it and behind it. */
  readonly apart?: 'before' | 'around';
  /** Spaces and line ends stand as they are; else they are one space, as in HTML. */
  readonly isPreformatted?: boolean;
}

/** Takes what a reader finds, block by block, and makes a document of it. */
export interface DocumentWriter {
  /** Ends the block that is open and begins another. It is written once it has words. */
  open(form: BlockForm): void;
  /** Words of the open block; of a paragraph where none is open. */
  write(text: string): void;
  /** A line end by force, within the block. */
  breakLine(): void;
  /** The next cell of a row: a tab, where the row has words. */
  nextCell(): void;
  close(): void;
  /** A paragraph without words: a blank line. */
  emptyLine(): void;
  /** The end of a page. */
  pageEnd(): void;
  beginRange(kind: LayoutRange['kind'], address?: string): void;
  endRange(): void;
  /** Whether the open block has words. */
  hasWords(): boolean;
  finish(beside?: Pick<Document, 'title' | 'encoding'>): Document;
}

/** Writes words that have a look of their own. */
export function writeWith({ isStrong, isEmphasis, isCode, link }: Look, text: string, writer: DocumentWriter): void {
  if (link !== undefined) writer.beginRange('link', link);
  if (isStrong) writer.beginRange('strong');
  if (isEmphasis) writer.beginRange('emphasis');
  if (isCode) writer.beginRange('code');
  writer.write(text);
  if (isCode) writer.endRange();
  if (isEmphasis) writer.endRange();
  if (isStrong) writer.endRange();
  if (link !== undefined) writer.endRange();
}

interface OpenRange {
  readonly kind: LayoutRange['kind'];
  readonly address?: string;
  readonly from: number;
}

const SPACES = /[ \t\n\r\f]+/g;
/** Whatever else ends a line must not do so here: the lines of the layout are counted by what the writer wrote. */
const LINE_ENDS = /\r\n?|[\v\f\u0085\u2028\u2029]/g;
const BLANKS = ' \n\t\u00a0';
/** A paragraph, where nothing was said of the block. */
const PARAGRAPH: BlockForm = { element: Element.paragraph };

export function documentWriter(): DocumentWriter {
  const element: number[] = [];
  const level: number[] = [];
  const region: number[] = [];
  const block: number[] = [];
  const ranges: LayoutRange[] = [];
  const openRanges: OpenRange[] = [];
  /** What is written, in parts: a long text grows by very many of them, and must not be copied for each. */
  const text: string[] = [];
  let length = 0;
  let blocks = 0;
  let form: BlockForm | undefined;
  /** The last block that was written; undefined at the beginning of a page. */
  let last: BlockForm | undefined;
  /** The words of the open block, in parts. */
  let words: string[] = [];
  let wordsLength = 0;
  /** Where the words of the open block will begin in the text; known once it has some. */
  let start = -1;

  const put = (part: string): void => {
    text.push(part);
    length += part.length;
  };

  const endLine = (of: BlockForm, end = '\n'): void => {
    put(end);
    element.push(of.element);
    level.push(of.level ?? 0);
    region.push(of.region ?? Region.text);
    block.push(blocks);
  };

  const startBlock = (): void => {
    const now = (form ??= PARAGRAPH);
    if (last && (last.apart === 'around' || now.apart)) endLine(last);
    blocks++;
    put(now.lead ?? '');
    start = length;
    for (const [at, range] of openRanges.entries()) openRanges[at] = { ...range, from: start };
  };

  const say = (part: string): void => {
    words.push(part);
    wordsLength += part.length;
  };

  /** Takes the space away that the words end in, where they do. */
  const dropSpace = (): void => {
    const part = words.at(-1);
    if (!part?.endsWith(' ')) return;
    words[words.length - 1] = part.slice(0, -1);
    wordsLength--;
  };

  /** Ranges that go on beyond a block end in it, and begin again in the next. */
  const cutRanges = (to: number): void => {
    for (const { kind, address, from } of openRanges)
      if (from < to && start >= 0) ranges.push({ kind, address, from, to });
  };

  const writer: DocumentWriter = {
    open: (next) => {
      writer.close();
      form = next;
    },
    write: (piece) => {
      let more = form?.isPreformatted
        ? piece.replace(LINE_ENDS, '\n')
        : piece.replace(SPACES, ' ').replace(LINE_ENDS, ' ');
      const end = words.at(-1)?.at(-1) ?? '\n';
      if (!form?.isPreformatted && BLANKS.includes(end) && more.startsWith(' ')) more = more.slice(1);
      if (more === '') return;
      if (start < 0) startBlock();
      say(more);
    },
    breakLine: () => {
      if (start < 0) return;
      dropSpace();
      say('\n');
    },
    nextCell: () => {
      if (start < 0) return;
      dropSpace();
      say('\t');
    },
    close: () => {
      if (start >= 0) {
        const said = withoutEnd(words.join(''), form!.isPreformatted ? '\n' : BLANKS);
        cutRanges(start + said.length);
        for (const line of said.split('\n')) {
          put(line);
          endLine(form!);
        }
        last = form;
      }
      form = undefined;
      words = [];
      wordsLength = 0;
      start = -1;
    },
    emptyLine: () => {
      writer.close();
      if (last) endLine(last);
    },
    pageEnd: () => {
      writer.close();
      endLine(PARAGRAPH, '\f');
      last = undefined;
    },
    beginRange: (kind, address) => {
      openRanges.push({ kind, address, from: start < 0 ? 0 : start + wordsLength });
    },
    endRange: () => {
      const range = openRanges.pop();
      const to = start + wordsLength;
      if (range && start >= 0 && range.from < to) addRange(ranges, { ...range, to });
    },
    hasWords: () => start >= 0,
    finish: (beside = {}) => {
      writer.close();
      endLine(PARAGRAPH, '');
      const layout: Layout = {
        element: Uint8Array.from(element),
        level: Uint8Array.from(level),
        region: Uint8Array.from(region),
        block: Uint32Array.from(block),
        ranges: ranges.sort((a, b) => a.from - b.from || b.to - a.to),
      };
      return { ...beside, text: text.join(''), layout };
    },
  };
  return writer;
}

/** A text without the characters of a set at its end. */
function withoutEnd(text: string, set: string): string {
  let end = text.length;
  while (end > 0 && set.includes(text[end - 1]!)) end--;
  return text.slice(0, end);
}

/** The last ranges that may end where the next begins: one of each kind. */
const MOST_BESIDE = 4;

/** Adds a range; one that goes on where another of its kind and address ended makes it longer. */
function addRange(ranges: LayoutRange[], range: LayoutRange): void {
  for (let at = ranges.length - 1; at >= Math.max(0, ranges.length - MOST_BESIDE); at--) {
    const { kind, address, from, to } = ranges[at]!;
    if (to !== range.from || kind !== range.kind || address !== range.address) continue;
    ranges[at] = { ...range, from };
    return;
  }
  ranges.push(range);
}
