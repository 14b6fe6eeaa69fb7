import type { PartKind } from '../../../../core/index.ts';

/** How the kinds of parts are called. */
export const PART_WORDS: Readonly<Record<PartKind, string>> = {
  prose: 'prose',
  list: 'a list',
  verse: 'verse',
  table: 'a table',
  code: 'code',
};

/** What becomes of the lines of a part, said to who chooses what it is. */
export const PART_HELP: Readonly<Record<PartKind, string>> = {
  prose: 'lines run on',
  list: 'an entry each',
  verse: 'lines stay lines',
  table: 'rows keep their spaces',
  code: 'nothing is touched',
};
