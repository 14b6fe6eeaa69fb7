import { decodeHTMLStrict } from 'entities';
import { Sign } from '../text/signs.ts';
import { replaceMatches, type InlinePass } from './pass.ts';

/** "&amp;nbsp;" was encoded twice, or more often. */
const REFERENCE = /&(?:amp;){0,4}(?:#\d{1,7}|#x[\da-f]{1,6}|[a-z][a-z\d]{1,30});/gi;
const LINE_ENDS_AND_TABS = /[\t-\r\u2028\u2029]/g;
const NO_TEXT = /[\u0000-\u001f\u007f-\u009f\ufffd]/; // eslint-disable-line no-control-regex

/** What a reference stands for, by HTML's tables; undefined where it stands for nothing that text may hold. */
function meant([reference]: readonly string[]): string | undefined {
  let text = reference!;
  for (let before = ''; before !== text;) {
    before = text;
    text = decodeHTMLStrict(before);
  }
  // A paragraph has no line ends of its own.
  text = text.replace(LINE_ENDS_AND_TABS, ' ');
  return NO_TEXT.test(text) ? undefined : text;
}

export const entities = {
  works: 'inline',
  id: 'entities',
  title: 'HTML entities',
  summary: 'Writes references left over from web pages, such as &nbsp; and &#8217;, as the characters they stand for.',
  group: 'characters',
  onByDefault: true,
  examples: [
    {
      before: 'Oil &amp; wicks,&nbsp;the keeper&#8217;s two cares&hellip;',
      after: 'Oil & wicks, the keeper’s two cares…',
    },
    { before: 'Salt &amp;amp; flour; R&D; &unknown;', after: 'Salt & flour; R&D; &unknown;' },
    { before: 'The keeper&#146;s log &#150; Oil &lt;b&gt;lamps&lt;/b&gt;', after: 'The keeper’s log – Oil lamps' },
  ],
  signs: Sign.ampersand,
  find: ({ text }) => replaceMatches(text, REFERENCE, meant),
} as const satisfies InlinePass;
