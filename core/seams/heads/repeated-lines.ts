import { isLaidOut } from '../../lines/line-kind.ts';
import type { LineTable } from '../../lines/line-table.ts';
import { Decision, type SeamTable } from '../seam-table.ts';
import { settle, type Verdicts } from '../verdicts.ts';

/** Longer texts tell headings by more. */
const MOST_SEAMS = 400;
/** In characters: shorter lines come twice by chance. */
const SHORTEST = 12;
const LONGEST = 80;
const CERTAINTY = 0.88;

/**
 * A line that stands twice in a short text, in the contents or a summary and above its section, ends in both places, if it is seen
 * to end in one of them.
 */
export function breakAfterRepeatedLines(source: string, table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  const { line, count } = seams;
  if (count > MOST_SEAMS || table.captions.found) return;
  const ending = new Set<string>();
  const joined: { readonly seam: number; readonly text: string }[] = [];
  for (let seam = 0; seam < count; seam++) {
    const one = line[seam]!;
    const isWhole = seam === 0 || verdicts.decision[seam - 1]! >= Decision.break;
    if (!isWhole || isLaidOut(table.kind[one]!)) continue;
    if (table.chars[one]! < SHORTEST || table.chars[one]! > LONGEST) continue;
    const text = source.slice(table.from[one], table.to[one]);
    if (verdicts.decision[seam] === Decision.join) joined.push({ seam, text });
    else ending.add(text);
  }
  for (const { seam, text } of joined)
    if (ending.has(text)) settle(verdicts, seam, Decision.break, 'repeated', CERTAINTY);
}
