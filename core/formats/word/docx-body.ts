import { Element } from '../../layout/layout.ts';
import { raisedFigures } from '../../text/raised-figures.ts';
import type { Look } from '../../layout/looks.ts';
import { writeWith, type BlockForm, type DocumentWriter } from '../document-writer.ts';
import { attribute, walkXml, type XmlAttributes } from '../xml.ts';
import type { Numbering } from './docx-numbering.ts';
import type { ParagraphStyle, Styles } from './docx-styles.ts';
import { openLinks, type OpenLinks } from './docx-fields.ts';
import { indentLead } from './indent.ts';
import { signOfFont } from './symbol-font.ts';
import { textBoxes, type TextBoxes } from './text-boxes.ts';

/** What the body of a document refers to in its other parts. */
export interface DocxParts {
  readonly styles: Styles;
  readonly numbering: Numbering;
  /** The addresses of links outside, by the ids of their relationships. */
  readonly links: ReadonlyMap<string, string>;
}

/** The notes that a text points to, by kind and id, with the number that each is given. */
export type DocxNotes = Map<string, number>;

/** Writes the paragraphs of a part; gives the notes that it points to, numbered in order. `asNotes`: they are bodies of notes. */
export function writeBody(source: string, writer: DocumentWriter, parts: DocxParts, asNotes = false): DocxNotes {
  const hasBoxes = source.includes('txbxContent');
  const body: Body = {
    writer,
    parts,
    asNotes,
    notes: new Map(),
    paragraphs: [],
    boxes: textBoxes(),
    rows: 0,
    links: openLinks(),
    run: PLAIN,
    isText: false,
    isCode: false,
    goesOn: false,
  };
  walkXml(source, {
    open: (name, attributes) => {
      if (SKIPPED.has(name) || (name === 'pict' && !hasBoxes)) return 'skip';
      AT_BEGINNING[name]?.(body, attributes);
      return undefined;
    },
    text: (text) => {
      const { isText, isCode, links, run } = body;
      if (isCode) links.code(text);
      if (isText && !run.isHidden) say(body, run.isRaised && /^\d{1,3}$/.test(text) ? raisedFigures(text) : text);
    },
    close: (name) => AT_END[name]?.(body),
  });
  writer.close();
  body.boxes.writeTo(writer);
  return body.notes;
}

/** What is not of the text as it stands: what was taken out, comments, the other form of a drawing, readings. */
const SKIPPED: ReadonlySet<string> = new Set(
  'del moveFrom delText Fallback comment commentRangeStart rt sectPr tblPr tblGrid trPr tcPr'.split(' '),
);

/** Where the reading of a body stands. */
interface Body {
  readonly writer: DocumentWriter;
  readonly parts: DocxParts;
  readonly asNotes: boolean;
  readonly notes: DocxNotes;
  /** Those that are open: one may stand in a text box within another. */
  readonly paragraphs: Paragraph[];
  readonly boxes: TextBoxes;
  /** The rows that are open, one within another. */
  rows: number;
  readonly links: OpenLinks;
  run: RunLook;
  isText: boolean;
  /** The text at hand is the code of a field. */
  isCode: boolean;
  /** The next paragraph goes on in the block that is open. */
  goesOn: boolean;
}

interface Paragraph {
  style: ParagraphStyle;
  list?: string;
  depth: number;
  firstLine?: number;
  left?: number;
  /** It is the large first letter of the one after it. */
  isDropCap?: boolean;
  /** The block was opened with its first words. */
  isOpen: boolean;
  hadWords: boolean;
}

interface RunLook extends Look {
  readonly isHidden?: boolean;
  readonly isRaised?: boolean;
}

const PLAIN: RunLook = {};

type AtTag = (body: Body, attributes: XmlAttributes) => void;

/** For whatever concerns the paragraph that is open. */
const ofParagraph =
  (take: (paragraph: Paragraph, attributes: XmlAttributes, body: Body) => void): AtTag =>
  (body, attributes) => {
    const paragraph = body.paragraphs.at(-1);
    if (paragraph) take(paragraph, attributes, body);
  };

const ofRun =
  (look: (attributes: XmlAttributes) => RunLook): AtTag =>
  (body, attributes) => {
    body.run = { ...body.run, ...look(attributes) };
  };

const breakLine: AtTag = ({ boxes, writer, paragraphs }) => {
  if (boxes.isOpen()) boxes.say('\n');
  else if (paragraphs.at(-1)?.isOpen) writer.breakLine();
};

const note =
  (kind: string): AtTag =>
  (body, attributes) => {
    const key = `${kind} ${attribute(attributes, 'id') ?? ''}`;
    const number = body.notes.get(key) ?? body.notes.size + 1;
    body.notes.set(key, number);
    say(body, `[${number}]`);
  };

