import { Sign } from '../text/signs.ts';
import { replaceMatches, type InlinePass } from './pass.ts';

/**
 * Signs among signs, as of a lamp or a drawing, are no punctuation. Before a stop that begins something (" .5", " .htaccess", " ...") the
 * space is meant, and an empty pair of brackets is a box to tick.
 */
const BEFORE_CLOSING = /(?<![([{«„‹ =~|<+-]) +(?:(?=[,;:!?)\]}])|(?=\.(?:[\s)\]}”’"»]|$)))/g;
/** In units. */
const FARTHEST_OPENING = 400;
const AFTER_OPENING = /(?<=[([{]) +(?=[^\s)\]}])/g;

export const spaceBeforePunctuation = {
  works: 'inline',
  id: 'space-before-punctuation',
  title: 'Spaces at punctuation',
  summary:
    'Takes out spaces before a comma, a stop or a closing bracket, and after an opening one; French keeps its own.',
  group: 'spaces',
  onByDefault: true,
  examples: [
    { before: 'The tide fell , and rose ( twice ) .', after: 'The tide fell, and rose (twice).' },
    { before: '[ ] oil\n[x] wicks ( two )', after: '[ ] oil\n[x] wicks (two)' },
    { before: 'Ruth: ?', after: 'Ruth: ?' },
    { before: 'Below ![a lamp](lamp.png), lit ;)', after: 'Below ![a lamp](lamp.png), lit ;)' },
    { before: 'A wall of .5 metres ... or so.', after: 'A wall of .5 metres ... or so.' },
    { before: 'Un « . » et un « , » .', after: 'Un « . » et un « , ».' },
    { before: 'He waited . . . and rowed. . . .', after: 'He waited . . . and rowed. . . .' },
    {
      before: 'Est-ce que la marée est dans le port ? Oui : elle est là .',
      after: 'Est-ce que la marée est dans le port ? Oui : elle est là.',
    },
  ],
  signs: Sign.spaceThenClosing | Sign.openingThenSpace,
  find: ({ text }, { language }) => {
    if (!/ [,;:!?)\]}.]|[([{] /.test(text)) return [];
    const french = language === 'fr';
    const closing = replaceMatches(text, BEFORE_CLOSING, (match) => {
      if (match.index === 0) return undefined;
      const next = text[match.index + match[0].length]!;
      // All that somebody said, or all of an item: "Ruth: ?", "- !".
      if ('!?'.includes(next) && (text[match.index - 1] === ':' || match.index === 1)) return undefined;
      // Smileys and ratios.
      if (
        next === ':' &&
        /\d/.test(text[match.index - 1]!) &&
        /^: ?\d/.test(text.slice(match.index + match[0].length))
      ) {
        return undefined;
      }
      const behind = text[match.index + match[0].length + 1] ?? '';
      // An ellipsis of stops with spaces between: "me . . . for".
      if (
        next === '.' &&
        (text[match.index - 1] === '.' ||
          /^ +\./.test(text.slice(match.index + match[0].length + 1, match.index + match[0].length + 4)))
      )
        return undefined;
      // A tag or a smiley: ":goat:", ":-)".
      if (next === ':' && /[\p{L})(/-]/u.test(behind)) return undefined;
      if (next === ';' && /[)(]/.test(behind)) return undefined;
      // It closes nothing: a row of brackets at the right of lines, the label of an item.
      const opening = text.slice(Math.max(0, match.index - FARTHEST_OPENING), match.index);
      if (next === ')' && !opening.includes('(')) return undefined;
      // A quotation opened by two commas.
      if (next === ',' && /^,\p{L}/u.test(text.slice(match.index + match[0].length + 1))) return undefined;
      // A picture in Markdown, an operator.
      if (next === '!' && /[[=]/.test(behind)) return undefined;
      return french && ';:!?»'.includes(next) ? undefined : '';
    });
    const opening = replaceMatches(text, AFTER_OPENING, () => '');
    return [...closing, ...opening]
      .sort((a, b) => a.from - b.from)
      .filter((edit, at, all) => at === 0 || edit.from >= all[at - 1]!.to);
  },
} as const satisfies InlinePass;
