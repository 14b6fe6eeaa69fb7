import type { ReadProblem } from '../../core/index.ts';
import type { NewText } from '../../storage/pieces.ts';
import { readInWorker, type ReadOptions } from '../../worker/read-client.ts';

/** Why something that was pasted, typed or dropped cannot become a piece. */
export type IncomingProblem =
  | 'empty'
  | 'only-spaces'
  | 'picture'
  | 'no-text'
  | 'too-long'
  | 'unreadable'
  | 'empty-file'
  | Exclude<ReadProblem, 'empty'>;

export type Incoming =
  | { readonly ok: true; readonly text: NewText; readonly title: string }
  | { readonly ok: false; readonly problem: IncomingProblem };

/** UTF-16 units: beyond this the browser's memory is at risk; the command takes any length. */
export const LONGEST_TEXT = 50_000_000;

/** The parts of a clipboard or drag that matter here. */
export interface Transfer {
  readonly types: readonly string[];
  getData(type: string): string;
}

/**
 * Judges what is on a clipboard. Where it has the words both as formatted and as plain text, the formatted ones are read, and the
 * plain ones kept.
 */
export async function readTransfer(transfer: Transfer, read: typeof readInWorker = readInWorker): Promise<Incoming> {
  const plain = transfer.getData('text/plain');
  const html = transfer.getData('text/html');
  // What a clipboard holds is there only while it is pasted.
  const types = [...transfer.types];
  if (html !== '' && html.length <= LONGEST_HTML && isProse(html)) {
    const bytes = new TextEncoder().encode(html);
    const found = await read(bytes, { name: 'clipboard.html' }).catch(() => undefined);
    if (found?.ok && (plain === '' || hasWordsOf(found.document.text, plain))) {
      const { text, layout } = found.document;
      return checkText({ source: text, layout, origin: { format: 'html', ...(plain !== '' && { plain }) } });
    }
  }
  if (plain !== '') return checkText({ source: plain });
  if (types.includes('Files')) return { ok: false, problem: 'picture' };
  return { ok: false, problem: types.length > 0 ? 'no-text' : 'empty' };
}

const LONGEST_HTML = 20_000_000;

/** Editors of code put the lines of a file on the clipboard in a fixed face: their plain text says more than their markup. */
function isProse(html: string): boolean {
  const head = html.slice(0, 2000);
  const isCode = /white-space:\s*pre\b|<pre[\s>]|vscode/i.test(head) && /monospace|<pre[\s>]/i.test(head);
  return !isCode && /<(?:p|div|li|h[1-6]|br|td|blockquote|article|section)\b/i.test(html);
}

const LEAST_SHARE = 0.9;

/** Whether a text has about as many letters as another: what a page hides, or shows only in its plain text, tells against it. */
function hasWordsOf(text: string, plain: string): boolean {
  const letters = (of: string) => of.match(/[\p{L}\p{N}]/gu)?.length ?? 0;
  return letters(text) >= LEAST_SHARE * letters(plain);
}

/** Judges text, however it came. */
export function checkText(text: NewText, title = ''): Incoming {
  const { source } = text;
  if (source === '') return { ok: false, problem: 'empty' };
  if (source.length > LONGEST_TEXT) return { ok: false, problem: 'too-long' };
  // Whatever is visible at all makes it worth cleaning.
  if (!/[^\s\u00ad\u200b\u2060\ufeff\u0000-\u001f]/.test(source)) return { ok: false, problem: 'only-spaces' }; // eslint-disable-line no-control-regex
  return { ok: true, text, title };
}

/** Files are kept as they were up to this size, in bytes, so that they can be read again. */
const LARGEST_KEPT = 20_000_000;
const LARGEST_FILE = 200_000_000;

/** Reads a dropped or chosen file, in a worker. Throws the signal's reason where it is stopped. */
export async function readFile(
  file: File,
  options: Omit<ReadOptions, 'name'> = {},
  read: typeof readInWorker = readInWorker,
): Promise<Incoming> {
  if (file.size > LARGEST_FILE) return { ok: false, problem: 'too-large' };
  let bytes: Uint8Array;
  try {
    bytes = new Uint8Array(await file.arrayBuffer());
  } catch {
    return { ok: false, problem: 'unreadable' };
  }
  const kept = bytes.length <= LARGEST_KEPT ? bytes.slice() : undefined;
  const found = await read(bytes, { ...options, name: file.name }).catch((error: unknown) => {
    if (options.signal?.aborted) throw error;
    return { ok: false, problem: 'damaged' } as const;
  });
  if (!found.ok) return { ok: false, problem: found.problem === 'empty' ? 'empty-file' : found.problem };
  const { text, layout, title, encoding, outcome } = found.document;
  const origin = { format: found.format, name: file.name, ...(encoding && { encoding }), ...(kept && { bytes: kept }) };
  return checkText(
    { source: text, ...(layout && { layout }), ...(outcome && { outcome }), origin },
    title ?? file.name.replace(/\.[^.]{1,5}$/, ''),
  );
}

interface Words {
  readonly text: string;
  readonly detail: string;
}

export const INCOMING_WORDS: Readonly<Record<IncomingProblem, Words>> = {
  empty: { text: 'There is no text on the clipboard', detail: 'Copy some text first, then paste it here.' },
  'only-spaces': {
    text: 'This text is only white space',
    detail: 'Some PDFs are pictures of pages; run text recognition on them first.',
  },
  picture: {
    text: 'There is a picture on the clipboard, not text',
    detail: 'Run text recognition on it first, then paste the text.',
  },
  'no-text': { text: 'There is no text in what you copied', detail: 'Copy the words themselves, then paste them.' },
  'too-long': {
    text: 'This text is longer than 50 million characters',
    detail: 'Use the command for a text of this size, or paste it in parts.',
  },
  'empty-file': { text: 'This file is empty', detail: 'It has no bytes in it; look for another copy of it.' },
  'not-text': {
    text: 'This kind of file cannot be read here',
    detail:
      'Text, web pages, PDF, Word (.docx), OpenDocument (.odt), RTF, EPUB, captions, hOCR and ALTO can. Open others in their own program, copy the text there and paste it here.',
  },
  damaged: {
    text: 'This file is damaged',
    detail: 'Open it in the program that made it and save it anew, or copy the text there and paste it here.',
  },
  protected: {
    text: 'This file is protected by a password',
    detail: 'Open it in its own program with the password and save it without one, or copy the text there.',
  },
  'pictures-only': {
    text: 'This file has pictures of pages, and no text',
    detail: 'Run text recognition (OCR) on it first, then open the outcome here.',
  },
  'too-large': {
    text: 'This file is too large',
    detail: 'Files of up to 200 MB can be opened here, if they unpack to no more than that; cut it in parts.',
  },
  'old-word': {
    text: 'This file is in an old format of Word',
    detail: 'Open it in a word processor and save it as .docx or .odt.',
  },
  newer: {
    text: 'A newer version of this program wrote this file',
    detail: 'Reload the page to have the newest version, then open the file again.',
  },
  'other-text': {
    text: 'The text in this change record is not the one that it was made of',
    detail: 'Somebody changed it by hand: open another copy of the record, or the text by itself.',
  },
  'no-words': { text: 'There are no words in this file', detail: 'Look whether its text is in a picture.' },
  unreadable: {
    text: 'The browser could not read this file',
    detail: 'Check that it still exists and that you may open it, then drop it again.',
  },
};
