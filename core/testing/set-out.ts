/*
 * Short documents of everyday kinds, written as they are meant (core/testing/documents) and set out as people paste them: wrapped
 * at many widths, with or without blank lines, indents, hanging lines, hyphens. What should become of each is thus known.
 */

/** A document, as lines that stay as they are and paragraphs that wrap. */
export interface SampleDocument {
  readonly name: string;
  /** Parts between blank lines. */
  readonly parts: readonly (readonly Written[])[];
}

/** A line; a paragraph; an item, at a depth from 0; an entry whose second line may hang. */
interface Written {
  readonly is: 'line' | 'paragraph' | 'item' | 'entry';
  readonly text: string;
  readonly depth: number;
}

/** How a document is set out. */
export interface Layout {
  readonly name: string;
  /** In characters; none wraps nothing. */
  readonly width?: number;
  /** Columns before the first line of a paragraph; paragraphs then have no blank line between them. */
  readonly indent?: number;
  /** Columns before every line. */
  readonly margin?: number;
  /** The second line of an item or an entry is set in. */
  readonly hangs?: boolean;
  /** No blank line between a heading and its paragraph. */
  readonly closeHeadings?: boolean;
  /** A blank line after every line. */
  readonly doubleSpaced?: boolean;
  /** Long words are cut at line ends. */
  readonly hyphens?: boolean;
  /** Spaces at line ends. */
  readonly trailing?: number;
}

export const LAYOUTS: readonly Layout[] = [
  { name: '72, hanging', width: 72, hangs: true },
  { name: '60', width: 60 },
  { name: '45, hanging', width: 45, hangs: true },
  { name: '90', width: 90 },
  { name: '66, indents', width: 66, indent: 3, hangs: true },
  { name: '64, margin', width: 64, margin: 4, hangs: true },
  { name: '72, close headings', width: 72, hangs: true, closeHeadings: true },
  { name: '58, hyphens', width: 58, hyphens: true },
  { name: '70, double spaced', width: 70, doubleSpaced: true },
  { name: '68, trailing spaces', width: 68, hangs: true, trailing: 2 },
  { name: 'not wrapped' },
  { name: 'not wrapped, indents', indent: 3 },
];

const PARAGRAPH = /^¶(\d|h)? (.*)$/;

/**
 * Reads a file of documents: "=== name" begins one. A line that begins with "¶" is a paragraph, with "¶1" or "¶2" an item of that
 * level, with "¶h" an entry whose second line may hang; every other line stays a line.
 */
export function parseDocuments(content: string): SampleDocument[] {
  return content
    .split(/^=== /m)
    .slice(1)
    .map((one) => {
      const [name, ...lines] = one.trimEnd().split('\n') as [string, ...string[]];
      const parts = lines.join('\n').split(/\n\n+/);
      return { name, parts: parts.map((part) => part.split('\n').map(readWritten)) };
    });
}

function readWritten(line: string): Written {
  const [, sign, text] = PARAGRAPH.exec(line) ?? [];
  if (text === undefined) return { is: 'line', text: line, depth: 0 };
  if (sign === undefined) return { is: 'paragraph', text, depth: 0 };
  return sign === 'h' ? { is: 'entry', text, depth: 0 } : { is: 'item', text, depth: Number(sign) - 1 };
}

/** The text of a document as it would be pasted. */
export function setOut({ parts }: SampleDocument, layout: Layout): string {
  const lines: string[] = [];
  for (const part of parts) {
    if (lines.length > 0) lines.push('');
    for (const [at, written] of part.entries()) {
      if (at > 0 && isApart(part[at - 1]!, written, layout)) lines.push('');
      lines.push(...wrapped(written, layout));
    }
  }
  const apart = layout.doubleSpaced ? lines.flatMap((line) => [line, '']) : lines;
  const margin = ' '.repeat(layout.margin ?? 0);
  return apart.map((line) => (line === '' ? '' : margin + line) + ' '.repeat(layout.trailing ?? 0) + '\n').join('');
}

/** The lines that a document should come out as, with their runs of spaces folded. */
export function meantLines({ parts }: SampleDocument): string[] {
  return parts.flat().map(({ text }) => foldSpaces(text));
}

export function foldSpaces(text: string): string {
  return text.replace(/\s+/g, ' ').trim();
}

/** Whether a blank line stands between two lines of a part. */
function isApart(before: Written, { is }: Written, { indent, closeHeadings }: Layout): boolean {
  if (indent !== undefined) return false;
  if (is === 'paragraph') return !closeHeadings || before.is === 'paragraph';
  return is === 'line' && before.is === 'paragraph';
}

function wrapped({ is, text, depth }: Written, layout: Layout): string[] {
  if (is === 'line') return [text];
  const outer = '   '.repeat(depth);
  const first = is === 'paragraph' ? ' '.repeat(layout.indent ?? 0) : outer;
  const marker = /^\S{1,5} /.exec(text)?.[0].length ?? 0;
  const hang = is === 'entry' ? 4 : marker;
  return wrap(text, layout, first, is === 'paragraph' ? '' : outer + ' '.repeat(layout.hangs ? hang : 0));
}

const LONG_WORD = /^\p{Ll}{8,}[,.;]?$/u;

function wrap(text: string, { width = Infinity, hyphens }: Layout, first: string, further: string): string[] {
  const lines: string[] = [];
  let line = '';
  const start = () => (lines.length === 0 ? first : further);
  const fits = (words: string) => (start() + words).length <= width;
  const end = (words: string) => lines.push(start() + words);
  for (const word of text.split(' ')) {
    const longer = line === '' ? word : `${line} ${word}`;
    if (line === '' || fits(longer)) {
      line = longer;
      continue;
    }
    const half = hyphens && LONG_WORD.test(word) ? word.length >> 1 : 0;
    const cut = `${line} ${word.slice(0, half)}-`;
    const isCut = half > 0 && fits(cut);
    end(isCut ? cut : line);
    line = isCut ? word.slice(half) : word;
  }
  end(line);
  return lines;
}
