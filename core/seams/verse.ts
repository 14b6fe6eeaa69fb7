import { LineKind } from '../lines/line-kind.ts';
import { Flag } from '../lines/line-table.ts';
import { gapAt } from './convention.ts';
import type { SeamContext } from './evidence.ts';
import { fillAt } from './measure.ts';
import { Decision } from './seam-table.ts';

const SHORT_LINE = 0.8;
const FEWEST_LINES = 2;

/**
 * Turns paragraphs of one short line each into lines of one block where they are verse or an address: neighbours without a
 * gap between them, all short for the measure, most of them not ending a sentence.
 */
export function keepVerseLines(context: SeamContext, decision: Uint8Array): void {
  const { seams } = context;
  let start = 0;
  while (start < seams.count) {
    if (!mayBeVerse(context, decision, start)) {
      start++;
      continue;
    }
    let end = start;
    let closed = 0;
    while (end < seams.count && mayBeVerse(context, decision, end)) {
      if (context.table.flags[seams.line[end]!]! & Flag.endsStop) closed++;
      end++;
    }
    const lines = end - start;
    if (lines >= FEWEST_LINES && closed / lines < 0.34) decision.fill(Decision.keep, start, end);
    start = end;
  }
}

function mayBeVerse(context: SeamContext, decision: Uint8Array, seam: number): boolean {
  const { table, seams, convention, measure } = context;
  if (decision[seam] !== Decision.break || seams.turn[seam] || measure.at[seam] === 0) return false;
  const gap = gapAt(table, seams, seam);
  const closest = convention.wrapGap < 0 ? 0 : Math.floor(convention.wrapGap / 3);
  if (Math.floor(gap / 3) > closest) return false;
  return isVerseLine(context, seams.line[seam]!) && isVerseLine(context, seams.line[seam + 1]!) && isShort(context, seam);
}

function isVerseLine({ table }: SeamContext, line: number): boolean {
  if (table.kind[line] !== LineKind.prose) return false;
  return (table.flags[line]! & (Flag.startsMarker | Flag.startsSpeaker | Flag.startsQuote)) === 0;
}

function isShort({ table, seams, measure }: SeamContext, seam: number): boolean {
  return fillAt(table, seams, measure, seam) < SHORT_LINE;
}
