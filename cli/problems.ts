import type { ReadProblem, RecordProblem } from '../core/index.ts';

/** An input or argument that keeps the command from its work; the message says why, in one line. */
export class InputError extends Error {}

/** What is wrong with a file, and what helps, to be said behind its name. */
export const READ_PROBLEMS: Readonly<Record<ReadProblem | 'not-of-record', string>> = {
  empty: 'is empty',
  'not-text': 'is not a text file, nor of another kind that is read here',
  damaged: 'is damaged: it cannot be read; open it in the program that made it and save it anew',
  protected: 'is protected by a password: open it in the program that made it and save it without one',
  'pictures-only': 'has pictures of pages and no text: it has to go through text recognition (OCR) first',
  'too-large': 'is too large: files of up to 300 MB are read, unpacked; those near that take up to 3 GB of memory',
  'old-word': 'is in an old Word format: save it as .docx first',
  'no-words': 'has no words in it',
  newer: 'was written by a newer version of this program',
  'other-text': 'is a change record whose text is not the one that it was made of',
  'not-of-record': 'is not the text that the change record was made of',
};

export const RECORD_PROBLEMS: Readonly<Record<RecordProblem, string>> = {
  damaged: 'is no change record, or a damaged one',
  newer: READ_PROBLEMS.newer,
  'other-text': READ_PROBLEMS['other-text'],
};

/** What the system says of a file, in words. */
export function systemWords({ code, message }: { readonly code?: string; readonly message: string }): string {
  return (code !== undefined && SYSTEM_PROBLEMS[code]) || message;
}

const SYSTEM_PROBLEMS: Readonly<Record<string, string>> = {
  ENOENT: 'there is no such file',
  EISDIR: 'it is a folder',
  EACCES: 'permission denied',
  EPERM: 'permission denied',
  ENOSPC: 'the disk is full',
  EROFS: 'it cannot be written to',
  ENOTDIR: 'a part of its path is no folder',
  EEXIST: 'there is something else of that name',
  ELOOP: 'its links lead in a circle',
  EMFILE: 'too many files are open',
  EIO: 'the disk, or the device, cannot be read or written',
  ENXIO: 'there is no such device',
};

/** Says something on standard error, in one line. */
export function say(message: string): void {
  process.stderr.write(`lucid-ribbon: ${message}\n`);
}
