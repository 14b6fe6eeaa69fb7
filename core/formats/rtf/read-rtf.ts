import { Element } from '../../layout/layout.ts';
import { raisedFigures } from '../../text/raised-figures.ts';
import { isEncoding } from '../decode.ts';
import { UnreadableError, type Document } from '../document.ts';
import { documentWriter, writeWith, type BlockForm } from '../document-writer.ts';
import { indentLead } from '../word/indent.ts';
import { rtfTokens } from './rtf-tokens.ts';

/**
 * Reads Rich Text Format: paragraphs with their line breaks, headings by their outline level, lists with the signs that stand in the
 * file, tables a row to a line, notes at the end. Heads and feet of pages, hidden and deleted text, pictures and fields' codes are
 * not read. Throws UnreadableError.
 */
export function readRtf(bytes: Uint8Array): Document {
  const source = new TextDecoder('latin1').decode(bytes);
  if (!source.trimStart().startsWith('{\\rtf')) throw new UnreadableError('damaged');
  const writer = documentWriter();
  const notes: string[] = [];
  const groups: Group[] = [{ isSkipped: false, isHidden: false, isRaised: false, skip: 1, charset: undefined }];
  let paragraph: Paragraph = {};
  let codePage = 'windows-1252';
  const charsets = new Map<number, string>();
  let font = 0;
  let isFontTable = false;
  /** Bytes that wait for others, as characters of more than one byte have them. */
  let bytesWaiting: number[] = [];
  /** How many characters after a Unicode one stand in for it, and are passed over. */
  let toSkip = 0;
  let note: string[] | undefined;
  let noteDepth = 0;
  let marker: string[] | undefined;
  let markerDepth = 0;
  let markerText = '';
  let hadWords = false;
  let mayBeControl = true;

  const top = () => groups.at(-1)!;

  const say = (text: string): void => {
    const { isSkipped, isHidden, isRaised } = top();
    if (isSkipped || isHidden || text === '') return;
    if (note) return void note.push(text);
    if (marker) return void marker.push(text);
    if (!writer.hasWords()) {
      writer.open(formOf(paragraph, markerText));
      markerText = '';
    }
    hadWords ||= /[^\s\u00a0]/.test(text);
    writeWith(top(), isRaised && /^\d{1,3}$/.test(text) ? raisedFigures(text) : text, writer);
  };
  const flush = (): void => {
    if (bytesWaiting.length === 0) return;
    const label = top().charset ?? codePage;
    const text = new TextDecoder(label).decode(Uint8Array.from(bytesWaiting));
    bytesWaiting = [];
    say(text);
  };
  const endParagraph = (): void => {
    if (note) return void note.push(' ');
    if (marker) return;
    if (writer.hasWords() && hadWords) writer.close();
    else writer.emptyLine();
    hadWords = false;
  };

  const control = (word: string, value: number | undefined): void => {
    const group = top();
    if (isFontTable) {
      if (word === 'f') font = value ?? 0;
      else if (word === 'fcharset') {
        const label = CHARSETS[value ?? 0];
        if (label !== undefined) charsets.set(font, label);
      }
      return;
    }
    if (group.isSkipped) return;
    const sign = SIGNS[word];
    if (sign !== undefined) return say(sign);
    switch (word) {
      case 'ansicpg':
        codePage = CODE_PAGES[value ?? 0] ?? `windows-${value}`;
        if (!isEncoding(codePage)) codePage = 'windows-1252';
        break;
      case 'f':
        group.charset = charsets.get(value ?? 0);
        break;
      case 'uc':
        group.skip = value ?? 1;
        break;
      case 'u':
        say(String.fromCharCode(((value ?? 0) + 65536) % 65536));
        toSkip = group.skip;
        break;
      case 'par':
      case 'sect':
      case 'page':
        endParagraph();
        break;
      case 'line':
        if (note) note.push(' ');
        else writer.breakLine();
        break;
      case 'tab':
        if (writer.hasWords() || note || marker) say(' ');
        break;
      case 'pard':
        paragraph = {};
        break;
      case 'intbl':
        paragraph.isRow = true;
        break;
      case 'cell':
        if (writer.hasWords()) writer.nextCell();
        break;
      case 'row':
        writer.close();
        hadWords = false;
        break;
      case 'fi':
        paragraph.firstLine = value ?? 0;
        break;
      case 'li':
        paragraph.left = value ?? 0;
        break;
      case 'outlinelevel':
        paragraph.heading = (value ?? 9) < 9 ? (value ?? 0) + 1 : 0;
        break;
      case 'v':
      case 'deleted':
        group.isHidden = value !== 0;
        break;
      case 'b':
        group.isStrong = value !== 0;
        break;
      case 'i':
        group.isEmphasis = value !== 0;
        break;
      case 'super':
        group.isRaised = value !== 0;
        break;
      case 'nosupersub':
        group.isRaised = false;
        break;
      case 'plain':
        group.isHidden = false;
        group.isRaised = false;
        group.isStrong = false;
        group.isEmphasis = false;
        break;
      case 'listtext':
      case 'pntext':
        marker = [];
        markerDepth = groups.length;
        break;
      case 'footnote':
        note = [];
        noteDepth = groups.length;
        group.isRaised = false;
        break;
    }
  };

  for (const token of rtfTokens(source)) {
    if (token.kind !== 'byte') flush();
    if (token.kind === 'open') {
      groups.push({ ...top() });
      mayBeControl = true;
    } else if (token.kind === 'close') {
      const depth = groups.length;
      if (depth > 1) groups.pop();
      if (isFontTable && !top().isSkipped) isFontTable = false;
      if (note && depth === noteDepth) {
        notes.push(note.join('').replace(/\s+/g, ' ').trim());
        note = undefined;
        say(`[${notes.length}]`);
      } else if (marker && depth === markerDepth) {
        markerText = marker.join('').trim();
        marker = undefined;
      }
      toSkip = 0;
      mayBeControl = false;
    } else if (token.kind === 'word') {
      if (token.word === '*') {
        if (mayBeControl) top().isOptional = true;
        continue;
      }
      if (mayBeControl) {
        if (token.word === 'fonttbl') isFontTable = true;
        const isKept = token.word === 'footnote' || token.word === 'listtext' || token.word === 'pntext';
        if (NOT_TEXT.has(token.word) || (top().isOptional && !isKept && !KEPT.has(token.word))) top().isSkipped = true;
        top().isOptional = false;
      }
      mayBeControl = false;
      control(token.word, token.value);
    } else if (token.kind === 'byte') {
      mayBeControl = false;
      if (toSkip > 0) toSkip--;
      else if (!top().isSkipped) bytesWaiting.push(token.byte);
    } else if (token.kind === 'text') {
      mayBeControl = false;
      const text = toSkip > 0 ? token.text.slice(toSkip) : token.text;
      toSkip = Math.max(0, toSkip - token.text.length);
      say(text);
    }
  }
  flush();
  writer.close();
  for (const [at, words] of notes.entries()) {
    writer.open({ element: Element.note, apart: 'around' });
    writer.write(`[${at + 1}] ${words}`);
    writer.close();
  }
  return writer.finish();
}

