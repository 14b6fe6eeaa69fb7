import { firstReaching, pieceText } from '../edits/piece.ts';
import { explainSeam, type SeamReason } from '../seams/explain.ts';
import type { Decision } from '../seams/seam-table.ts';
import { visibleSeam } from '../decided/visible-seam.ts';
import type { SplitEvidence } from '../seams/words/split-words.ts';
import { lineAt } from '../text/line-index.ts';
import type { Ledger, LedgerEntry } from './ledger.ts';

/** An edit in its surroundings, for reading. */
export interface LedgerLine {
  /** The place in `Ledger.entries`. */
  readonly entry: number;
  readonly from: number;
  readonly to: number;
  /** The line that the edit begins in, from 1. */
  readonly line: number;
  /** The clean text before and after it; what stood in the source, and what stands there now. */
  readonly before: string;
  readonly source: string;
  readonly becomes: string;
  readonly after: string;
  readonly passes: readonly string[];
  readonly state: 'made' | 'stet';
  readonly doubt: boolean;
  readonly byHand: boolean;
  /** From 0.5 to 1; not there for edits that nothing speaks against. */
  readonly certainty?: number;
  /** The reason of the doubt, by its name in the last of the passes. */
  readonly why?: string;
  readonly seam?: {
    readonly decision: Decision;
    readonly reasons: readonly SeamReason[];
    readonly split?: SplitEvidence;
  };
}

const CONTEXT = 60;
/** Long removals are shown by their beginning and end. */
const LONGEST_SHOWN = 160;

/** What the ledger shows of one entry. Cost: that of a line. */
export function viewEntry(ledger: Ledger, at: number): LedgerLine {
  const { cleaning, pieces } = ledger;
  const { source, table } = cleaning;
  const entry = ledger.entries[at]!;
  const piece = pieces[entry.piece];
  return {
    entry: at,
    from: entry.from,
    to: entry.to,
    line: lineAt(table.index, entry.from) + 1,
    ...(piece ? surroundings(ledger, entry.piece) : surroundingsOfStet(ledger, entry)),
    source: shortened(source.slice(entry.from, entry.to)),
    becomes: shortened(piece?.text ?? source.slice(entry.from, entry.to)),
    passes: entry.passes,
    state: piece ? 'made' : 'stet',
    doubt: entry.doubt,
    byHand: entry.byHand,
    ...certaintyOf(ledger, entry),
  };
}

function certaintyOf({ cleaning, pieces }: Ledger, { seam, piece }: LedgerEntry): Partial<LedgerLine> {
  const { certainty, why } = pieces[piece] ?? {};
  const stood = seam === undefined ? undefined : visibleSeam(cleaning, seam);
  if (!stood) return certainty === undefined ? {} : { certainty, why };
  const { decided, at } = stood;
  return {
    certainty: stood.settled ? 1 : stood.certainty,
    seam: {
      decision: stood.decision,
      reasons: explainSeam(decided, at).slice(0, 3),
      split: decided.splits.get(at)?.evidence,
    },
  };
}

type Surroundings = Pick<LedgerLine, 'before' | 'after'>;

function surroundings(ledger: Ledger, at: number): Surroundings {
  return { before: textBefore(ledger, at), after: textAfter(ledger, at) };
}

/** What a person let stand is a part of a piece that stands, or of several. */
function surroundingsOfStet(ledger: Ledger, { from, to }: LedgerEntry): Surroundings {
  const { pieces, cleaning } = ledger;
  const first = firstReaching(pieces, from);
  const last = firstReaching(pieces, to - 1);
  const { before } = surroundings(ledger, first);
  const { after } = surroundings(ledger, last);
  const head = pieces[first]?.text === undefined ? cleaning.source.slice(pieces[first]?.from ?? from, from) : '';
  const tail = pieces[last]?.text === undefined ? cleaning.source.slice(to, pieces[last]?.to ?? to) : '';
  return { before: (before + head).slice(-CONTEXT), after: (tail + after).slice(0, CONTEXT) };
}

function textBefore({ cleaning, pieces }: Ledger, at: number): string {
  let text = '';
  for (let piece = at - 1; piece >= 0 && text.length < CONTEXT; piece--) {
    text = pieceText(cleaning.source, pieces[piece]!).slice(-CONTEXT) + text;
  }
  return text.slice(-CONTEXT);
}

function textAfter({ cleaning, pieces }: Ledger, at: number): string {
  let text = '';
  for (let piece = at + 1; piece < pieces.length && text.length < CONTEXT; piece++) {
    text += pieceText(cleaning.source, pieces[piece]!).slice(0, CONTEXT);
  }
  return text.slice(0, CONTEXT);
}

function shortened(text: string): string {
  const half = LONGEST_SHOWN / 2;
  return text.length <= LONGEST_SHOWN ? text : `${text.slice(0, half)} … ${text.slice(-half)}`;
}
