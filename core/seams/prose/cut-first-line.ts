import { LineKind } from '../../lines/line-kind.ts';
import { Flag, type LineTable } from '../../lines/line-table.ts';
import { Decision, type SeamTable } from '../seam-table.ts';
import { isApart, settle, type Verdicts } from '../verdicts.ts';

/** A list may begin with a small letter, too: it is asked. */
const CERTAINTY = 0.8;
const SURE = 0.85;
const ENDS = Flag.endsStop | Flag.endsColon | Flag.endsQuote;

/**
 * What somebody selected may begin within a line: then its length tells nothing. The sentence goes on where it begins with a small
 * letter, as the line below does, which runs on itself.
 */
export function joinCutFirstLine({ kind, flags, captions }: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  const { line, count } = seams;
  if (captions.found || count < 2 || !isApart(verdicts, 0)) return;
  const [first, second] = [line[0]!, line[1]!];
  if (kind[first] !== LineKind.prose || kind[second] !== LineKind.prose || flags[first]! & ENDS) return;
  if (!(flags[first]! & flags[second]! & Flag.startsLower)) return;
  if (verdicts.decision[1] === Decision.join && verdicts.certainty[1]! >= SURE)
    settle(verdicts, 0, Decision.join, 'cutFirst', CERTAINTY);
}
