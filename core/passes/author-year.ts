import { Sign } from '../text/signs.ts';
import { replaceMatches, type InlinePass } from './pass.ts';

const NAME = String.raw`\p{Lu}[\p{L}’'-]+`;
const WORK = String.raw`${NAME}(?: et al\.?| (?:and|und|et|y|&) ${NAME})?,? (?:1[5-9]|20)\d\d[a-z]?(?:, ?(?:pp?\. ?)?\d+(?:[–-]\d+)?)?`;
const CITATION = new RegExp(String.raw` ?\((?:(?:see|cf\.|e\.g\.),? )?${WORK}(?:; ?${WORK})*\)`, 'gu');
/** One name and a year, and nothing else that only references have. */
const LONE = /^ ?\([^\s,;&]+ \d{4}\)$/;

export const authorYear = {
  works: 'inline',
  id: 'author-year',
  title: 'Author–year citations',
  summary: 'Takes out references such as (Pell 1998) and (Trask and Averill, 2004; Pell 2010, p. 12).',
  group: 'marks',
  onByDefault: false,
  isListed: true,
  examples: [
    {
      before: 'Nine mills stood (Pell 1998; Trask and Averill, 2004, p. 12) by then.',
      after: 'Nine mills stood by then.',
    },
    { before: 'Nine mills stood (Pell 1998) then.', after: 'Nine mills stood then.' },
    { before: 'The old mill (built 1871) stood.', after: 'The old mill (built 1871) stood.' },
  ],
  reasons: { place: 'a name and a year alone may be a place and a date' },
  signs: Sign.roundBracket,
  find: ({ text }) =>
    replaceMatches(text, CITATION, ([whole]) =>
      LONE.test(whole) ? { insert: '', certainty: 0.75, why: 'place' } : '',
    ),
} as const satisfies InlinePass;
