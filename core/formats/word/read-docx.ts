import { Element } from '../../layout/layout.ts';
import { raisedFigures } from '../../text/raised-figures.ts';
import { UnreadableError, type Document } from '../document.ts';
import { documentWriter, writeWith, type BlockForm, type DocumentWriter, type Look } from '../document-writer.ts';
import { attribute, walkXml, type XmlAttributes } from '../xml.ts';
import { openZip, type Archive } from '../zip.ts';
import { readNumbering, type Numbering } from './docx-numbering.ts';
import { readStyles, type ParagraphStyle, type Styles } from './docx-styles.ts';
import { indentLead } from './indent.ts';

/**
 * Reads a WordprocessingML package (ECMA-376): paragraphs with their line breaks, headings, lists with their numbers, tables a row
 * to a line, text boxes behind the paragraph that they hang on, notes at the end. Of tracked changes what was put in is read, what
 * was taken out is not; nor are comments, hidden text, and the heads and feet of pages. Throws UnreadableError.
 */
export function readDocx(bytes: Uint8Array): Document {
  const archive = openZip(bytes);
  const main = mainPart(archive);
  const source = main === undefined ? undefined : archive.text(main);
  if (source === undefined) throw new UnreadableError('damaged');
  const folder = main!.slice(0, main!.lastIndexOf('/') + 1);
  const part = (name: string) => archive.text(folder + name) ?? '';
  const parts: Parts = {
    styles: readStyles(part('styles.xml')),
    numbering: readNumbering(part('numbering.xml')),
    links: readLinks(archive.text(`${folder}_rels/${main!.slice(folder.length)}.rels`) ?? ''),
  };
  const writer = documentWriter();
  const notes = writeBody(source, writer, parts);
  writeNotes(part('footnotes.xml'), 'footnote', notes, writer, parts);
  writeNotes(part('endnotes.xml'), 'endnote', notes, writer, parts);
  return writer.finish(titleOf(archive));
}

interface Parts {
  readonly styles: Styles;
  readonly numbering: Numbering;
  /** The addresses of links outside, by the ids of their relationships. */
  readonly links: ReadonlyMap<string, string>;
}

function readLinks(source: string): Map<string, string> {
  const links = new Map<string, string>();
  walkXml(source, {
    open: (_name, attributes) => {
      if (attributes['Type']?.endsWith('/hyperlink')) links.set(attributes['Id'] ?? '', attributes['Target'] ?? '');
    },
  });
  return links;
}

/** A note that the text points to: its kind and id, and the number that it is given. */
type Notes = Map<string, number>;

