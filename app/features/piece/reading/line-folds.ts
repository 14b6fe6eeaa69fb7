import { findPass, shortened, type LineView, type Place } from '../../../../core/index.ts';

/** Lines of a row that follow each other: one that shows, or some that left and are folded to one. */
export interface Fold {
  readonly from: number;
  readonly to: number;
  readonly isFolded: boolean;
}

/** From this share of leaving lines on they are folded, so that they do not tear the clean text apart. */
export const FOLDED_FROM_SHARE = 0.2;
/** So many lines that a person left out are shown as they are. */
const LEFT_OUT_SHOWN = 2;

/**
 * The lines of a row, those that left the text folded where that is wanted: always long runs of what a person left out. What is
 * shown or lit up is not folded.
 */
export function foldLines(
  lines: readonly LineView[],
  folds: boolean,
  isSought: (line: LineView) => boolean,
): readonly Fold[] {
  const found: Fold[] = [];
  for (let from = 0; from < lines.length;) {
    let to = from;
    while (to < lines.length && isAway(lines[to]!)) to++;
    const run = lines.slice(from, to);
    const left = run.filter(({ dropped }) => dropped).length;
    const byHand = run.filter(({ byHand: hand }) => hand === 'left-out').length;
    if (left > 0 && run.length > 1 && (folds || byHand > LEFT_OUT_SHOWN) && !run.some(isSought)) {
      found.push({ from, to, isFolded: true });
      from = to;
    } else {
      const end = Math.max(to, from + 1);
      for (; from < end; from++) found.push({ from, to: from + 1, isFolded: false });
    }
  }
  return found;
}

/** Whether nothing of a line is in the clean text. */
function isAway({ dropped, runs }: LineView): boolean {
  return dropped || runs.every(({ text }) => text.trim() === '');
}

/** Whether a line holds what is shown, or a change of the pass that is lit up. */
export function holds({ runs }: LineView, shown: Place | undefined, lit: string | undefined): boolean {
  return runs.some(
    (run) => (lit !== undefined && run.passes.includes(lit)) || (shown && shown.from < run.to && shown.to > run.from),
  );
}

/** What is under a fold: how many lines, and what took their words out. */
export function foldWords(run: readonly LineView[], isOpen: boolean): string {
  const left = run.filter(({ dropped }) => dropped);
  const count = `${left.length} ${left.length === 1 ? 'line' : 'lines'}`;
  const byHand = left.find((line) => line.byHand === 'left-out');
  if (byHand) return `${isOpen ? 'Fold ' : ''}${count} left out: ${lineWords(byHand)}`;
  const words = left.flatMap(({ runs }) => runs.filter(({ text }) => text.trim() !== ''));
  const passes = [...new Set(words.flatMap((run) => run.passes))];
  const names = passes.map((pass) => findPass(pass)?.title ?? '').filter(Boolean);
  return `${isOpen ? 'Fold ' : ''}${count}${names.length > 0 ? `: ${names.join(', ').toLowerCase()}` : ''}`;
}

const LONGEST = 40;

function lineWords({ runs }: LineView): string {
  return shortened(
    runs
      .map(({ text }) => text)
      .join('')
      .trim(),
    LONGEST,
  );
}
