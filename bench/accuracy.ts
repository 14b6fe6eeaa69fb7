import { Decision } from '../core/seams/seam-table.ts';
import { DEFAULT_STYLE } from '../core/index.ts';
import { generatedCases, readCases } from './cases.ts';
import { labelSeams } from './label.ts';

/**
 * Prints how well seams are decided on generated cases, or on the cases of a folder: `npm run accuracy [-- --cases DIR]`. Per
 * kind: precision, recall and F1 of breaks; then the reliability curve, and how many mistakes the doubts hold.
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
const bins = Array.from({ length: 10 }, () => ({ seams: 0, right: 0, certainty: 0 }));

for (const labelled of cases) {
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
      bin.seams++;
      bin.certainty += certainty;
      if (isRight) bin.right++;
    }
  }
}

const percent = (part: number, whole: number) => (whole === 0 ? '–' : ((100 * part) / whole).toFixed(1));
const print = (cells: readonly (string | number)[]) =>
  process.stdout.write(
    `${String(cells[0]).padEnd(16)}${cells
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
print(['certainty', 'seams', 'said %', 'right %']);
for (const [at, bin] of bins.entries())
  print([
    `${50 + at * 5}–${55 + at * 5} %`,
    bin.seams,
    percent(bin.certainty, bin.seams),
    percent(bin.right, bin.seams),
  ]);
