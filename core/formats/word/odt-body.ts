import { Element } from '../../layout/layout.ts';
import { writeWith, type DocumentWriter } from '../document-writer.ts';
import { writeNumber } from '../html/list-markers.ts';
import { attribute, walkXml, type XmlAttributes } from '../xml.ts';
import { indentLead } from './indent.ts';
import type { OdtStyle } from './odt-styles.ts';
import { textBoxes, type TextBoxes } from './text-boxes.ts';

/** Writes the text of a document; gives its notes, each behind its number. */
export function writeOdtBody(
  source: string,
  writer: DocumentWriter,
  styles: ReadonlyMap<string, OdtStyle>,
): readonly string[] {
  const body: Body = {
    writer,
    styles,
    notes: [],
    boxes: textBoxes(),
    lists: [],
    spans: [],
    links: [],
    note: undefined,
    isCitation: false,
    marker: undefined,
    isItem: false,
    rows: 0,
    depth: 0,
    hadWords: false,
  };
  walkXml(source, {
    open: (name, attributes) => {
      if (SKIPPED.has(name) || (name === 'section' && attribute(attributes, 'display') === 'none')) return 'skip';
      AT_BEGINNING[name]?.(body, attributes, name);
      return undefined;
    },
    text: (text) => say(body, text),
    close: (name) => AT_END[name]?.(body),
  });
  writer.close();
  body.boxes.writeTo(writer);
  return body.notes;
}

const SKIPPED: ReadonlySet<string> = new Set(
  'tracked-changes annotation annotation-end ruby-text scripts font-face-decls automatic-styles forms sequence-decls variable-decls user-field-decls bibliography-configuration title desc'.split(
    ' ',
  ),
);

interface List {
  readonly style: string;
  count: number;
}

/** Where the reading of a body stands. */
interface Body {
  readonly writer: DocumentWriter;
  readonly styles: ReadonlyMap<string, OdtStyle>;
  readonly notes: string[];
  readonly boxes: TextBoxes;
  readonly lists: List[];
  /** The styles of the spans that are open, and the addresses of links. */
  readonly spans: (OdtStyle | undefined)[];
  readonly links: (string | undefined)[];
  /** The words of a note, while one is open. */
  note: string[] | undefined;
  isCitation: boolean;
  /** The sign of the item that the next paragraph begins. */
  marker: string | undefined;
  isItem: boolean;
  /** The rows and the paragraphs that are open, one within another. */
  rows: number;
  depth: number;
  hadWords: boolean;
}

type AtTag = (body: Body, attributes: XmlAttributes, name: string) => void;

const beginParagraph: AtTag = (body, attributes, name) => {
  if (body.note) {
    if (body.note.length > 0) body.note.push(' ');
  } else if (body.depth === 0 && !body.boxes.isOpen()) openBlock(body, attributes, name);
  body.depth++;
};

const AT_BEGINNING: Readonly<Record<string, AtTag>> = {
  p: beginParagraph,
  h: beginParagraph,
  span: ({ spans, styles }, attributes) => spans.push(styleOf(styles, attributes) ?? spans.at(-1)),
  a: ({ links }, attributes) => links.push(attribute(attributes, 'href')),
  s: (body, attributes) => say(body, ' '.repeat(Math.min(100, Number(attribute(attributes, 'c') ?? 1) || 1))),
  tab: (body) => say(body, ' '),
  'line-break': ({ note, boxes, writer }) => {
    if (note) note.push(' ');
    else if (boxes.isOpen()) boxes.say('\n');
    else writer.breakLine();
  },
  note: (body) => {
    body.note = [];
  },
  'note-citation': (body) => {
    body.isCitation = true;
  },
  list: ({ lists, styles }, attributes) => {
    const style = attribute(attributes, 'style-name') ?? lists.at(-1)?.style ?? '';
    const start = styles.get(style)?.levels.get(lists.length + 1)?.start ?? 1;
    lists.push({ style, count: start - 1 });
  },
  'list-item': (body, attributes) => {
    body.isItem = true;
    body.marker = markerIn(body, attribute(attributes, 'start-value'));
  },
  'text-box': ({ boxes }) => boxes.open(),
  'table-row': (body) => {
    if (body.boxes.isOpen()) return;
    body.writer.close();
    body.hadWords = false;
    body.rows++;
  },
  'table-cell': (body) => {
    if (body.boxes.isOpen()) return;
    body.writer.nextCell();
    body.hadWords = false;
  },
};

