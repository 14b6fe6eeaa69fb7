import { Sign } from '../text/signs.ts';
import { replaceMatches, type LinePass } from './pass.ts';

const NAMES =
  'p|br|hr|b|i|u|s|em|strong|small|sub|sup|span|div|font|center|a|img|h[1-6]|ul|ol|li|dl|dt|dd|table|tbody|thead|tr|td|th|blockquote|cite|q|code|pre|section|article|header|footer|o:p';
const TAG = new RegExp(`</?(?:${NAMES})(?:\\s[^<>]{0,300})?/?>`, 'gi');

export const strayTags = {
  works: 'lines',
  id: 'stray-tags',
  title: 'Stray tags',
  summary: 'Takes out HTML tags that show up as text; a <br> becomes a space.',
  group: 'characters',
  onByDefault: true,
  examples: [
    { before: '<p>The tide <em>fell</em>.</p>', after: 'The tide fell.' },
    { before: 'High water<br>at noon, <b class="x">twice</b>.', after: 'High water at noon, twice.' },
    { before: 'High water.\n\n<p>&nbsp;</p>\n\nLow water.', after: 'High water.\n\nLow water.' },
    { before: 'If a < b and b > c, then stop.', after: 'If a < b and b > c, then stop.' },
  ],
  kinds: [],
  lineOptions: () => ({ strayTags: true }),
  signs: Sign.lessThan,
  find: ({ text }) => replaceMatches(text, TAG, ([tag]) => (/^<br/i.test(tag) ? ' ' : '')),
} as const satisfies LinePass;
