import { Fragment } from 'react';

const LONG_WORD = /[!-~\u00a1-\u024f]{120,}/;
const BREAK_EVERY = 40;

/**
 * Text in which very long words (an address, a line of code, a whole book without a space) may break. Browsers take seconds to
 * find emergency breaks in a word of thousands of letters; places given beforehand cost nothing.
 */
export function breakable(text: string): React.ReactNode {
  if (!LONG_WORD.test(text)) return text;
  const parts = text.match(new RegExp(`[\\s\\S]{1,${BREAK_EVERY}}`, 'g')) ?? [];
  return parts.map((part, at) => (
    <Fragment key={at}>
      {part}
      <wbr />
    </Fragment>
  ));
}
