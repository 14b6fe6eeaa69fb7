import { Element } from '../../layout/layout.ts';
import { UnreadableError, type Document } from '../document.ts';
import { documentWriter, writeWith, type DocumentWriter, type Look } from '../document-writer.ts';
import { writeNumber } from '../html/list-markers.ts';
import { attribute, walkXml, type XmlAttributes } from '../xml.ts';
import { openZip } from '../zip.ts';
import { indentLead } from './indent.ts';

/**
 * Reads a text of the OpenDocument format (ISO 26300): paragraphs, headings, lists with their numbers, tables a row to a line, notes
 * at the end. Of tracked changes what was taken out is not read, nor are comments and the heads and feet of pages. Throws
 * UnreadableError.
 */
export function readOdt(bytes: Uint8Array): Document {
  const archive = openZip(bytes);
  const source = archive.text('content.xml');
  if (source === undefined) throw new UnreadableError('damaged');
  if (/encryption-data/.test(archive.text('META-INF/manifest.xml') ?? '')) throw new UnreadableError('protected');
  const styles = new Map<string, OdtStyle>();
  readStyles(archive.text('styles.xml') ?? '', styles);
  readStyles(source, styles);
  const writer = documentWriter();
  const notes: string[] = [];
  writeBody(source, writer, styles, notes);
  for (const note of notes) {
    writer.open({ element: Element.note, apart: 'around' });
    writer.write(note);
    writer.close();
  }
  return writer.finish();
}

interface OdtStyle {
  parent?: string;
  /** Indents in twentieths of a point. */
  firstLine?: number;
  left?: number;
  isHidden?: boolean;
  look?: Look;
  /** The forms of a list style's levels, from 1; an empty form is a bullet. */
  readonly levels: Map<number, { form: string; before: string; after: string; start: number }>;
}

function readStyles(source: string, styles: Map<string, OdtStyle>): void {
  let now: OdtStyle | undefined;
  walkXml(source, {
    open: (name, attributes) => {
      if (name === 'body') return 'skip';
      if (name === 'style' || name === 'list-style') {
        now = { parent: attribute(attributes, 'parent-style-name'), levels: new Map() };
        styles.set(attribute(attributes, 'name') ?? '', now);
      } else if (name === 'paragraph-properties' && now) {
        now.firstLine = lengthOf(attribute(attributes, 'text-indent'));
        now.left = lengthOf(attribute(attributes, 'margin-left'));
      } else if (name === 'text-properties' && now) takeLook(now, attributes);
      else if ((name === 'list-level-style-number' || name === 'list-level-style-bullet') && now) {
        const form = name.endsWith('bullet') ? '' : (attribute(attributes, 'num-format') ?? '1');
        now.levels.set(Number(attribute(attributes, 'level')), {
          form,
          before: attribute(attributes, 'num-prefix') ?? '',
          after: attribute(attributes, 'num-suffix') ?? '',
          start: Number(attribute(attributes, 'start-value') ?? 1),
        });
      }
      return undefined;
    },
    close: (name) => {
      if (name === 'style' || name === 'list-style') now = undefined;
    },
  });
}

function takeLook(style: OdtStyle, attributes: XmlAttributes): void {
  style.isHidden = attribute(attributes, 'display') === 'none';
  const weight = attribute(attributes, 'font-weight');
  const slant = attribute(attributes, 'font-style');
  style.look = {
    isStrong: weight === 'bold' || Number(weight) >= 600,
    isEmphasis: slant === 'italic' || slant === 'oblique',
  };
}

const TWENTIETHS: Readonly<Record<string, number>> = { in: 1440, cm: 567, mm: 56.7, pt: 20, pc: 240, px: 15 };