interface Group {
  isSkipped: boolean;
  isHidden: boolean;
  isRaised: boolean;
  /** As many characters stand in for a Unicode one. */
  skip: number;
  /** The encoding of the font in use. */
  charset: string | undefined;
  isOptional?: boolean;
  isStrong?: boolean;
  isEmphasis?: boolean;
}

interface Paragraph {
  heading?: number;
  isRow?: boolean;
  firstLine?: number;
  left?: number;
}

function formOf({ heading = 0, isRow = false, firstLine, left }: Paragraph, marker: string): BlockForm {
  if (isRow) return { element: Element.row };
  const sign = /^[·•◦▪\uf0a7\uf0b7o§-]$/.test(marker) ? '•' : marker;
  if (heading > 0)
    return { element: Element.heading, level: heading, apart: 'around', lead: sign === '' ? undefined : `${sign} ` };
  if (sign !== '') return { element: Element.item, level: 1, lead: `${sign} ` };
  return { element: Element.paragraph, lead: indentLead(firstLine, left) };
}

const NOT_TEXT: ReadonlySet<string> = new Set(
  'fonttbl colortbl stylesheet info pict header headerl headerr headerf footer footerl footerr footerf fldinst listtable listoverridetable rsidtbl generator xmlnstbl themedata colorschememapping latentstyles datastore object objdata filetbl revtbl annotation atnid atnauthor atndate atnref ftnsep ftnsepc aftnsep pgdsctbl bkmkstart bkmkend nonshppict private1 template operator xe tc'.split(
    ' ',
  ),
);
/** Destinations that a reader may pass over, but that hold text. */
const KEPT: ReadonlySet<string> = new Set(['shptxt', 'shpinst', 'shp', 'shppict_', 'cs', 'ud']);

const SIGNS: Readonly<Record<string, string>> = {
  emdash: '—',
  endash: '–',
  emspace: '\u2003',
  enspace: '\u2002',
  qmspace: '\u2005',
  bullet: '•',
  lquote: '‘',
  rquote: '’',
  ldblquote: '“',
  rdblquote: '”',
  zwj: '\u200d',
  zwnj: '\u200c',
  ltrmark: '\u200e',
  rtlmark: '\u200f',
};

/** Encodings by the character set of a font, as Windows numbers them. */
const CHARSETS: Readonly<Record<number, string>> = {
  128: 'shift_jis',
  129: 'euc-kr',
  134: 'gbk',
  136: 'big5',
  161: 'windows-1253',
  162: 'windows-1254',
  163: 'windows-1258',
  177: 'windows-1255',
  178: 'windows-1256',
  186: 'windows-1257',
  204: 'windows-1251',
  222: 'windows-874',
  238: 'windows-1250',
};

const CODE_PAGES: Readonly<Record<number, string>> = {
  932: 'shift_jis',
  936: 'gbk',
  949: 'euc-kr',
  950: 'big5',
  65001: 'utf-8',
  10000: 'macintosh',
};
