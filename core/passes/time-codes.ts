import { CAPTION_TAG } from '../lines/captions/caption-tags.ts';
import type { LocalEdit } from '../edits/local-edit.ts';
import { findClockTimes } from '../lines/captions/clock.ts';
import { isBehindName } from '../lines/captions/time-spots.ts';
import { LineKind } from '../lines/line-kind.ts';
import { replaceMatches, withoutOverlaps, type LinePass } from './pass.ts';

const TAGS = new RegExp(CAPTION_TAG, 'gi');
/** How scripts write a line end. */
const LINE_ENDS = /\s?\\[Nn]\s?/g;
/** And files that count frames in braces. */
const BARS = /\s?\|\s?/g;

function timesIn(text: string, brackets: string): LocalEdit[] {
  if (brackets === '') return [];
  return findClockTimes(text)
    .filter(({ bracket, from, to }) =>
      bracket === '' ? brackets.includes(':') && isBehindName(text, { from, to }, true) : brackets.includes(bracket),
    )
    .map(({ from, to }) =>
      /\s/.test(text[from - 1] ?? '') ? { from: from - 1, to, insert: '' } : { from, to, insert: '' },
    );
}

export const timeCodes = {
  works: 'lines',
  id: 'time-codes',
  title: 'Time codes',
  summary: 'Takes out the times, cue numbers and tags of captions, on lines of their own and within lines.',
  done: ['time dropped', 'times dropped'],
  group: 'lines',
  onByDefault: true,
  isListed: true,
  examples: [
    {
      before: '1\n00:00:01,000 --> 00:00:02,500\nYou begin with\n\n2\n00:00:02,500 --> 00:00:04,000\nthe keel.\n',
      after: 'You begin with the keel.',
    },
    { before: 'The 10:45 ferry was late.', after: 'The 10:45 ferry was late.' },
  ],
  reasons: { times: 'little tells that it is the time of a recording, and no part of the text' },
  kinds: [LineKind.timeCode, LineKind.cueNumber, LineKind.captionHeader],
  lineOptions: () => ({ timeCodes: true }),
  find: ({ text }, { captions, codeBrackets }) =>
    captions
      ? withoutOverlaps([
          ...(/[<{]/.test(text) ? replaceMatches(text, TAGS, () => '') : []),
          ...(text.includes('\\') ? replaceMatches(text, LINE_ENDS, () => ' ') : []),
          ...(codeBrackets.includes('{') && text.includes('|') ? replaceMatches(text, BARS, () => ' ') : []),
          ...timesIn(text, codeBrackets),
        ])
      : [],
} as const satisfies LinePass;
