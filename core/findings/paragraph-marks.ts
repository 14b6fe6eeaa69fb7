import type { Cleaning } from '../cleaning/cleaning.ts';
import { markAt, type GapMark } from '../seams/paragraph-mark.ts';
import { runsOn } from '../seams/runs-on.ts';
import { Decision } from '../seams/seam-table.ts';
import { addPlace, type Place } from '../edits/place.ts';

/** One kind of gap between lines, and how far it marks paragraphs. */
export interface MarkFinding {
  readonly mark: GapMark;
  /** Line ends that have such a gap; those over which the words surely run on; those that were made paragraph ends. */
  readonly count: number;
  readonly runningOn: number;
  readonly breaks: number;
  readonly places: readonly Place[];
}

/** The kinds of gap in a text, those that part paragraphs most often first. A page turn is no gap. */
export function weighMarks({ table, decided, decision }: Cleaning): MarkFinding[] {
  const { seams } = decided;
  const found = new Map<string, { mark: GapMark; count: number; runningOn: number; breaks: number; places: Place[] }>();
  for (let seam = 0; seam < seams.count; seam++) {
    if (seams.turn[seam]) continue;
    const mark = markAt(table, seams, seam);
    const key = `${mark.blanks} ${mark.step} ${mark.odd}`;
    let finding = found.get(key);
    if (!finding) found.set(key, (finding = { mark, count: 0, runningOn: 0, breaks: 0, places: [] }));
    finding.count++;
    if (runsOn(table, seams, seam)) finding.runningOn++;
    if (decision[seam] === Decision.break) finding.breaks++;
    addPlace(finding.places, table.from[seams.line[seam]!]!, table.to[seams.line[seam + 1]!]!);
  }
  return [...found.values()].sort((a, b) => b.breaks / b.count - a.breaks / a.count || b.count - a.count);
}
