import type { LineTable } from '../lines/line-table.ts';
import type { SeamTable } from './seam-table.ts';

/**
 * What a person says marks the paragraphs of a text. A gap is told by its blank lines (0 to 3, or more of them), by how the next
 * line stands to the one before, and by whether its blank lines hold no-break spaces.
 */
export type ParagraphMark = GapMark | { readonly by: 'nothing' };

export interface GapMark {
  readonly by: 'gap';
  readonly blanks: number;
  readonly step: Step;
  readonly odd: boolean;
}

export type Step = 'level' | 'in' | 'out';

export const STEP_COLUMNS = 2;
export const MOST_BLANKS = 3;

/** How a line stands to the one before it. */
export function stepAt(table: LineTable, seams: SeamTable, seam: number): Step {
  const step = table.indent[seams.line[seam + 1]!]! - table.indent[seams.line[seam]!]!;
  if (step >= STEP_COLUMNS) return 'in';
  return step <= -STEP_COLUMNS ? 'out' : 'level';
}

/** The mark that the gap at a seam is an example of. Where it has blank lines they are the mark, else the step is. */
export function markAt(table: LineTable, seams: SeamTable, seam: number): GapMark {
  const blanks = Math.min(seams.blanks[seam]!, MOST_BLANKS);
  const odd = seams.odd[seam] === 1;
  return { by: 'gap', blanks, step: blanks > 0 ? 'level' : stepAt(table, seams, seam), odd };
}

/** Whether the gap at a seam is of the marked kind, or wider. */
export function matchesMark(mark: ParagraphMark, table: LineTable, seams: SeamTable, seam: number): boolean {
  if (mark.by === 'nothing') return false;
  const blanks = Math.min(seams.blanks[seam]!, MOST_BLANKS);
  if (blanks > mark.blanks) return true;
  if (blanks < mark.blanks || (mark.odd && seams.odd[seam] !== 1)) return false;
  return mark.step === 'level' || stepAt(table, seams, seam) === mark.step;
}
