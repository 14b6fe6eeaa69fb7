import type { StorageProblem } from '../storage/errors.ts';

interface ProblemWords {
  readonly text: string;
  readonly detail: string;
}

/** What to tell a person whose work could not be stored, and what they can do. */
export const STORAGE_WORDS: Readonly<Record<StorageProblem, ProblemWords>> = {
  full: {
    text: 'The browser’s storage is full; this was not saved',
    detail: 'Delete pieces on the desk or free space on the disk. What you see stays here while this page is open.',
  },
  unavailable: {
    text: 'This browser keeps no data for this page',
    detail:
      'Perhaps this is a private window. You can clean texts, copy them and save them as files; all is gone when this page is closed or loaded again.',
  },
  silent: {
    text: 'The browser’s storage does not answer',
    detail:
      'Close the other tabs of this program and load this page again. Until then you can clean texts, copy them and save them as files; they are not kept, and your pieces are not shown.',
  },
  'newer-store': {
    text: 'Your pieces were stored by a newer version of Lucid Ribbon',
    detail:
      'They are untouched. Close all its tabs and load this page again: the newer version opens them. What you clean until then is gone with this page; copy it or save it as a file.',
  },
  closed: {
    text: 'The browser closed this page’s storage; this was not saved',
    detail:
      'A newer version was opened in another tab, or what the browser keeps was cleared. Copy what you need, then load this page again.',
  },
  'done-without': {
    text: 'What you open now is not stored',
    detail:
      'You can clean it, copy it and save it as a file; it is gone when this page is closed. Your pieces are shown again when you load this page again.',
  },
  gone: {
    text: 'This piece is no longer there',
    detail: 'It was deleted, perhaps in another tab.',
  },
  outrun: {
    text: 'This piece was changed in another tab',
    detail: 'Its changes have been loaded here; your last undo or redo was not made.',
  },
  unreadable: {
    text: 'What is stored of this piece cannot be read',
    detail: 'Nothing of it was changed. It can be downloaded from the desk, as it is stored.',
  },
  newer: {
    text: 'This piece was changed by a newer version of Lucid Ribbon',
    detail: 'Close all its tabs and load this page again: the newer version opens it.',
  },
  unknown: {
    text: 'This could not be saved',
    detail: 'Copy the clean text before you close the page, then load it again.',
  },
};

/** What to tell while the browser's database does not answer a page that works with it. */
export const STUCK_WORDS: ProblemWords = {
  text: 'The browser’s storage has not answered for some seconds',
  detail:
    'What you see stays here while this page is open, but may not be saved. If this does not pass, copy what you need or save it as a file, then load this page again.',
};

/** What to tell of a new text that the database, which worked before, does not take. */
export const UNTAKEN_WORDS: ProblemWords = {
  text: 'This text was not stored',
  detail: 'The browser’s storage does not answer. The text is kept while this page is open.',
};
