import type { Choice, StetChoice } from '../choices/choice.ts';
import { overlaps, toRanges, type Ranges } from '../choices/ranges.ts';
import type { Cleaning } from '../cleaning/cleaning.ts';
import { BY_HAND, type Piece } from '../edits/piece.ts';
import { allPieces } from '../cleaning/output.ts';
import { digestOf, isDoubtful } from '../report/digest.ts';
import { listWordChanges } from '../report/report.ts';
import { isRuleId } from '../rules/own-rule.ts';
import { isShapeId } from '../shapes/line-shape.ts';
import { seamOfGap } from '../decided/seams-in-force.ts';
import { wordsWithin } from '../text/word-index.ts';

/** Which edits of the ledger are wanted. */
export interface LedgerFilter {
  /** Those of one pass or own rule. */
  readonly pass?: string;
  readonly only?: 'doubts' | 'by-hand' | 'removed';
}

/** An edit that was made, or one that a person let stand as it was in the source. */
export interface LedgerEntry {
  readonly from: number;
  readonly to: number;
  readonly passes: readonly string[];
  /** Where it stands in `Ledger.pieces`; -1 where the source was let stand. */
  readonly piece: number;
  /** The stets, where the source was let stand. */
  readonly stets: readonly StetChoice[];
  /** The seam that a joined or mended line end belongs to. */
  readonly seam?: number;
  readonly doubt: boolean;
  readonly byHand: boolean;
}

/** Every edit of a cleaning in source order, each with what is known of it. */
export interface Ledger {
  readonly cleaning: Cleaning;
  /** All pieces in source order. */
  readonly pieces: readonly Piece[];
  readonly entries: readonly LedgerEntry[];
  /** Where words were removed. */
  readonly removed: Ranges;
}

const SEAM_PASSES = ['wrapped-lines', 'split-words', 'blank-lines'];

/** Lists the edits. Linear in the number of pieces. */
export function openLedger(cleaning: Cleaning): Ledger {
  const pieces = [...allPieces(cleaning)];
  const decided = toRanges(cleaning.choices.filter(({ kind }) => kind === 'seam'));
  const doubted = new Set(digestOf(cleaning).seams);
  const entries: LedgerEntry[] = [];
  for (const [at, piece] of pieces.entries()) {
    if (piece.text === undefined) continue;
    const { from, to, passes } = piece;
    const seam = passes.some((pass) => SEAM_PASSES.includes(pass)) ? seamOfGap(cleaning, piece) : undefined;
    entries.push({
      from,
      to,
      passes,
      piece: at,
      stets: [],
      seam,
      doubt: isDoubtful(cleaning.style, piece) || (seam !== undefined && doubted.has(seam)),
      byHand: passes.some(isOfAPerson) || overlaps(decided, from, to),
    });
  }
  const all = [...entries, ...stetEntries(cleaning.choices)].sort((a, b) => a.from - b.from || a.to - b.to);
  const removed = listWordChanges(cleaning).filter((change) => !change.mended && change.removed.length > 0);
  return { cleaning, pieces, entries: all, removed: toRanges(removed) };
}

function isOfAPerson(pass: string): boolean {
  return pass === BY_HAND || isRuleId(pass) || isShapeId(pass);
}

/** One entry for each range that was let stand, however many passes would have changed it. */
function stetEntries(choices: readonly Choice[]): LedgerEntry[] {
  const byRange = new Map<string, StetChoice[]>();
  for (const choice of choices) {
    if (choice.kind !== 'stet') continue;
    const key = `${choice.from} ${choice.to}`;
    const list = byRange.get(key);
    if (list) list.push(choice);
    else byRange.set(key, [choice]);
  }
  return [...byRange.values()].map((stets) => ({
    from: stets[0]!.from,
    to: stets[0]!.to,
    passes: stets.map(({ pass }) => pass),
    piece: -1,
    stets,
    doubt: false,
    byHand: true,
  }));
}

/** The entries that a filter wants, as places in `Ledger.entries`. */
export function filterLedger({ cleaning, entries, removed }: Ledger, { pass, only }: LedgerFilter): Uint32Array {
  const found: number[] = [];
  for (const [at, entry] of entries.entries()) {
    if (pass !== undefined && !entry.passes.includes(pass)) continue;
    if (only === 'doubts' && !entry.doubt) continue;
    if (only === 'by-hand' && !entry.byHand) continue;
    if (only === 'removed' && !takesWords(cleaning, entry, removed)) continue;
    found.push(at);
  }
  return Uint32Array.from(found);
}

/** White space beside removed words is no word. */
function takesWords({ index }: Cleaning, { piece, from, to }: LedgerEntry, removed: Ranges): boolean {
  return piece >= 0 && wordsWithin(index, from, to) > 0 && overlaps(removed, from, to);
}
