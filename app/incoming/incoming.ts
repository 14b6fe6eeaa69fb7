import { decodeText } from '../../core/index.ts';

/** Why something that was pasted, typed or dropped cannot become a piece. */
export type IncomingProblem = 'empty' | 'only-spaces' | 'picture' | 'no-text' | 'too-long' | 'not-text' | 'unreadable';

export type Incoming =
  | { readonly ok: true; readonly text: string; readonly title: string }
  | { readonly ok: false; readonly problem: IncomingProblem };

/** UTF-16 units: beyond this the browser's memory is at risk; the command takes any length. */
export const LONGEST_TEXT = 50_000_000;

/** The parts of a clipboard or drag that matter here. */
export interface Transfer {
  readonly types: readonly string[];
  getData(type: string): string;
}

/** Judges what is on a clipboard. */
export function readTransfer(transfer: Transfer): Incoming {
  const text = transfer.getData('text/plain');
  if (text !== '') return checkText(text);
  if (transfer.types.includes('Files')) return { ok: false, problem: 'picture' };
  return { ok: false, problem: transfer.types.length > 0 ? 'no-text' : 'empty' };
}

/** Judges text, however it came. */
export function checkText(text: string, title = ''): Incoming {
  if (text === '') return { ok: false, problem: 'empty' };
  if (text.length > LONGEST_TEXT) return { ok: false, problem: 'too-long' };
  // Whatever is visible at all makes it worth cleaning.
  if (!/[^\s\u00ad\u200b\u2060\ufeff\u0000-\u001f]/.test(text)) return { ok: false, problem: 'only-spaces' }; // eslint-disable-line no-control-regex
  return { ok: true, text, title };
}

/** Reads a dropped or chosen file. */
export async function readFile(file: File): Promise<Incoming> {
  if (file.size > LONGEST_TEXT) return { ok: false, problem: 'too-long' };
  let bytes: Uint8Array;
  try {
    bytes = new Uint8Array(await file.arrayBuffer());
  } catch {
    return { ok: false, problem: 'unreadable' };
  }
  const decoded = decodeText(bytes);
  if (!decoded.ok) return { ok: false, problem: 'not-text' };
  return checkText(decoded.text, file.name.replace(/\.[^.]{1,5}$/, ''));
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
  'not-text': {
    text: 'This file is not a text file',
    detail:
      'Open it in its own program, copy the text there and paste it here. Plain text files (.txt, .srt, .vtt) can be dropped.',
  },
  unreadable: {
    text: 'The browser could not read this file',
    detail: 'Check that it still exists and that you may open it, then drop it again.',
  },
};
