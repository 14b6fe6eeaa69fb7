import { expect, test } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { clean } from '../cleaning/clean.ts';
import { Decision } from '../seams/seam-table.ts';
import { DEFAULT_STYLE } from '../style/style.ts';
import { DISTORTERS, type Distorter } from '../testing/distort.ts';
import { parseProse } from '../testing/marked-prose.ts';
import { seededRandom } from '../testing/random.ts';

/*
 * People paste parts of texts. What is sure of the whole is decided in the same way in a part of it, or asked about: a few lines tell
 * less of how a text is set, and never the contrary.
 */

const TEXTS = ['tide-mills', 'keepers-log', 'novella-chapter', 'ferry-festival'].map((id) =>
  parseProse(readFileSync(`samples/prose/${id}.txt`, 'utf8')),
);
const SURE = 0.85;
const BEYOND_DOUBT = 0.97;

/** What is decided at the seams of a text, by where the line after each begins. */
function decisionsOf(source: string): Map<number, { above: number; isJoined: boolean; certainty: number }> {
  const { table, decided } = clean(source, DEFAULT_STYLE);
  const { line, count } = decided.seams;
  return new Map(
    Array.from({ length: count }, (_, seam) => {
      const [above, below] = [table.index.from[line[seam]!]!, table.index.from[line[seam + 1]!]!];
      const isJoined = decided.decision[seam] === Decision.join || decided.decision[seam] === Decision.mend;
      return [below, { above, isJoined, certainty: decided.certainty[seam]! }];
    }),
  );
}

/** Glues a line in five to the one after it, as some extractors do. */
function withGluedLines(source: string): string {
  const random = seededRandom(7);
  return source.replace(/(?<=\S)\n(?=\S)/g, (lineEnd) => (random() < 0.2 ? ' ' : lineEnd));
}

const MESSES: Readonly<Record<string, Distorter>> = {
  ...DISTORTERS,
  gluedLines: (blocks, random) => {
    const { source, truth } = DISTORTERS['wrappedFile']!(blocks, random);
    return { source: withGluedLines(source), truth };
  },
  gluedColumns: (blocks, random) => {
    const { source, truth } = DISTORTERS['pdfColumns']!(blocks, random);
    return { source: withGluedLines(source), truth };
  },
};

/** How many seams of some excerpts are decided otherwise than in the whole text, without a question, of how many. */
function changedInExcerpts(distorter: string, size: number): { changed: string[]; seams: number } {
  const changed: string[] = [];
  let seams = 0;
  for (const [at, text] of TEXTS.entries()) {
    const { source } = MESSES[distorter]!(text, seededRandom(at + 1));
    const whole = decisionsOf(source);
    const lines = source.split('\n');
    for (let first = 0; first + size <= lines.length; first += size) {
      const offset = lines.slice(0, first).join('\n').length + Math.sign(first);
      const excerpt = lines.slice(first, first + size).join('\n');
      for (const [below, { above, isJoined, certainty }] of decisionsOf(excerpt)) {
        const known = whole.get(below + offset);
        if (known?.above !== above + offset || known.certainty < BEYOND_DOUBT) continue;
        seams++;
        if (known.isJoined !== isJoined && certainty >= SURE) changed.push(excerpt.slice(above, below + 40));
      }
    }
  }
  return { changed, seams };
}

test.each(Object.keys(MESSES).flatMap((distorter) => [14, 30].map((size) => [distorter, size] as const)))(
  'excerpts of %s, %i lines each, are decided like the whole',
  (distorter, size) => {
    const { changed, seams } = changedInExcerpts(distorter, size);
    expect(changed.slice(Math.floor(seams / 100))).toEqual([]);
  },
);