function lengthOf(value: string | undefined): number | undefined {
  const [, number, unit] = /^(-?[\d.]+)([a-z]{2})$/.exec(value ?? '') ?? [];
  return number === undefined ? undefined : Number(number) * (TWENTIETHS[unit!] ?? 20);
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

function writeBody(
  source: string,
  writer: DocumentWriter,
  styles: ReadonlyMap<string, OdtStyle>,
  notes: string[],
): void {
  const lists: List[] = [];
  /** The styles of the spans that are open, and the addresses of links. */
  const spans: (OdtStyle | undefined)[] = [];
  const links: (string | undefined)[] = [];
  /** The words of a note, while one is open. */
  let note: string[] | undefined;
  let isCitation = false;
  let marker: string | undefined;
  let isItem = false;
  let rows = 0;
  let depth = 0;
  let hadWords = false;

  const say = (text: string): void => {
    if (depth === 0 || isCitation || spans.some((style) => style?.isHidden) || text === '') return;
    if (note) note.push(text);
    else {
      hadWords ||= /[^\s\u00a0]/.test(text);
      const look = { ...spans.at(-1)?.look, link: links.at(-1) };
      writeWith(look, text, writer);
    }
  };
  const styleOf = (attributes: XmlAttributes, key: 'firstLine' | 'left'): number | undefined => {
    let style = styles.get(attribute(attributes, 'style-name') ?? '');
    for (let guard = 0; style && style[key] === undefined && guard < 12; guard++)
      style = styles.get(style.parent ?? '');
    return style?.[key];
  };
  const begin = (name: string, attributes: XmlAttributes): void => {
    if (rows > 0) {
      if (!writer.hasWords()) writer.open({ element: Element.row });
      else if (hadWords) writer.write(' ');
      return;
    }
    hadWords = false;
    if (name === 'h') {
      writer.open({
        element: Element.heading,
        level: Number(attribute(attributes, 'outline-level') ?? 1),
        apart: 'around',
      });
    } else if (isItem && lists.length > 0) {
      const lead = `${'  '.repeat(lists.length - 1)}${marker === undefined ? '  ' : `${marker} `}`;
      writer.open({ element: marker === undefined ? Element.paragraph : Element.item, level: lists.length, lead });
      marker = undefined;
    } else {
      writer.open({
        element: Element.paragraph,
        lead: indentLead(styleOf(attributes, 'firstLine'), styleOf(attributes, 'left')),
      });
    }
  };

  walkXml(source, {
    open: (name, attributes) => {
      if (SKIPPED.has(name)) return 'skip';
      if (name === 'section' && attribute(attributes, 'display') === 'none') return 'skip';
      switch (name) {
        case 'p':
        case 'h':
          if (!note && depth === 0) begin(name, attributes);
          else if (note && note.length > 1) note.push(' ');
          depth++;
          break;
        case 'span':
          spans.push(styles.get(attribute(attributes, 'style-name') ?? '') ?? spans.at(-1));
          break;
        case 'a':
          links.push(attribute(attributes, 'href'));
          break;
        case 's':
          say(' '.repeat(Math.min(100, Number(attribute(attributes, 'c') ?? 1) || 1)));
          break;
        case 'tab':
          say(' ');
          break;
        case 'line-break':
          if (note) note.push(' ');
          else writer.breakLine();
          break;
        case 'note':
          note = [];
          break;
        case 'note-citation':
          isCitation = true;
          break;
        case 'list': {
          const style = attribute(attributes, 'style-name') ?? lists.at(-1)?.style ?? '';
          const start = styles.get(style)?.levels.get(lists.length + 1)?.start ?? 1;
          lists.push({ style, count: start - 1 });
          break;
        }
        case 'list-item':
          isItem = true;
          marker = markerIn(lists, styles, attribute(attributes, 'start-value'));
          break;
        case 'table-row':
          writer.close();
          hadWords = false;
          rows++;
          break;
        case 'table-cell':
          if (writer.hasWords()) writer.nextCell();
          hadWords = false;
          break;
      }
      return undefined;
    },
    text: say,
    close: (name) => {
      switch (name) {
        case 'p':
        case 'h':
          depth--;
          if (depth > 0 || note || rows > 0) break;
          if (hadWords) writer.close();
          else writer.emptyLine();
          break;
        case 'span':
          spans.pop();
          break;
        case 'a':
          links.pop();
          break;
        case 'note-citation':
          isCitation = false;
          break;
        case 'note': {
          const words = (note ?? []).join('').replace(/\s+/g, ' ').trim();
          note = undefined;
          notes.push(`[${notes.length + 1}] ${words}`);
          say(`[${notes.length}]`);
          break;
        }
        case 'list':
          lists.pop();
          break;
        case 'list-item':
          isItem = lists.length > 1;
          break;
        case 'table-row':
          writer.close();
          rows--;
          break;
      }
    },
  });
}

function markerIn(lists: List[], styles: ReadonlyMap<string, OdtStyle>, start: string | undefined): string {
  const list = lists.at(-1);
  const level = list && styles.get(list.style)?.levels.get(lists.length);
  if (!list || !level || level.form === '') return '•';
  list.count = start === undefined ? list.count + 1 : Number(start);
  return `${level.before}${writeNumber(list.count, level.form)}${level.after}`;
}
