import type { Block } from '../cleaning/block.ts';
import type { Cleaning } from '../cleaning/cleaning.ts';
import { pieceLists } from '../cleaning/output.ts';
import { visibleSeams } from '../decided/visible-seam.ts';
import type { Piece } from '../edits/piece.ts';
import { PASSES } from '../passes/index.ts';
import type { Style } from '../style/style.ts';
import { findDoubtedLines, type DoubtedLines } from './doubted-lines.ts';
import { statsOf } from './piece-stats.ts';

/** What is counted of a cleaning, once for all who show it: the summary on the screen, the report, the rows, the questions. */
export interface Digest {
  /** How many edits each pass made, by pass id or id of an own rule; every pass of the list is there. */
  readonly counts: Readonly<Record<string, number>>;
  /** The seams whose decision is below the certainty limit and that no person has settled, in order. */
  readonly seams: readonly number[];
  /** The edits of passes that are in doubt, in source order. */
  readonly edits: readonly Piece[];
  /** Lines that may be none of the text. */
  readonly lines: readonly DoubtedLines[];
}

/** A cleaning with its digest. */
export interface Digested {
  readonly cleaning: Cleaning;
  readonly digest: Digest;
}

/** A cleaning with its digest; `before` is that of the cleaning that was revised. */
export function digested(cleaning: Cleaning, before?: Digested): Digested {
  return { cleaning, digest: digestOf(cleaning, before) };
}

/**
 * The digest of a cleaning. Where the cleaning tells what changed among the blocks of the one before, only those are looked at.
 * Law: it is the same with `before` as without.
 */
export function digestOf(cleaning: Cleaning, before?: Digested): Digest {
  const seams = findSeams(cleaning);
  const lines = findDoubtedLines(cleaning);
  const isKnown = before && cleaning.splices && cleaning.style.certaintyLimit === before.cleaning.style.certaintyLimit;
  if (!isKnown) {
    const lists = [...pieceLists(cleaning)];
    const counts: Record<string, number> = Object.fromEntries(PASSES.map(({ id }) => [id, 0]));
    count(counts, lists, 1);
    return { counts, seams, edits: findEdits(cleaning.style, lists), lines };
  }
  const { gone, come } = changedLists(before.cleaning, cleaning);
  const counts = { ...before.digest.counts };
  count(counts, gone, -1);
  count(counts, come, 1);
  const gonePieces = new Set(findEdits(cleaning.style, gone));
  const stay = before.digest.edits.filter((edit) => !gonePieces.has(edit));
  const edits = [...stay, ...findEdits(cleaning.style, come)].sort((a, b) => a.from - b.from || a.to - b.to);
  return { counts: withoutGoneRules(counts), seams, edits, lines };
}

function count(counts: Record<string, number>, lists: readonly (readonly Piece[])[], by: number): void {
  for (const pieces of lists) {
    for (const [pass, found] of statsOf(pieces).counts) counts[pass] = (counts[pass] ?? 0) + by * found;
  }
}

/** What own rules and a person did is counted only where they did something. */
function withoutGoneRules(counts: Readonly<Record<string, number>>): Record<string, number> {
  return Object.fromEntries(Object.entries(counts).filter(([id, found]) => found !== 0 || IDS.has(id)));
}

const IDS: ReadonlySet<string> = new Set(PASSES.map(({ id }) => id));

/** The lists of pieces that a change took away and those that it brought; the tail is made anew each time. */
function changedLists(before: Cleaning, now: Cleaning) {
  const listsOf = (blocks: readonly Block[]) => blocks.flatMap(({ gap, pieces }) => [gap, pieces]);
  const gone = [before.tail];
  const come = [now.tail];
  for (const { at, removed, to, added } of now.splices!) {
    gone.push(...listsOf(before.blocks.slice(at, at + removed)));
    come.push(...listsOf(now.blocks.slice(to, to + added)));
  }
  return { gone, come };
}

/**
 * Line ends beside a line that a person took back, or over lines that a person left out, are the outcome of what was just decided
 * there: they are shown, and not asked about in their turn.
 */
function findSeams(cleaning: Cleaning): number[] {
  const { certaintyLimit } = cleaning.style;
  const { takenBack } = cleaning.table;
  const found: number[] = [];
  if (cleaning.decidedRemaining || takenBack.size > 0) {
    for (const { seam, settled, certainty, skipsLines, above, below } of visibleSeams(cleaning)) {
      if (settled || certainty >= certaintyLimit) continue;
      if (!skipsLines && !takenBack.has(above) && !takenBack.has(below)) found.push(seam);
    }
    return found;
  }
  const { certainty } = cleaning.decided;
  for (let seam = 0; seam < certainty.length; seam++) {
    if (certainty[seam]! < certaintyLimit && cleaning.settled[seam] === 0) found.push(seam);
  }
  return found;
}

/** Whether an edit is in doubt: less certain than the style's limit. */
export function isDoubtful({ certaintyLimit }: Style, { certainty }: Pick<Piece, 'certainty'>): boolean {
  return certainty !== undefined && certainty < certaintyLimit;
}

function findEdits(style: Style, lists: readonly (readonly Piece[])[]): Piece[] {
  const found: Piece[] = [];
  for (const pieces of lists) {
    if (statsOf(pieces).leastCertain >= style.certaintyLimit) continue;
    for (const piece of pieces) if (isDoubtful(style, piece)) found.push(piece);
  }
  return found;
}
