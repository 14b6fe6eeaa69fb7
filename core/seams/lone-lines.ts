import { Flag, type LineTable } from '../lines/line-table.ts';
import { isDigit, isUpper } from '../text/characters.ts';
import { Decision, type SeamTable } from './seam-table.ts';
import { settle, type Verdicts } from './verdicts.ts';

const CERTAINTY = 0.86;
/** In units; nothing longer is looked at. */
const LONGEST = 80;
const RIGHTS = /^(?:©|\([cC]\) ?(?:\d{4}|\p{Lu})|Copyright (?:©|\([cC]\)|\d{4}))/u;
/** What is heard, or done. */
const HEARD = /^\[\p{L}[\p{L} ,’'-]{2,40}\]$/u;
const ADDRESS = /^(?:[\w.+-]+@[\w-]+(?:\.[\w-]+)+|(?:https?:\/\/|www\.)\S+[\w/])$/;
/** After these the words run on, whatever comes next. */
const LEANS = Flag.endsFunctionWord | Flag.endsComma | Flag.endsColon | Flag.endsHyphen | Flag.endsInAddress;

/**
 * Lines that stand by themselves under others: whose the rights are, what is heard, in brackets, and an address of mail or the web
 * with nothing beside it, below a name or a number, as in a signature.
 */
export function breakBeforeLoneLines(source: string, table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  for (let seam = 0; seam < seams.count; seam++) {
    if (verdicts.decision[seam] !== Decision.join) continue;
    const [before, after] = [seams.line[seam]!, seams.line[seam + 1]!];
    const [from, to] = [table.from[after]!, table.to[after]!];
    if (to - from > LONGEST || !mayStandAlone(source, from, to) || table.flags[before]! & LEANS) continue;
    const text = source.slice(from, to);
    if (
      RIGHTS.test(text) ||
      HEARD.test(text) ||
      (ADDRESS.test(text) && endsInName(source, table.from[before]!, table.to[before]!))
    )
      settle(verdicts, seam, Decision.break, 'shape', CERTAINTY);
  }
}

/** Refuses nearly all lines of prose: an address has no space in it. */
function mayStandAlone(source: string, from: number, to: number): boolean {
  if ('©(C['.includes(source[from]!)) return true;
  const space = source.indexOf(' ', from);
  return space < 0 || space >= to;
}

/** The last word begins with a capital or is a number. */
function endsInName(source: string, from: number, to: number): boolean {
  const start = Math.max(from, source.lastIndexOf(' ', to - 1) + 1);
  return isUpper(source[start]!) || isDigit(source.charCodeAt(start));
}
