import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import subset from 'subset-font';
import { isNewer } from './newer.ts';

/**
 * Cuts faces down to what we show of them, into public/fonts: some characters, and of a variable face the weights that we use.
 * app/ui/faces.css declares them with the same ranges. A file that is newer than what it is made of stays as it is.
 */
const TARGET = 'public/fonts';

/** First and last code point. */
type Range = readonly [first: number, last: number];

interface Cut {
  readonly from: string;
  readonly to: string;
  readonly ranges: readonly Range[];
}

/** What a Latin file of the variable faces holds. */
const LATIN: readonly Range[] = [
  [0x20, 0x7e],
  [0xa0, 0xff],
  [0x131, 0x131],
  [0x152, 0x153],
  [0x2bb, 0x2bc],
  [0x2c6, 0x2c6],
  [0x2da, 0x2da],
  [0x2dc, 0x2dc],
  [0x304, 0x304],
  [0x308, 0x308],
  [0x329, 0x329],
  [0x2000, 0x206f],
  [0x20ac, 0x20ac],
  [0x2122, 0x2122],
  [0x2191, 0x2191],
  [0x2193, 0x2193],
  [0x2212, 0x2212],
  [0x2215, 0x2215],
];

const VARIABLE = '@fontsource-variable';
const SYMBOLS = '@fontsource/noto-sans-symbols-2/files/noto-sans-symbols-2';

const CUTS: readonly Cut[] = [
  { from: `${VARIABLE}/literata/files/literata-latin-wght-normal.woff2`, to: 'reading.woff2', ranges: LATIN },
  { from: `${VARIABLE}/literata/files/literata-latin-wght-italic.woff2`, to: 'reading-italic.woff2', ranges: LATIN },
  {
    from: `${VARIABLE}/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-wght-normal.woff2`,
    to: 'interface.woff2',
    ranges: LATIN,
  },
  {
    from: '@fontsource/commit-mono/files/commit-mono-latin-400-normal.woff2',
    to: 'source.woff2',
    // Latin 1, punctuation, ligatures.
    ranges: [
      [0x20, 0x7e],
      [0xa0, 0xff],
      [0x2010, 0x205e],
      [0xfb01, 0xfb02],
    ],
  },
  {
    from: '@fontsource/commit-mono/files/commit-mono-latin-400-normal.woff2',
    to: 'source-more.woff2',
    // More Latin, currency, arrows, mathematical operators, box drawing, geometric shapes.
    ranges: [
      [0x100, 0x17f],
      [0x20a0, 0x20bf],
      [0x2190, 0x21ff],
      [0x2200, 0x22ff],
      [0x2500, 0x25ff],
    ],
  },
  {
    from: `${SYMBOLS}-symbols-400-normal.woff2`,
    to: 'signs.woff2',
    ranges: [
      [0x237d, 0x237d],
      [0x2400, 0x2426],
    ],
  },
  { from: `${SYMBOLS}-math-400-normal.woff2`, to: 'tab-sign.woff2', ranges: [[0x21e5, 0x21e5]] },
];

/** The lightest and the heaviest that the screens set words in. */
const WEIGHTS = { min: 400, max: 700, default: 400 };

mkdirSync(TARGET, { recursive: true });
for (const { from, to, ranges } of CUTS) {
  const face = `node_modules/${from}`;
  const made = `${TARGET}/${to}`;
  if (isNewer(made, [face, 'script/subset-fonts.ts'])) continue;
  const characters = ranges.flatMap(([first, last]) =>
    Array.from({ length: last - first + 1 }, (_, at) => String.fromCodePoint(first + at)),
  );
  const variationAxes: Record<string, typeof WEIGHTS> = from.startsWith(VARIABLE) ? { wght: WEIGHTS } : {};
  writeFileSync(made, await subset(readFileSync(face), characters.join(''), { targetFormat: 'woff2', variationAxes }));
}