/** The part that holds the text, by the package's relationships; its usual place where they do not say. */
function mainPart(archive: Archive): string | undefined {
  let target: string | undefined;
  const relations = archive.text('_rels/.rels') ?? '';
  walkXml(relations, {
    open: (_name, attributes) => {
      if (attributes['Type']?.endsWith('/officeDocument')) target ??= attributes['Target']?.replace(/^\//, '');
    },
  });
  const found = [target, 'word/document.xml'].find((name) => name !== undefined && archive.has(name));
  return found;
}

function titleOf(archive: Archive): { title?: string } {
  let title = '';
  let isIn = false;
  walkXml(archive.text('docProps/core.xml') ?? '', {
    open: (name) => {
      isIn = name === 'title';
    },
    text: (text) => {
      if (isIn) title += text;
    },
    close: () => {
      isIn = false;
    },
  });
  return title.trim() === '' ? {} : { title: title.trim() };
}

/** What is not of the text as it stands: what was taken out, comments, the other form of a drawing, code of fields, readings. */
const SKIPPED: ReadonlySet<string> = new Set(
  'del moveFrom delText instrText Fallback comment commentRangeStart rt sectPr tblPr tblGrid trPr tcPr'.split(' '),
);

interface ParagraphState {
  style: ParagraphStyle;
  marker?: string;
  depth: number;
  firstLine?: number;
  left?: number;
  /** The block was opened with its first words. */
  isOpen: boolean;
  hadWords: boolean;
}

/** Writes the paragraphs of a part; gives the notes that it points to, numbered in order. */
function writeBody(source: string, writer: DocumentWriter, { styles, numbering, links }: Parts, asNote = false): Notes {
  const notes: Notes = new Map();
  const paragraphs: ParagraphState[] = [];
  /** What stands in text boxes within a paragraph waits for its end. */
  const boxes: string[] = [];
  let box: string[] | undefined;
  let rows = 0;
  let isText = false;
  let isHidden = false;
  let isRaised = false;
  let look: Look = {};
  const linksAround: (string | undefined)[] = [];
  let inRow = false;

  const say = (text: string): void => {
    const paragraph = paragraphs.at(-1);
    if (!paragraph || text === '') return;
    if (box) {
      box.push(text);
      return;
    }
    if (!paragraph.isOpen && !(inRow && writer.hasWords())) writer.open(formOf(paragraph, inRow, asNote));
    else if (!paragraph.isOpen && inRow) writer.write(' ');
    paragraph.isOpen = true;
    paragraph.hadWords ||= /[^\s\u00a0]/.test(text);
    writeWith(look, text, writer);
  };

  walkXml(source, {
    open: (name, attributes) => {
      if (SKIPPED.has(name) || (name === 'pict' && !source.includes('txbxContent'))) return 'skip';
      const at = paragraphs.at(-1);
      switch (name) {
        case 'p':
          paragraphs.push({ style: styles.of(undefined), depth: 0, isOpen: false, hadWords: false });
          break;
        case 'pStyle':
          if (at) at.style = styles.of(valueOf(attributes));
          break;
        case 'ind':
          if (at) {
            at.firstLine = twips(attributes, 'firstLine') ?? negative(twips(attributes, 'hanging'));
            at.left = twips(attributes, 'left') ?? twips(attributes, 'start');
          }
          break;
        case 'ilvl':
          if (at) at.depth = Number(valueOf(attributes) ?? 0);
          break;
        case 'numId':
          if (at) at.marker = valueOf(attributes);
          break;
        case 'r':
          isHidden = false;
          isRaised = false;
          look = { link: linksAround.at(-1) };
          break;
        case 'b':
          look = { ...look, isStrong: isOn(attributes) };
          break;
        case 'i':
          look = { ...look, isEmphasis: isOn(attributes) };
          break;
        case 'hyperlink':
          linksAround.push(links.get(attribute(attributes, 'id') ?? ''));
          break;
        case 'vanish':
          isHidden = isOn(attributes);
          break;
        case 'vertAlign':
          isRaised = valueOf(attributes) === 'superscript';
          break;
        case 't':
          isText = true;
          break;
        case 'tab':
          if (at && (at.isOpen || writer.hasWords()) && attribute(attributes, 'pos') === undefined) say(' ');
          break;
        case 'br':
        case 'cr':
          if (box) box.push('\n');
          else if (at?.isOpen) writer.breakLine();
          break;
        case 'noBreakHyphen':
          say('\u2011');
          break;
        case 'softHyphen':
          say('\u00ad');
          break;
        case 'footnoteReference':
        case 'endnoteReference': {
          const key = `${name.replace('Reference', '')} ${attribute(attributes, 'id') ?? ''}`;
          notes.set(key, notes.get(key) ?? notes.size + 1);
          say(`[${notes.get(key)}]`);
          break;
        }
        case 'tbl':
          writer.close();
          break;
        case 'tr':
          rows++;
          inRow = true;
          writer.close();
          break;
        case 'tc':
          if (writer.hasWords()) writer.nextCell();
          break;
        case 'txbxContent':
          box = [];
          break;
      }
      return undefined;
    },
    text: (text) => {
      if (isText && !isHidden) say(isRaised && /^\d{1,3}$/.test(text) ? raisedFigures(text) : text);
    },
    close: (name) => {
      if (name === 't') isText = false;
      else if (name === 'hyperlink') linksAround.pop();
      else if (name === 'p') {
        const gone = paragraphs.pop()!;
        if (box) box.push('\n');
        else if (!inRow) {
          if (gone.hadWords) writer.close();
          else writer.emptyLine();
          for (const words of boxes.splice(0)) writeBox(words, writer);
        }
      } else if (name === 'txbxContent') {
        const words = (box ?? []).join('').trim();
        if (words !== '') boxes.push(words);
        box = undefined;
      } else if (name === 'tr') {
        inRow = --rows > 0;
        writer.close();
      }
    },
  });

  function formOf(paragraph: ParagraphState, isRow: boolean, isNote: boolean): BlockForm {
    const { style, depth } = paragraph;
    if (isRow) return { element: Element.row };
    if (isNote) return { element: Element.note };
    const list = paragraph.marker ?? style.list;
    const marker =
      list === undefined ? undefined : numbering.next(list, paragraph.marker === undefined ? style.depth : depth);
    if (style.heading > 0)
      return {
        element: Element.heading,
        level: style.heading,
        apart: 'around',
        lead: marker === undefined || marker === '•' ? undefined : `${marker} `,
      };
    if (marker !== undefined)
      return { element: Element.item, level: depth + 1, lead: `${'  '.repeat(depth)}${marker} ` };
    return {
      element: style.isQuote ? Element.quote : Element.paragraph,
      lead: indentLead(paragraph.firstLine ?? style.firstLine, paragraph.left ?? style.left),
    };
  }

  return notes;
}

function writeBox(words: string, writer: DocumentWriter): void {
  for (const paragraph of words.split('\n')) {
    if (paragraph.trim() === '') continue;
    writer.open({ element: Element.paragraph, apart: 'around' });
    writer.write(paragraph);
    writer.close();
  }
}

/** The bodies of notes, each behind its number; those that nothing points to are no notes of this text. */
function writeNotes(source: string, kind: string, notes: Notes, writer: DocumentWriter, parts: Parts): void {
  const bodies = source.match(new RegExp(`<w:${kind}\\b[^]*?</w:${kind}>`, 'g')) ?? [];
  for (const body of bodies) {
    const id = /\bw:id="([^"]*)"/.exec(body)?.[1];
    const number = notes.get(`${kind} ${id}`);
    if (number === undefined) continue;
    const inner = documentWriter();
    writeBody(body, inner, parts, true);
    writer.open({ element: Element.note, apart: 'around' });
    writer.write(`[${number}] ${inner.finish().text.trim()}`);
    writer.close();
  }
}

/** Whether a property that may be switched off is on. */
function isOn(attributes: XmlAttributes): boolean {
  return !OFF.has(valueOf(attributes) ?? '');
}

const OFF: ReadonlySet<string> = new Set(['0', 'false', 'off', 'none']);

function valueOf(attributes: XmlAttributes): string | undefined {
  return attribute(attributes, 'val');
}

function twips(attributes: XmlAttributes, name: string): number | undefined {
  const value = attribute(attributes, name);
  return value === undefined ? undefined : Number(value) || 0;
}

function negative(value: number | undefined): number | undefined {
  return value === undefined ? undefined : -value;
}
