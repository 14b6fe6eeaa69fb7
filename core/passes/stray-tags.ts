import { HTML_TAG } from '../text/html-tags.ts';
import { Sign } from '../text/signs.ts';
import { replaceMatches, type LinePass } from './pass.ts';

const TAG = new RegExp(HTML_TAG, 'gi');

/** More breaks at most, up to the end. */
const ENDS_TEXT = /^(?:\s|<br ?\/?>)*$/i;
const LONGEST_END = 40;

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
  find: ({ text }) =>
    replaceMatches(text, TAG, ({ 0: tag, index }) =>
      /^<br/i.test(tag) && !ENDS_TEXT.test(text.slice(index + tag.length, index + tag.length + LONGEST_END)) ? ' ' : '',
    ),
} as const satisfies LinePass;
