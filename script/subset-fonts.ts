import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import subset from 'subset-font';
import { isNewer } from './newer.ts';

/**
 * Cuts faces of which we show a part down to it, into public/fonts; app/ui/faces.css declares them with the same ranges. A file
 * that is newer than what it is made of stays as it is.
 */
const TARGET = 'public/fonts';

interface Cut {
  readonly from: string;
  readonly to: string;
  /** First and last code point of each range. */
  readonly ranges: readonly (readonly [first: number, last: number])[];
}

const CUTS: readonly Cut[] = [
  {
    from: 'commit-mono/files/commit-mono-latin-400-normal.woff2',
    to: 'source.woff2',
    // Latin, punctuation, currency, arrows, mathematical operators, box drawing, geometric shapes.
    ranges: [
      [0x20, 0x7e],
      [0xa0, 0x17f],
      [0x2010, 0x205e],
      [0x20a0, 0x20bf],
      [0x2190, 0x21ff],
      [0x2200, 0x22ff],
      [0x2500, 0x25ff],
      [0xfb01, 0xfb02],
    ],
  },
  {
    from: 'noto-sans-symbols-2/files/noto-sans-symbols-2-symbols-400-normal.woff2',
    to: 'signs.woff2',
    ranges: [
      [0x237d, 0x237d],
      [0x2400, 0x2426],
    ],
  },
  {
    from: 'noto-sans-symbols-2/files/noto-sans-symbols-2-math-400-normal.woff2',
    to: 'tab-sign.woff2',
    ranges: [[0x21e5, 0x21e5]],
  },
];

mkdirSync(TARGET, { recursive: true });
for (const { from, to, ranges } of CUTS) {
  const face = `node_modules/@fontsource/${from}`;
  const made = `${TARGET}/${to}`;
  if (isNewer(made, [face, 'script/subset-fonts.ts'])) continue;
  const characters = ranges.flatMap(([first, last]) =>
    Array.from({ length: last - first + 1 }, (_, at) => String.fromCodePoint(first + at)),
  );
  writeFileSync(made, await subset(readFileSync(face), characters.join(''), { targetFormat: 'woff2' }));
}
