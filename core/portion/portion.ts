import type { Choice } from '../choices/choice.ts';
import { oneStep, type Step } from '../history/history.ts';
import type { Cleaning } from '../cleaning/cleaning.ts';
import { BY_HAND } from '../edits/piece.ts';
import { firstWhere } from '../text/first-where.ts';
import { lineAt } from '../text/line-index.ts';
import { isKept } from '../lines/line-kind.ts';
import { partOf, type PartKind } from '../lines/part.ts';
import { Decision } from '../seams/seam-table.ts';
import { choicesIn, piecesIn, trimmed, type Portion } from './in-portion.ts';
import { leaveOut, leavesOut } from './leave-out.ts';
import { wholeWords } from './whole-words.ts';

/** What can be done with a portion. */
export interface PortionView extends Portion {
  /** The first and the last line, from 1. */
  readonly lines: readonly [number, number];
  /** The passes that changed something in it, and how much. */
  readonly passes: readonly { readonly pass: string; readonly edits: number }[];
  readonly isHeld: boolean;
  /** Words of it were left out by hand. */
  readonly isLeftOut: boolean;
  /** What a person said that its lines are: all of them, or none. */
  readonly part: PartKind | undefined;
}

export type PortionAction =
  | { readonly kind: 'hold' | 'release' | 'only' | 'leave-out' | 'take-back' }
  /** The pass lets all of the portion stand. */
  | { readonly kind: 'stet'; readonly pass: string }
  /** Its lines are of this kind; without one the evidence tells again. */
  | { readonly kind: 'part'; readonly as: PartKind | undefined };

/** What is known of a portion; undefined where there is nothing but white space in it. */
export function viewPortion(cleaning: Cleaning, portion: Portion): PortionView | undefined {
  const { from, to } = trimmed(cleaning.source, portion);
  if (from >= to) return undefined;
  const { index } = cleaning.table;
  const counts = new Map<string, number>();
  for (const { passes, text } of piecesIn(cleaning, from, to)) {
    if (text === undefined) continue;
    for (const pass of passes) if (pass !== BY_HAND) counts.set(pass, (counts.get(pass) ?? 0) + 1);
  }
  return {
    from,
    to,
    lines: [lineAt(index, from) + 1, lineAt(index, to - 1) + 1],
    passes: [...counts].map(([pass, edits]) => ({ pass, edits })),
    isHeld: choicesIn(cleaning, ['hold'], { from, to }).length > 0,
    isLeftOut: choicesIn(cleaning, ['drop', 'rewrite'], { from, to }).some(leavesOut),
    part: partOfLines(cleaning, lineAt(index, from), lineAt(index, to - 1)),
  };
}

/** The step that does something with a portion; undefined where there is nothing to do. */
export function stepForPortion(cleaning: Cleaning, portion: Portion, action: PortionAction): Step | undefined {
  const bare = trimmed(cleaning.source, portion);
  if (bare.from >= bare.to) return undefined;
  const range = wholeWords(cleaning, bare);
  switch (action.kind) {
    case 'hold':
      return choose({ kind: 'hold', ...heldRange(cleaning, range) });
    case 'release':
      return withdraw(choicesIn(cleaning, ['hold'], range));
    case 'only':
      return choose({ kind: 'limit', ...wholeLines(cleaning, range) });
    case 'leave-out':
      return leaveOut(cleaning, range);
    case 'take-back':
      return withdraw(choicesIn(cleaning, ['drop', 'rewrite'], range).filter(leavesOut));
    case 'stet':
      return choose({ kind: 'stet', ...range, pass: action.pass });
    case 'part':
      return sayPart(cleaning, range, action.as);
  }
}

/** What a person said of all lines first..last that have words; undefined where they said it of some of them only. */
function partOfLines({ table }: Cleaning, first: number, last: number): PartKind | undefined {
  let said: PartKind | undefined;
  for (let line = first; line <= last; line++) {
    if (!isKept(table.kind[line]!)) continue;
    const part = partOf(table, line);
    if (part === undefined || (said !== undefined && part !== said)) return undefined;
    said = part;
  }
  return said;
}

/** The step that says what the lines of a portion are: what was said of lines within it before is taken back. */
function sayPart(cleaning: Cleaning, range: Portion, as: PartKind | undefined): Step | undefined {
  const { from, to } = linesOf(cleaning, range);
  const before = choicesIn(cleaning, ['part'], { from, to });
  const gone = as === undefined ? before : before.filter((choice) => choice.from >= from && choice.to <= to);
  const steps: Step[] = gone.map((choice) => ({ kind: 'withdraw', choice }));
  if (as !== undefined) steps.push({ kind: 'choose', choice: { kind: 'part', from, to, as } });
  return oneStep(steps);
}

/** All lines that a source range touches. */
function linesOf({ table }: Cleaning, { from, to }: Portion): Portion {
  const { index } = table;
  return { from: index.from[lineAt(index, from)]!, to: index.to[lineAt(index, Math.max(from, to - 1))]! };
}

function choose(choice: Choice): Step {
  return { kind: 'choose', choice };
}

function withdraw(choices: readonly Choice[]): Step | undefined {
  return oneStep(choices.map((choice) => ({ kind: 'withdraw', choice })));
}

/** With the indent and the spaces of lines that are marked whole. */
function wholeLines({ table }: Cleaning, { from, to }: Portion): Portion {
  const first = lineAt(table.index, from);
  const last = lineAt(table.index, to - 1);
  return {
    from: from <= table.from[first]! ? table.index.from[first]! : from,
    to: to >= table.to[last]! ? table.index.to[last]! : to,
  };
}

/** Lines that are held whole are not run on into their neighbours: the line ends beside them are held as well. */
function heldRange(cleaning: Cleaning, portion: Portion): Portion {
  const { table, decided, decision } = cleaning;
  const whole = wholeLines(cleaning, portion);
  const first = lineAt(table.index, portion.from);
  const last = lineAt(table.index, portion.to - 1);
  if (first === last) return portion;
  let { from, to } = whole;
  const { line } = decided.seams;
  const isJoined = (seam: number) => decision[seam] === Decision.join || decision[seam] === Decision.mend;
  const kept = firstWhere(line.length, (at) => line[at]! >= first);
  if (kept > 0 && from === table.index.from[line[kept]!] && isJoined(kept - 1)) from = table.to[line[kept - 1]!]!;
  const after = firstWhere(line.length, (at) => line[at]! > last);
  if (after > 0 && after < line.length && to === table.index.to[line[after - 1]!] && isJoined(after - 1))
    to = table.from[line[after]!]!;
  return { from, to };
}
