import { existsSync, readdirSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { readEverydayTexts } from '../core/testing/everyday-texts.ts';
import { DISTORTERS } from '../core/testing/distort.ts';
import { parseProse } from '../core/testing/marked-prose.ts';
import { seededRandom } from '../core/testing/random.ts';

/** A dirty text with its clean truth. */
export interface LabelledCase {
  readonly name: string;
  readonly kind: string;
  readonly source: string;
  /** A paragraph, heading, list item or kept line each. */
  readonly truth: readonly string[];
  /** Boundaries that may be a break or not: a truth line and a number of words into it. */
  readonly free: readonly (readonly [number, number])[];
}

const PROSE = ['tide-mills', 'keepers-log', 'novella-chapter', 'letter', 'ferry-festival'];
const SEEDS = 4;

/** Cases made from the demo prose: every distorter over every text, with several seeds. */
export function generatedCases(): LabelledCase[] {
  return PROSE.flatMap((id, at) => {
    const blocks = parseProse(readFileSync(`samples/prose/${id}.txt`, 'utf8'));
    return Object.entries(DISTORTERS).flatMap(([kind, distort]) =>
      Array.from({ length: SEEDS }, (_, seed) => ({
        name: `${kind}/${id}/${seed}`,
        kind,
        ...distort(blocks, seededRandom(100 * at + seed)),
        free: [],
      })),
    );
  });
}

/** The everyday texts of the tests as cases. */
export function everydayCases(): LabelledCase[] {
  return readEverydayTexts().map(({ name, source, wanted }) => ({
    name,
    kind: 'everyday',
    source,
    truth: wanted.split(/\n+/),
    free: [],
  }));
}

/** Reads a folder of cases, KIND/ID/ with input.txt, truth.txt and meta.json in each. */
export function readCases(folder: string): LabelledCase[] {
  return subfolders(folder).flatMap((kind) =>
    subfolders(join(folder, kind)).flatMap((id) => {
      const file = (name: string) => join(folder, kind, id, name);
      if (!existsSync(file('input.txt')) || !existsSync(file('truth.txt'))) return [];
      const meta = existsSync(file('meta.json'))
        ? (JSON.parse(readFileSync(file('meta.json'), 'utf8')) as { free?: [number, number][] })
        : {};
      const truth = readFileSync(file('truth.txt'), 'utf8')
        .split('\n')
        .filter((line) => line.trim() !== '');
      return [
        { name: `${kind}/${id}`, kind, source: readFileSync(file('input.txt'), 'utf8'), truth, free: meta.free ?? [] },
      ];
    }),
  );
}

function subfolders(folder: string): string[] {
  return readdirSync(folder)
    .filter((name) => statSync(join(folder, name)).isDirectory())
    .sort();
}
