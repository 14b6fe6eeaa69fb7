import type { Dialect, GroupView, Misfit, SignId, Typed } from '../../../../core/index.ts';
import { kindsOfForm, WORDS_ALONE } from '../../../../core/index.ts';

const KINDS: Readonly<Record<Typed | SignId | 'text', string>> = {
  time: 'time',
  date: 'date',
  link: 'link',
  figure: 'number',
  bracket: 'brackets',
  text: 'words',
  bar: 'bar',
  dash: 'dash',
  colon: 'colon',
  semicolon: 'semicolon',
  comma: 'comma',
  slash: 'slash',
  bullet: 'bullet',
  arrow: 'arrow',
  equals: 'equals sign',
  leader: 'dots',
  gap: 'gap',
};

/** What a group of lines is called: “Time, words, link”. */
export function groupTitle({ form, within }: Pick<GroupView, 'form' | 'within'>): string {
  if (form === WORDS_ALONE && within === undefined) return 'Running text';
  const kinds = kindsOfForm(form);
  const names = kinds.slice(0, MOST_NAMED).map((kind) => KINDS[kind] ?? kind);
  const title = `${capital(names.join(', '))}${kinds.length > MOST_NAMED ? ' …' : ''}`;
  return within === undefined ? title : `${title}, several on a line`;
}

const MOST_NAMED = 5;

/** Why a line does not fit: “no link”. */
export function misfitWords({ missing }: Misfit): string {
  if (missing.length === 0) return 'put together in another way';
  return missing.map((kind) => `no ${KINDS[kind]}`).join(', ');
}

/** What a person is told where an example cannot be learned from. */
export const PROBLEM_WORDS = {
  nothing: 'Mark the words to keep.',
  whole: 'Everything is marked: mark only the words to keep.',
  parts: 'Mark as many parts on each example.',
  unclear: 'From this, lines alike cannot be told: mark whole words, or one part more.',
} as const;

export const DIALECT_WORDS: Readonly<Record<Dialect, string>> = {
  ecmascript: 'ECMAScript',
  pcre: 'PCRE',
  posix: 'POSIX ERE',
  re2: 'RE2',
};

function capital(words: string): string {
  return words.charAt(0).toUpperCase() + words.slice(1);
}
