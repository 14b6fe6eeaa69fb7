import { readEpub } from './book/read-epub.ts';
import { decodeText } from './decode.ts';
import { UnreadableError, type Document, type ReadOptions, type ReadProblem } from './document.ts';
import { readHtml } from './html/read-html.ts';
import { readAlto } from './pages/read-alto.ts';
import { readHocr } from './pages/read-hocr.ts';
import { readPdf } from './pages/read-pdf.ts';
import { isRecord } from '../record/change-record.ts';
import { readRecord } from '../record/read-record.ts';
import { readRtf } from './rtf/read-rtf.ts';
import { namesInZip } from './zip.ts';
import { readDocx } from './word/read-docx.ts';
import { readOdt } from './word/read-odt.ts';

/** A kind of file that can be read. */
export interface Format {
  readonly id: string;
  readonly title: string;
  /** Endings of file names, without the dot. */
  readonly endings: readonly string[];
  /** Whether a file is of this format by its first bytes. */
  sniff(head: FileHead): boolean;
  /** Throws UnreadableError. */
  read(bytes: Uint8Array, options: ReadOptions): Document | Promise<Document>;
}

/** The beginning of a file. */
export interface FileHead {
  /** Its first bytes, a character each. */
  readonly latin: string;
  /** Its name ends as those of the format do. */
  readonly isNamedSo: boolean;
  /** The names of the files in it, where it is a zip archive. */
  names(): readonly string[];
}

const readAs = (read: (source: string) => Document) => (bytes: Uint8Array, options: ReadOptions) => {
  const { text, encoding } = decoded(bytes, options);
  return { ...read(text), encoding };
};

const isZip = ({ latin }: Pick<FileHead, 'latin'>) => latin.startsWith('PK\u0003\u0004');

/** The formats, in the order in which a file is tried; the last one takes all that is text. */
export const FORMATS = [
  {
    id: 'pdf',
    title: 'PDF',
    endings: ['pdf'],
    sniff: ({ latin }) => latin.slice(0, 1024).includes('%PDF-'),
    read: (bytes, { openPdf, onProgress }) => {
      if (!openPdf) throw new UnreadableError('not-text');
      return readPdf(bytes, openPdf, onProgress);
    },
  },
  {
    id: 'epub',
    title: 'EPUB',
    endings: ['epub'],
    sniff: ({ names }) => names().some((name) => name === 'META-INF/container.xml' || name.endsWith('.opf')),
    read: readEpub,
  },
  {
    id: 'odt',
    title: 'OpenDocument text',
    endings: ['odt', 'ott'],
    sniff: ({ names }) => names().includes('content.xml'),
    read: readOdt,
  },
  {
    id: 'docx',
    title: 'Word (docx)',
    endings: ['docx', 'docm', 'dotx'],
    sniff: isZip,
    read: readDocx,
  },
  {
    id: 'rtf',
    title: 'Rich Text Format',
    endings: ['rtf'],
    sniff: ({ latin }) => latin.trimStart().startsWith('{\\rtf'),
    read: readRtf,
  },
  {
    id: 'hocr',
    title: 'hOCR',
    endings: ['hocr'],
    sniff: ({ latin }) => /<[a-z:]+\s[^>]{0,200}\bclass=["']ocr_page\b/i.test(latin),
    read: readAs(readHocr),
  },
  {
    id: 'alto',
    title: 'ALTO XML',
    endings: ['alto', 'xml'],
    sniff: ({ latin }) => /<(?:\w{1,20}:)?alto[\s>]/i.test(latin),
    read: readAs(readAlto),
  },
  {
    id: 'html',
    title: 'Web page',
    endings: ['html', 'htm', 'xhtml'],
    sniff: ({ latin, isNamedSo }) =>
      /^(?:\s|\ufeff|ï»¿|<!--[^]{0,2000}?-->|<\?xml[^>]{0,200}>)*<(?:!doctype\s+html|html)[\s>]/i.test(latin) ||
      (isNamedSo && /<[a-z][^>]*>/i.test(latin)),
    read: readAs(readHtml),
  },
  {
    id: 'record',
    title: 'Change record',
    endings: ['json'],
    sniff: ({ latin }) => isRecord(latin),
    read: (bytes) => {
      const read = readRecord(new TextDecoder('utf-8').decode(bytes));
      if (!read.ok) throw new UnreadableError(read.problem);
      const { style, choices, ...document } = read.recorded;
      return { ...document, outcome: { style, choices } };
    },
  },
  {
    id: 'text',
    title: 'Text',
    endings: ['txt', 'md', 'markdown', 'text', 'srt', 'vtt', 'sbv', 'ass', 'ssa', 'lrc', 'log'],
    sniff: () => true,
    read: (bytes, options) => decoded(bytes, options),
  },
] as const satisfies readonly Format[];

export type FormatId = (typeof FORMATS)[number]['id'];

export type DocumentRead =
  | { readonly ok: true; readonly format: FormatId; readonly document: Document }
  | { readonly ok: false; readonly problem: ReadProblem };

const MOST_BYTES = 300_000_000;
const HEAD = 4096;

/** The format of a file, by its bytes first, then by its name. */
export function formatOf(bytes: Uint8Array, name = ''): (typeof FORMATS)[number] {
  const latin = new TextDecoder('latin1').decode(bytes.subarray(0, HEAD));
  const ending = /\.([^./\\]{1,10})$/.exec(name)?.[1]?.toLowerCase() ?? '';
  let names: readonly string[] | undefined;
  const listNames = () => (names ??= isZip({ latin }) ? namesInZip(bytes) : []);
  const isOf = ({ sniff, endings }: Format) => sniff({ latin, isNamedSo: endings.includes(ending), names: listNames });
  return FORMATS.find(isOf) ?? FORMATS.at(-1)!;
}

/** Reads a file of any of the formats, or of the one that is asked for. Never throws for what is in a file. */
export async function readDocument(
  bytes: Uint8Array,
  options: ReadOptions & { readonly format?: FormatId } = {},
): Promise<DocumentRead> {
  if (bytes.length === 0) return { ok: false, problem: 'empty' };
  if (bytes.length > MOST_BYTES) return { ok: false, problem: 'too-large' };
  if (isCompoundFile(bytes))
    return { ok: false, problem: /\.docx$/i.test(options.name ?? '') ? 'protected' : 'old-word' };
  const asked = FORMATS.find(({ id }) => id === options.format);
  const format: Format & { readonly id: FormatId } = asked ?? formatOf(bytes, options.name);
  try {
    const document = await format.read(bytes, options);
    if (format.id !== 'text' && document.text.trim() === '') return { ok: false, problem: 'no-words' };
    return { ok: true, format: format.id, document };
  } catch (error) {
    return { ok: false, problem: error instanceof UnreadableError ? error.problem : 'damaged' };
  }
}

/** The container of Word's files before 2007, and of newer ones that are locked. */
function isCompoundFile(bytes: Uint8Array): boolean {
  return [0xd0, 0xcf, 0x11, 0xe0].every((byte, at) => bytes[at] === byte);
}

function decoded(bytes: Uint8Array, { encoding }: ReadOptions): { text: string; encoding: string } {
  const found = decodeText(bytes, encoding);
  if (!found.ok) throw new UnreadableError(found.problem);
  return { text: found.text, encoding: found.encoding };
}
