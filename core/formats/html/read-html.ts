import { Parser } from 'htmlparser2';
import { raisedFigures } from '../../text/raised-figures.ts';
import { UnreadableError, type Document } from '../document.ts';
import { documentWriter, type DocumentWriter } from '../document-writer.ts';
import { APART, VOID } from './elements.ts';
import { hiddenClassesOf, type Attributes } from './furniture.ts';
import { markMenus } from './link-lines.ts';
import { markerOf } from './list-markers.ts';
import { enter, formOf, isBlock, OUTSIDE, type OpenElement } from './open-element.ts';
import { findDataTables } from './tables.ts';

/** Reads HTML as people see it: what is hidden is not read, what stands around the text is told as such. Never builds a page. */
export function readHtml(source: string): Document {
  const writer = documentWriter();
  const title = writeHtml(withoutDepth(source), writer);
  return markMenus(writer.finish(title === '' ? {} : { title }));
}

/** No page that people read stands so deep; a parser takes a time that grows with the square of it. */
const DEEPEST = 2000;

/** Where a part stands is told by its name and by so much of it, in characters. */
const BEGINNING = 1000;

/** The source with its grouping elements as plain paragraphs, where they stand in one another without end. */
function withoutDepth(source: string): string {
  let depth = 0;
  for (const [tag] of source.matchAll(/<\/?div\b/gi)) {
    depth += tag[1] === '/' ? -1 : 1;
    if (depth > DEEPEST) return source.replace(/<div\b[^>]{0,500}>/gi, '<p>').replace(/<\/div\s*>/gi, '');
  }
  return source;
}

/** Writes what a page says; gives the title in its head. `isXml`: elements may close themselves, as in XHTML. */
export function writeHtml(source: string, writer: DocumentWriter, isXml = false): string {
  // In XHTML the elements of HTML may have a prefix; in HTML those with one are none of its own, as Word's "o:p".
  const nameOf = (tag: string) => (isXml ? tag.slice(tag.indexOf(':') + 1) : tag);
  const hiddenClasses = hiddenClassesOf(source);
  const dataTables = findDataTables(source);
  const open: OpenElement[] = [OUTSIDE];
  const top = () => open.at(-1)!;
  let tables = 0;
  let title = '';
  /** The sign of the item that the next block begins. */
  let marker: string | undefined;
  /** The sign that a word processor wrote itself. */
  let markerText = '';
  /** Whether the next block stands apart from the one before. */
  let isApart = false;
  let isOpen = false;
  /** Only blanks were said since the block began: a paragraph of them is a blank line. */
  let isEmpty = false;
  /** What is raised is looked at as a whole. */
  let raised = '';
  let raisedDepth = 0;
  /** The quotations that are open: a browser puts marks around each. */
  let quoteDepth = 0;

  const say = (text: string): void => {
    if (!isOpen) {
      if (!top().isPreformatted && /^[ \t\n\r\f]*$/.test(text)) return;
      writer.open(formOf(top(), marker, isApart));
      marker = undefined;
      isApart = false;
      isOpen = true;
    }
    writer.write(text);
  };
  const endBlock = (): void => {
    if (isOpen) writer.close();
    isOpen = false;
  };

  const begin = (element: OpenElement, attributes: Attributes): void => {
    const { name } = element;
    if (isBlock(element)) {
      endBlock();
      if (APART.has(name) || hasRoom(attributes['style'])) isApart = true;
      isEmpty = name === 'p';
    }
    if (element.isMarker && !top().isMarker) markerText = '';
    if (name === 'li') marker = element.list ? markerOf(element.list, attributes['value']) : '•';
    if (name === 'hr') writer.emptyLine();
    if (element.isInData && isOpen && (name === 'td' || name === 'th')) writer.nextCell();
    if (element.isRaised) raisedDepth++;
    if (name === 'q') say(QUOTES[quoteDepth++ % 2]![0]);
    // Chats and mail programs write emoji as pictures.
    if (name === 'img' && EMOJI.test(attributes['alt'] ?? '')) say(attributes['alt']!);
    for (const range of element.ranges) writer.beginRange(range, range === 'link' ? attributes['href'] : undefined);
  };

  const end = (element: OpenElement): void => {
    if (element.isRaised && --raisedDepth === 0) {
      if (raised !== '') say(raisedText(raised));
      raised = '';
    }
    element.ranges.forEach(() => writer.endRange());
    if (element.name === 'q') say(QUOTES[--quoteDepth % 2]![1]);
    if (element.isMarker && !top().isMarker) marker = signOf(markerText);
    if (!isBlock(element)) return;
    const wasEmpty = element.name === 'p' && isEmpty && !isOpen;
    endBlock();
    if (wasEmpty) writer.emptyLine();
    isEmpty = false;
    if (APART.has(element.name)) isApart = true;
  };

  const parser = new Parser(
    {
      onopentag: (tag, attributes: Attributes) => {
        const name = nameOf(tag);
        // Tables are counted where nothing is read, too.
        const isDataTable = name === 'table' && dataTables[tables++] === true;
        const element = enter(top(), name, attributes, {
          hiddenClasses,
          isDataTable,
          beginning: () => source.slice(parser.startIndex, parser.startIndex + BEGINNING),
        });
        if (name === 'br') {
          if (element.isSilent) return;
          if (isOpen) writer.breakLine();
          else writer.emptyLine();
          return;
        }
        if (!element.isSilent) begin(element, attributes);
        if (VOID.has(name)) return;
        if (open.push(element) > DEEPEST) throw new UnreadableError('damaged');
      },
      ontext: (text) => {
        const { name, isSilent, isMarker } = top();
        if (name === 'title') title += isSilent ? '' : text;
        else if (!isSilent && name !== 'head') {
          if (isEmpty && /[^ \t\n\r\f\u00a0]/.test(text)) isEmpty = false;
          // The sign of a link back from a note to its mark.
          if (name === 'a' && WAY_BACK.test(text)) return;
          if (isMarker) markerText += text;
          else if (raisedDepth > 0) raised += text;
          else say(text);
        }
      },
      onclosetag: (tag) => {
        const name = nameOf(tag);
        const from = open.findLastIndex((element) => element.name === name);
        // An end without a beginning ends nothing.
        if (from < 1) return;
        while (open.length > from) {
          const gone = open.pop()!;
          if (!gone.isSilent) end(gone);
        }
      },
    },
    { recognizeSelfClosing: isXml },
  );
  parser.write(source);
  parser.end();
  return title.replace(/\s+/g, ' ').trim();
}

const QUOTES = [
  ['“', '”'],
  ['‘', '’'],
] as const;
const EMOJI = /^(?:\p{Extended_Pictographic}(?:\p{M}|\u200d)*)+$/u;
const WAY_BACK = /^\s*[\u21a9\u2191\u23ce\u2b11]\ufe0e?\s*$/;

/** A bullet of whatever face, or a number. */
function signOf(text: string): string {
  const sign = text.replace(/[\s\u00a0]+/g, '');
  return /[\p{L}\p{N}]/u.test(sign) && sign !== 'o' ? sign : '•';
}

/** Whether a block has room above or below that it sets itself, as word processors write it. */
function hasRoom(style = ''): boolean {
  return /margin-(?:top|bottom)\s*:\s*(?!0(?:[a-z]|\s*(?:;|$)))/i.test(style);
}

/** Raised figures are written as the raised figures that Unicode has, so that 10 to the 35th does not read "1035". */
function raisedText(text: string): string {
  return /^\d{1,4}$/.test(text.trim()) ? raisedFigures(text.trim()) : text;
}
