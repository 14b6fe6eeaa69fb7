import { Decision } from '../core/seams/seam-table.ts';
import { SETTLERS, settlerOf } from '../core/seams/verdicts.ts';
import { DEFAULT_STYLE } from '../core/index.ts';
import { generatedCases, readCases } from './cases.ts';
import { labelRemovals } from './label-removals.ts';
import { labelSeams } from './label.ts';

/**
 * Prints how well seams are decided on generated cases, or on the cases of a folder: `npm run accuracy [-- --cases DIR]`. Per
 * kind: precision, recall and F1 of breaks, and how many mistakes the doubts hold; then, for each kind of decision, how certain
 * it said that it was and how often it was right; likewise for the words that passes took out, those in doubt (◇) apart.
 */
interface Count {
  right: number;
  extra: number;
  lost: number;
  seams: number;
  mistakes: number;
  doubts: number;
  doubtedMistakes: number;
}

const folder = process.argv[process.argv.indexOf('--cases') + 1];
const cases = process.argv.includes('--cases') && folder ? readCases(folder) : generatedCases();
const kinds = new Map<string, Count>();
interface Said {
  decisions: number;
  right: number;
  certainty: number;
}
const nothingSaid = (): Said => ({ decisions: 0, right: 0, certainty: 0 });
const bins = Array.from({ length: 10 }, nothingSaid);
const settlers = new Map<string, Said>(SETTLERS.map((settler) => [settler, nothingSaid()]));

const removals = new Map<string, Said>();

for (const labelled of cases) {
  for (const { pass, certainty, isRight } of labelRemovals(labelled)) {
    const name = certainty < DEFAULT_STYLE.certaintyLimit ? `${pass} ◇` : pass;
    const said = removals.get(name) ?? nothingSaid();
    removals.set(name, said);
    said.decisions++;
    said.certainty += certainty;
    if (isRight) said.right++;
  }
  const { decided, label } = labelSeams(labelled);
  for (const name of [labelled.kind, 'ALL']) {
    const count = kinds.get(name) ?? {
      right: 0,
      extra: 0,
      lost: 0,
      seams: 0,
      mistakes: 0,
      doubts: 0,
      doubtedMistakes: 0,
    };
    kinds.set(name, count);
    for (let seam = 0; seam < label.length; seam++) {
      if (label[seam]! < 0) continue;
      const breaks = decided.decision[seam] === Decision.break || decided.decision[seam] === Decision.keep;
      const isRight = breaks === (label[seam] === 1);
      const certainty = decided.certainty[seam]!;
      count.seams++;
      if (breaks && isRight) count.right++;
      if (breaks && !isRight) count.extra++;
      if (!breaks && !isRight) count.lost++;
      if (!isRight) count.mistakes++;
      if (certainty < DEFAULT_STYLE.certaintyLimit) {
        count.doubts++;
        if (!isRight) count.doubtedMistakes++;
      }
      if (name !== 'ALL') continue;
      const bin = bins[Math.min(9, Math.floor((certainty - 0.5) * 20))]!;
      for (const said of [bin, settlers.get(settlerOf(decided, seam))!]) {
        said.decisions++;
        said.certainty += certainty;
        if (isRight) said.right++;
      }
    }
  }
}

const percent = (part: number, whole: number) => (whole === 0 ? '–' : ((100 * part) / whole).toFixed(1));
const print = (cells: readonly (string | number)[]) =>
  process.stdout.write(
    `${String(cells[0]).padEnd(24)}${cells
      .slice(1)
      .map((cell) => String(cell).padStart(11))
      .join('')}\n`,
  );

print(['kind', 'seams', 'P', 'R', 'F1', 'mistakes', 'doubts %', 'held %']);
for (const [kind, c] of [...kinds].sort(([a], [b]) => Number(a === 'ALL') - Number(b === 'ALL'))) {
  const precision = c.right / (c.right + c.extra);
  const recall = c.right / (c.right + c.lost);
  print([
    kind,
    c.seams,
    percent(precision, 1),
    percent(recall, 1),
    percent(2 * precision * recall, precision + recall),
    c.mistakes,
    percent(c.doubts, c.seams),
    percent(c.doubtedMistakes, c.mistakes),
  ]);
}
const all = kinds.get('ALL')!;
process.stdout.write(
  `\nUndoubted decisions right: ${percent(all.seams - all.doubts - (all.mistakes - all.doubtedMistakes), all.seams - all.doubts)} %\n\n`,
);
const printSaid = (name: string, { decisions, certainty, right }: Said) =>
  print([name, decisions, percent(certainty, decisions), percent(right, decisions)]);

print(['decided by', 'seams', 'said %', 'right %']);
for (const [settler, said] of settlers) if (said.decisions > 0) printSaid(settler, said);
print(['\ntaken out by', 'places', 'said %', 'right %']);
for (const [pass, said] of [...removals].sort(([a], [b]) => a.localeCompare(b))) printSaid(pass, said);
process.stdout.write('\n');
print(['certainty', 'seams', 'said %', 'right %']);
for (const [at, bin] of bins.entries()) printSaid(`${50 + at * 5}–${55 + at * 5} %`, bin);
