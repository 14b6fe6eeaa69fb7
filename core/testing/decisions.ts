import { readLines } from '../lines/read-lines.ts';
import { ALL_LINE_OPTIONS } from '../lines/line-kind.ts';
import { decideSeams } from '../seams/decide.ts';
import { Decision } from '../seams/seam-table.ts';
import { indexWords } from '../text/word-index.ts';

const SIGNS = { [Decision.join]: '_', [Decision.mend]: '~', [Decision.break]: '/', [Decision.keep]: '|' } as const;

/** What is decided at each line end of a text: "_" joined, "~" mended, "/" a new paragraph, "|" kept as a line end. */
export function decisionsOf(source: string): string {
  const { decision } = decideSeams(source, readLines(source, ALL_LINE_OPTIONS), indexWords(source));
  return Array.from(decision, (one) => SIGNS[one as keyof typeof SIGNS]).join('');
}
