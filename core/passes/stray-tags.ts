import { Sign } from '../text/signs.ts';
import { replaceMatches, type LinePass } from './pass.ts';

const NAMES =
  'p|br|hr|b|i|u|s|em|strong|small|sub|sup|span|div|font|center|a|img|h[1-6]|ul|ol|li|dl|dt|dd|table|tbody|thead|tr|td|th|blockquote|cite|q|code|pre|section|article|header|footer|o:p';
/** An attribute has a value; "p <q and q> r" has none. */
const ATTRIBUTE = String.raw`\s+[a-z][a-z:-]{0,30}\s?=\s?(?:"[^"<>]{0,300}"|'[^'<>]{0,300}'|[^\s"'<>=]{1,300})`;
const TAG = new RegExp(String.raw`</?(?:${NAMES})(?:${ATTRIBUTE}){0,12}\s?/?>`, 'gi');

export const strayTags = {
  works: 'lines',
  id: 'stray-tags',
  title: 'Leftover HTML tags',
  summary: 'Takes out HTML tags that show up as text; a <br> becomes a space.',
  group: 'characters',
  onByDefault: true,
  examples: [
    { before: '<p>The tide <em>fell</em>.</p>', after: 'The tide fell.' },
    { before: 'High water<br>at noon, <b class="x">twice</b>.', after: 'High water at noon, twice.' },
    { before: 'High water.\n\n<p>&nbsp;</p>\n\nLow water.', after: 'High water.\n\nLow water.' },
    {
      before: 'If a < b and b > c, or p<q and q>r, then stop.',
      after: 'If a < b and b > c, or p<q and q>r, then stop.',
    },
  ],
  kinds: [],
  lineOptions: () => ({ strayTags: true }),
  signs: Sign.lessThan,
  find: ({ text }) => replaceMatches(text, TAG, ([tag]) => (/^<br/i.test(tag) ? ' ' : '')),
} as const satisfies LinePass;
