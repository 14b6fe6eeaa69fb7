import { LineKind } from '../lines/line-kind.ts';
import { Sign } from '../text/signs.ts';
import { replaceMatches, type LinePass } from './pass.ts';

const TIMES_AND_TAGS =
  /<(?:\d{1,2}:)?\d{2}:\d{2}[.,]\d{3}>|<\/?(?:c|v|i|b|u|font|ruby|rt|lang)(?:[.\s][^<>]*)?>|\s?[[(](?:\d{1,2}:)?\d{1,2}:\d{2}[\])]/g;

export const timeCodes = {
  works: 'lines',
  id: 'time-codes',
  title: 'Time codes',
  summary: 'Takes out the times, cue numbers and tags of captions, on lines of their own and within lines.',
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
  kinds: [LineKind.timeCode, LineKind.cueNumber, LineKind.captionHeader],
  lineOptions: () => ({ timeCodes: true }),
  signs: Sign.lessThan | Sign.squareBracket | Sign.roundBracket,
  find: ({ text }, { captions }) => (captions ? replaceMatches(text, TIMES_AND_TAGS, () => '') : []),
} as const satisfies LinePass;
