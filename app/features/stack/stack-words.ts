import type { Question, ReadingOf } from '../../../core/index.ts';
import type { StackProblem } from '../../../storage/stack.ts';
import { INCOMING_WORDS } from '../../incoming/incoming.ts';

interface Words {
  readonly text: string;
  readonly detail: string;
}

/** Why a file has no clean text, and what helps. */
export function problemWords(problem: StackProblem): Words {
  if (problem === 'too-slow')
    return {
      text: 'Cleaning took too long',
      detail: 'One of your rules may not come to an end. Try again in another style, or open it on the desk.',
    };
  if (problem === 'too-much')
    return { text: 'This file was too much for the browser', detail: 'Try again, or use the command for it.' };
  if (problem === 'fault')
    return {
      text: 'A fault in Lucid Ribbon stopped the cleaning',
      detail: 'The file is as it was. Open it on the desk: its text can be read and copied there.',
    };
  return INCOMING_WORDS[problem === 'empty' ? 'empty-file' : problem];
}

/** What an answer makes of a place, as the name of the button that gives it. */
export function readingWords({ becomes }: Pick<Question, 'becomes'>, reading: ReadingOf): string {
  // What an edit changes to nothing is left out.
  if (becomes?.trim() === '' && reading === 'changed') return READING_WORDS.goes;
  return becomes?.trim() === '' && reading === 'kept' ? READING_WORDS.stays : READING_WORDS[reading];
}

const READING_WORDS: Readonly<Record<ReadingOf, string>> = {
  joined: 'Join',
  apart: 'New paragraph',
  mended: 'Without the hyphen',
  hyphenated: 'With the hyphen',
  changed: 'Change',
  kept: 'Keep the original',
  stays: 'Keep',
  goes: 'Leave out',
};

/** What is asked, in one line. */
export function questionWords({ kind, words, becomes }: Pick<Question, 'kind' | 'words' | 'becomes'>): string {
  switch (kind) {
    case 'split':
      return `Split word “${words.replace(/[-\u00ad] /, '-')}”`;
    case 'lines':
      return `Part of the text? “${words}”`;
    case 'edit':
      return becomes?.trim() ? `“${words}” to “${becomes}”?` : `Leave out “${words}”?`;
    case 'seam':
      return `Line ends such as “${words}”`;
  }
}

export function many(count: number, one: string, more: string): string {
  return `${count.toLocaleString('en')} ${count === 1 ? one : more}`;
}

/** A time that work took, in ms, as people say it. */
export function timeWords(time: number): string {
  return time < 1000 ? `${time} ms` : `${(time / 1000).toFixed(1)} s`;
}

/** A size in bytes as people say it. */
export function sizeWords(bytes: number): string {
  if (bytes < 1000) return `${bytes} B`;
  return bytes < 1_000_000 ? `${Math.round(bytes / 1000)} kB` : `${(bytes / 1_000_000).toFixed(1)} MB`;
}