const AT_BEGINNING: Readonly<Record<string, AtTag>> = {
  p: ({ paragraphs, parts }) =>
    paragraphs.push({ style: parts.styles.of(undefined), depth: 0, isOpen: false, hadWords: false }),
  pStyle: ofParagraph((paragraph, attributes, { parts }) => {
    paragraph.style = parts.styles.of(valueOf(attributes));
  }),
  ind: ofParagraph((paragraph, attributes) => {
    const hanging = twips(attributes, 'hanging');
    paragraph.firstLine = twips(attributes, 'firstLine') ?? (hanging === undefined ? undefined : -hanging);
    paragraph.left = twips(attributes, 'left') ?? twips(attributes, 'start');
  }),
  framePr: ofParagraph((paragraph, attributes) => {
    paragraph.isDropCap = !OFF.has(attribute(attributes, 'dropCap') ?? 'none');
  }),
  ilvl: ofParagraph((paragraph, attributes) => {
    paragraph.depth = Number(valueOf(attributes) ?? 0);
  }),
  numId: ofParagraph((paragraph, attributes) => {
    paragraph.list = valueOf(attributes);
  }),
  hyperlink: ({ links, parts }, attributes) => links.begin(parts.links.get(attribute(attributes, 'id') ?? '')),
  fldSimple: ({ links }, attributes) => {
    links.begin();
    links.code(attribute(attributes, 'instr') ?? '');
    links.show();
  },
  fldChar: ({ links }, attributes) => {
    const type = attribute(attributes, 'fldCharType');
    if (type === 'begin') links.begin();
    else if (type === 'separate') links.show();
    else if (type === 'end') links.end();
  },
  instrText: (body) => {
    body.isCode = true;
  },
  r: (body) => {
    body.run = { link: body.links.address() };
  },
  b: ofRun((attributes) => ({ isStrong: isOn(attributes) })),
  i: ofRun((attributes) => ({ isEmphasis: isOn(attributes) })),
  vanish: ofRun((attributes) => ({ isHidden: isOn(attributes) })),
  vertAlign: ofRun((attributes) => ({ isRaised: valueOf(attributes) === 'superscript' })),
  t: (body) => {
    body.isText = true;
  },
  tab: (body, attributes) => {
    // Those with a position are where tabs stop.
    if (attribute(attributes, 'pos') === undefined && (body.boxes.isOpen() || body.writer.hasWords())) say(body, ' ');
  },
  br: breakLine,
  cr: breakLine,
  noBreakHyphen: (body) => say(body, '\u2011'),
  sym: (body, attributes) => {
    const code = Number.parseInt(attribute(attributes, 'char') ?? '', 16);
    if (code > 0 && code <= 0xffff && !body.run.isHidden)
      say(body, signOfFont(attribute(attributes, 'font') ?? '', code));
  },
  softHyphen: (body) => say(body, '\u00ad'),
  footnoteReference: note('footnote'),
  endnoteReference: note('endnote'),
  tbl: (body) => {
    if (body.boxes.isOpen()) return;
    body.goesOn = false;
    body.writer.close();
  },
  tr: (body) => {
    if (body.boxes.isOpen()) return;
    body.rows++;
    body.writer.close();
  },
  tc: ({ boxes, writer }) => {
    if (!boxes.isOpen()) writer.nextCell();
  },
  txbxContent: ({ boxes }) => boxes.open(),
};

const AT_END: Readonly<Record<string, (body: Body) => void>> = {
  t: (body) => {
    body.isText = false;
  },
  hyperlink: ({ links }) => links.end(),
  fldSimple: ({ links }) => links.end(),
  instrText: (body) => {
    body.isCode = false;
  },
  p: (body) => {
    const { boxes, writer, rows, paragraphs } = body;
    const gone = paragraphs.pop();
    if (boxes.isOpen()) boxes.say('\n');
    else if (rows === 0) {
      body.goesOn = gone?.isDropCap === true && gone.hadWords;
      if (body.goesOn) return;
      if (gone?.hadWords) writer.close();
      else writer.emptyLine();
      boxes.writeTo(writer);
    }
  },
  txbxContent: ({ boxes }) => boxes.close(),
  tr: (body) => {
    if (body.boxes.isOpen()) return;
    body.rows--;
    body.writer.close();
    if (body.rows === 0) body.boxes.writeTo(body.writer);
  },
};

function say(body: Body, text: string): void {
  const { boxes, writer, rows, run } = body;
  const paragraph = body.paragraphs.at(-1);
  if (!paragraph || text === '') return;
  if (boxes.isOpen()) {
    boxes.say(text);
    return;
  }
  if (!paragraph.isOpen && !body.goesOn) {
    // Paragraphs within a cell are words of one line.
    if (rows > 0 && writer.hasWords()) writer.write(' ');
    else writer.open(formOf(paragraph, body));
  }
  body.goesOn = false;
  paragraph.isOpen = true;
  paragraph.hadWords ||= /[^\s\u00a0]/.test(text);
  writeWith(run, text, writer);
}

function formOf({ style, depth, list, firstLine, left }: Paragraph, { parts, rows, asNotes }: Body): BlockForm {
  if (rows > 0) return { element: Element.row };
  if (asNotes) return { element: Element.note };
  const { numbering } = parts;
  const inList = list ?? style.list;
  const at = list === undefined ? style.depth : depth;
  const marker = inList === undefined ? undefined : numbering.next(inList, at);
  if (style.heading > 0) {
    const lead = marker === undefined || marker === '•' ? undefined : `${marker} `;
    return { element: Element.heading, level: style.heading, apart: 'around', lead };
  }
  if (marker !== undefined) return { element: Element.item, level: at + 1, lead: `${'  '.repeat(at)}${marker} ` };
  const lead = indentLead(firstLine ?? style.firstLine, left ?? style.left);
  return { element: style.isQuote ? Element.quote : Element.paragraph, lead };
}

/** Whether a property that may be switched off is on. */
function isOn(attributes: XmlAttributes): boolean {
  return !OFF.has(valueOf(attributes) ?? '');
}

const OFF: ReadonlySet<string> = new Set(['0', 'false', 'off', 'none']);

function valueOf(attributes: XmlAttributes): string | undefined {
  return attribute(attributes, 'val');
}

/** A length in twentieths of a point. */
function twips(attributes: XmlAttributes, name: string): number | undefined {
  const value = attribute(attributes, name);
  return value === undefined ? undefined : Number(value) || 0;
}
