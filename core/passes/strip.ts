import { replaceMatches, type Pass } from './pass.ts';

/** Passes for people who count words: each leaves less than prose, so all are off until they are asked for. */
const strip = (id: string, title: string, summary: string, expression: RegExp, after: string, by = ''): Pass => ({
  id,
  title,
  summary,
  group: 'words',
  onByDefault: false,
  examples: [{ before: 'In 1871, nine mills stood: “Low Café.”', after }],
  // What is left of the ends of a block must not begin or end with a space.
  find: (text) =>
    replaceMatches(text, expression, ({ 0: match, index }) =>
      index === 0 || index + match.length === text.length ? '' : by,
    ),
});

export const asciiOnly = strip(
  'ascii-only',
  'ASCII only',
  'Takes out every character that ASCII does not have.',
  /[^\u0000-\u007f]+/g, // eslint-disable-line no-control-regex
  'In 1871, nine mills stood: Low Caf.',
);

export const lettersOnly = strip(
  'letters-only',
  'Letters only',
  'Takes out everything but letters and spaces.',
  /[^\p{L}\p{M}\s’']+|(?<!\p{L})[’']+|[’']+(?!\p{L})/gu,
  'In nine mills stood Low Café',
);

export const figuresOnly = strip(
  'figures-only',
  'Figures only',
  'Takes out everything but figures and the spaces between them.',
  /[^\p{N}\n]+/gu,
  '1871',
  ' ',
);

export const noFigures = strip(
  'no-figures',
  'No figures',
  'Takes out all figures.',
  /\p{N}+/gu,
  'In, nine mills stood: “Low Café.”',
);

export const noPunctuation = strip(
  'no-punctuation',
  'No punctuation',
  'Takes out all punctuation.',
  /\p{P}+/gu,
  'In 1871 nine mills stood Low Café',
);

export const noStops = strip(
  'no-stops',
  'No full stops',
  'Takes out all full stops.',
  /\./g,
  'In 1871, nine mills stood: “Low Café”',
);
