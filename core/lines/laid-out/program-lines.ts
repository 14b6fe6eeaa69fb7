import { Sign } from '../../text/signs.ts';
import { measureLine } from '../line-features.ts';
import { LineKind } from '../line-kind.ts';
import type { LineTable } from '../line-table.ts';
import { beginsCode, isBesideCode, isNoCode, isSurelyCode, opensOf } from './code-grammar.ts';

/*
 * Programs that begin at the margin, as they stand between paragraphs: runs of lines most of which nothing but a program has. Lines
 * that are set in below such ones are what they hold.
 */

const FEWEST = 2;

/** Lines that may be a program: [from, to). */
interface Run {
  readonly from: number;
  readonly to: number;
  /** How many lines are surely of a program. */
  readonly sure: number;
  /** Lines within what one of these opens. */
  readonly held: number;
  /** Lines that say nothing of a program. */
  readonly others: number;
}

/** Sets the kind of the lines of programs that begin at the margin. Linear. */
export function findPrograms(source: string, table: LineTable, written: string): void {
  for (const { from, to } of programs(table, readRuns(source, table))) {
    for (let line = firstOf(source, table, from); line < to; line++) {
      if (table.from[line] === table.to[line]) continue;
      // What would be empty markup elsewhere.
      if (table.kind[line] === LineKind.blank) measureLine(source, table, line, written);
      table.kind[line] = LineKind.code;
    }
  }
}

/** The first line of a program with what names what it uses, blank lines above it. */
function firstOf(source: string, table: LineTable, from: number): number {
  let first = from;
  for (let line = from - 1; line >= 0; line--) {
    if (isEmpty(table, line)) continue;
    if (table.kind[line] !== LineKind.prose || !beginsCode(textOf(source, table, line))) break;
    first = line;
  }
  return first;
}

function readRuns(source: string, table: LineTable): Run[] {
  const runs: Run[] = [];
  for (let line = 0; line < table.index.count; line++) {
    if (!isSure(source, table, line)) continue;
    const floor = runs.at(-1)?.to ?? 0;
    let first = line;
    while (first > floor && mayBeOf(source, table, first - 1)) first--;
    const run = readRun(source, table, first);
    runs.push(run);
    line = run.to - 1;
  }
  return runs;
}

/** The runs that are programs: by themselves, or with those that nothing but blank lines part from them. */
function programs(table: LineTable, runs: readonly Run[]): Run[] {
  const found: Run[] = [];
  for (let first = 0; first < runs.length;) {
    let end = first + 1;
    while (end < runs.length && runs[end]!.others === 0 && isBlank(table, runs[end - 1]!.to, runs[end]!.from)) end++;
    const group = runs.slice(first, end);
    const sure = group.reduce((sum, run) => sum + run.sure, 0);
    const others = group.reduce((sum, run) => sum + run.others, 0);
    const isWhole = group.some((run) => run.held > 0 && run.others === 0);
    if ((sure >= FEWEST || isWhole) && sure >= others) found.push(...group);
    first = end;
  }
  return found;
}

function isBlank({ kind }: LineTable, from: number, to: number): boolean {
  for (let line = from; line < to; line++) if (kind[line] !== LineKind.blank) return false;
  return true;
}

/** What a line is to a program: surely of it, a note or a name beside it, within what it opened, or anything else. */
type Part = 'sure' | 'beside' | 'held' | 'blank' | 'other';

/** The run of lines from `first` on, up to prose, or a blank line at which nothing is open. */
function readRun(source: string, table: LineTable, first: number): Run {
  const { indent, index } = table;
  const parts: Part[] = [];
  let [open, opened] = [0, 0];
  let isHeld = false;
  for (let line = first; line < index.count; line++) {
    const isSetIn = indent[line]! > indent[first]!;
    if (isEmpty(table, line)) {
      if (open === 0 && !(isHeld && indent[line + 1]! > indent[first]!)) break;
      parts.push('blank');
      continue;
    }
    if (!mayBeOf(source, table, line)) break;
    const part = partOf(source, table, line, open > 0 || (isHeld && isSetIn));
    parts.push(part);
    const { brackets, isHead } = part === 'other' ? OPENS_NOTHING : opensOf(textOf(source, table, line));
    isHeld = isHead || (isHeld && isSetIn);
    if (open === 0) opened = parts.length;
    open = Math.max(0, open + brackets);
  }
  // What never closes holds nothing.
  if (open > 0) letGo(parts, opened);
  return runOf(first, parts);
}

const OPENS_NOTHING = { brackets: 0, isHead: false };

function partOf(source: string, table: LineTable, line: number, isHeld: boolean): Part {
  if (isSure(source, table, line)) return 'sure';
  if (isHeld) return 'held';
  return isBesideCode(textOf(source, table, line)) ? 'beside' : 'other';
}

function letGo(parts: Part[], opened: number): void {
  const blank = parts.indexOf('blank', opened);
  if (blank >= 0) parts.length = blank;
  for (let at = opened; at < parts.length; at++) if (parts[at] === 'held') parts[at] = 'other';
}

/** A run without what may be prose as well, and blank lines, at its ends. */
function runOf(first: number, parts: readonly Part[]): Run {
  const isOutside = (part: Part | undefined) => part === 'other' || part === 'blank';
  let [from, to] = [0, parts.length];
  while (from < to && isOutside(parts[from])) from++;
  while (to > from && isOutside(parts[to - 1])) to--;
  const count = (what: Part) => parts.slice(from, to).filter((part) => part === what).length;
  return { from: first + from, to: first + to, sure: count('sure'), held: count('held'), others: count('other') };
}

function isEmpty({ from, to }: LineTable, line: number): boolean {
  return from[line] === to[line];
}

function isSure(source: string, table: LineTable, line: number): boolean {
  if (table.kind[line] === LineKind.code) return true;
  if (!mayBeCode(source, table, line)) return false;
  const text = textOf(source, table, line);
  return isSurelyCode(text) && !isNoCode(text);
}

/** Whether a line may stand among those of a program. */
function mayBeOf(source: string, table: LineTable, line: number): boolean {
  const kind = table.kind[line]!;
  if (kind === LineKind.code) return true;
  if (isEmpty(table, line) || (kind !== LineKind.prose && kind !== LineKind.blank)) return false;
  return !isNoCode(textOf(source, table, line));
}

const textOf = (source: string, { from, to }: LineTable, line: number) => source.slice(from[line], to[line]);

/** Signs that end lines of programs, and few of prose. */
const LAST = ';):([]';

/** Cheap refusal: most lines of prose have none of the signs. */
function mayBeCode(source: string, { kind, signs, to }: LineTable, line: number): boolean {
  if (kind[line] !== LineKind.prose) return false;
  return (signs[line]! & Sign.syntax) !== 0 || LAST.includes(source[to[line]! - 1]!);
}