const endParagraph = (body: Body): void => {
  const { writer, note, rows, boxes } = body;
  body.depth--;
  if (boxes.isOpen()) boxes.say('\n');
  if (body.depth > 0 || note || rows > 0 || boxes.isOpen()) return;
  if (body.hadWords) writer.close();
  else writer.emptyLine();
  boxes.writeTo(writer);
};

const AT_END: Readonly<Record<string, (body: Body) => void>> = {
  p: endParagraph,
  h: endParagraph,
  span: ({ spans }) => spans.pop(),
  a: ({ links }) => links.pop(),
  'note-citation': (body) => {
    body.isCitation = false;
  },
  note: (body) => {
    const words = (body.note ?? []).join('').replace(/\s+/g, ' ').trim();
    body.note = undefined;
    body.notes.push(`[${body.notes.length + 1}] ${words}`);
    say(body, `[${body.notes.length}]`);
  },
  list: ({ lists }) => lists.pop(),
  'list-item': (body) => {
    body.isItem = body.lists.length > 1;
  },
  'text-box': ({ boxes }) => boxes.close(),
  'table-row': (body) => {
    if (body.boxes.isOpen()) return;
    body.writer.close();
    body.rows--;
    if (body.rows === 0) body.boxes.writeTo(body.writer);
  },
};

function say(body: Body, text: string): void {
  const { depth, isCitation, spans, links, note, boxes, writer } = body;
  if (depth === 0 || isCitation || text === '' || spans.some((style) => style?.isHidden)) return;
  if (note) {
    note.push(text);
    return;
  }
  if (boxes.isOpen()) {
    boxes.say(text);
    return;
  }
  body.hadWords ||= /[^\s\u00a0]/.test(text);
  writeWith({ ...spans.at(-1)?.look, link: links.at(-1) }, text, writer);
}

function openBlock(body: Body, attributes: XmlAttributes, name: string): void {
  const { writer, lists, rows } = body;
  if (rows > 0) {
    if (!writer.hasWords()) writer.open({ element: Element.row });
    else if (body.hadWords) writer.write(' ');
    return;
  }
  body.hadWords = false;
  if (name === 'h') {
    const level = Number(attribute(attributes, 'outline-level') ?? 1);
    writer.open({ element: Element.heading, level, apart: 'around' });
  } else if (body.isItem && lists.length > 0) {
    const { marker } = body;
    const element = marker === undefined ? Element.paragraph : Element.item;
    const lead = `${'  '.repeat(lists.length - 1)}${marker === undefined ? '  ' : `${marker} `}`;
    writer.open({ element, level: lists.length, lead });
    body.marker = undefined;
  } else {
    const lead = indentLead(indentOf(body, attributes, 'firstLine'), indentOf(body, attributes, 'left'));
    writer.open({ element: Element.paragraph, lead });
  }
}

function styleOf(styles: ReadonlyMap<string, OdtStyle>, attributes: XmlAttributes): OdtStyle | undefined {
  return styles.get(attribute(attributes, 'style-name') ?? '');
}

const MOST_PARENTS = 12;

/** An indent by the paragraph's style, or by those that it is made from. */
function indentOf({ styles }: Body, attributes: XmlAttributes, key: 'firstLine' | 'left'): number | undefined {
  let style = styleOf(styles, attributes);
  for (let guard = 0; style && style[key] === undefined && guard < MOST_PARENTS; guard++)
    style = styles.get(style.parent ?? '');
  return style?.[key];
}

function markerIn({ lists, styles }: Body, start: string | undefined): string {
  const list = lists.at(-1);
  const level = list && styles.get(list.style)?.levels.get(lists.length);
  if (!list || !level || level.form === '') return '•';
  list.count = start === undefined ? list.count + 1 : Number(start);
  return `${level.before}${writeNumber(list.count, level.form)}${level.after}`;
}
