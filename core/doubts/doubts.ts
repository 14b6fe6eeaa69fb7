import type { Choice } from '../choices/choice.ts';
import { oneStep, type Step } from '../history/history.ts';
import type { Cleaning } from '../cleaning/cleaning.ts';
import { cleanTextOf } from '../cleaning/output.ts';
import { BY_HAND, type Piece } from '../edits/piece.ts';
import { passOfReason } from '../passes/index.ts';
import type { Digested } from '../report/digest.ts';
import { visibleSeam, type VisibleSeam } from '../decided/visible-seam.ts';
import { canMend, rangeOfSeam } from '../decided/seams-in-force.ts';
import { explainSeam, type SeamReason } from '../seams/explain.ts';
import { markAt } from '../seams/paragraph-mark.ts';
import { Decision } from '../seams/seam-table.ts';
import type { SplitEvidence } from '../seams/words/split-words.ts';
import type { Place } from '../edits/place.ts';
import { lineAt } from '../text/line-index.ts';
import type { DoubtedLines } from '../report/doubted-lines.ts';

/** A decision that a person is asked about. `now` is how the text reads as it is, the other reading is the one it may have. */
export type Doubt = SeamDoubt | SplitDoubt | EditDoubt | LinesDoubt;

interface AnyDoubt {
  /** The same as long as the doubt is about the same place. */
  readonly key: string;
  /** What stands in question in the source. */
  readonly from: number;
  readonly to: number;
  readonly certainty: number;
  /** Doubts with the same evidence share it: they can be settled together. */
  readonly alike: string;
}

export interface SeamDoubt extends AnyDoubt {
  readonly kind: 'seam';
  readonly seam: number;
  readonly now: Decision;
  readonly other: Decision;
}

export interface SplitDoubt extends AnyDoubt {
  readonly kind: 'split';
  readonly seam: number;
  readonly now: Decision;
  readonly other: Decision;
  readonly evidence: SplitEvidence;
}

export interface EditDoubt extends AnyDoubt {
  readonly kind: 'edit';
  readonly passes: readonly string[];
  readonly why?: string;
  readonly becomes: string;
}

/** Lines that may be none of the text: now they stay, else they are left out. */
export interface LinesDoubt extends AnyDoubt {
  readonly kind: 'lines';
  readonly what: DoubtedLines['what'];
  readonly places: readonly Place[];
}

/** The doubts about seams that were worked out so far, by seam; they hold as long as what was decided by evidence does. */
export type KnownDoubts = Map<number, KnownDoubt>;

interface KnownDoubt {
  readonly stood: VisibleSeam;
  readonly doubt: SeamDoubt | SplitDoubt;
}

/**
 * Every doubt in reading order. Linear in the number of seams and pieces. `known` are those that were worked out for the same
 * evidence before; what is new is added.
 */
export function listDoubts({ cleaning, digest }: Digested, known: KnownDoubts = new Map()): Doubt[] {
  const seams = digest.seams.map((seam) => seamDoubt(cleaning, seam, known));
  const edits = digest.edits.map(editDoubt);
  const lines = digest.lines.map(linesDoubt);
  return [...seams, ...edits, ...lines].sort((a, b) => a.from - b.from);
}

function seamDoubt(cleaning: Cleaning, seam: number, known: KnownDoubts): SeamDoubt | SplitDoubt {
  const stood = visibleSeam(cleaning, seam)!;
  const before = known.get(seam);
  if (before && isSameSeam(before.stood, stood)) return before.doubt;
  const doubt = newSeamDoubt(cleaning, stood);
  known.set(seam, { stood, doubt });
  return doubt;
}

function isSameSeam(one: VisibleSeam, other: VisibleSeam): boolean {
  return one.above === other.above && one.below === other.below && one.decision === other.decision;
}

function newSeamDoubt(cleaning: Cleaning, stood: VisibleSeam): SeamDoubt | SplitDoubt {
  const { seam, decision: now, certainty } = stood;
  const split = stood.decided.splits.get(stood.at);
  const shared = {
    key: `seam ${rangeOfSeam(cleaning, seam).from}`,
    ...placeOfSeam(cleaning, stood),
    certainty,
    seam,
    now,
  };
  const isJoined = now === Decision.join || now === Decision.mend;
  if (split && isJoined && !stood.skipsLines && split.certainty <= certainty) {
    const other = now === Decision.mend ? Decision.join : Decision.mend;
    return { ...shared, kind: 'split', other, evidence: split.evidence, alike: `split ${split.evidence} ${now}` };
  }
  const joined =
    split?.outcome === 'mend' && !stood.skipsLines && canMend(cleaning, seam) ? Decision.mend : Decision.join;
  return { ...shared, kind: 'seam', other: isJoined ? Decision.break : joined, alike: likeness(stood) };
}

const LONGEST_WORD = 24;

/** The words beside a seam: from the last one above to the first one below. */
function placeOfSeam({ source, table }: Cleaning, { above, below }: VisibleSeam): { from: number; to: number } {
  const end = table.to[above]!;
  const start = table.from[below]!;
  const last = /\S+$/.exec(source.slice(Math.max(table.from[above]!, end - LONGEST_WORD), end));
  const first = /^\S+/.exec(source.slice(start, Math.min(table.to[below]!, start + LONGEST_WORD)));
  return { from: end - (last?.[0].length ?? 0), to: start + (first?.[0].length ?? 0) };
}

/** Seams are alike where the same decision was taken over the same kind of gap for the same two main reasons. */
function likeness({ decided, table, at, decision }: VisibleSeam): string {
  const { blanks, step } = markAt(table, decided.seams, at);
  const reasons = explainSeam(decided, at).slice(0, 2);
  return [
    'seam',
    decision,
    blanks,
    step,
    ...reasons.map(({ name, weight }) => `${name}${weight > 0 ? '+' : '-'}`).sort(),
  ].join(' ');
}

function editDoubt({ from, to, passes, why, certainty, text }: Piece): EditDoubt {
  return {
    kind: 'edit',
    key: `edit ${from} ${to}`,
    from,
    to,
    certainty: certainty!,
    passes,
    why,
    becomes: text!,
    alike: `edit ${passes.at(-1)} ${why}`,
  };
}

/** How likely such lines belong to the text, as a rule of thumb: they are asked about because nobody can tell from here. */
const CERTAINTY = 0.6;

function linesDoubt({ what, places }: DoubtedLines): LinesDoubt {
  const { from, to } = places[0]!;
  const key = `lines ${from} ${to}`;
  return { kind: 'lines', key, from, to, certainty: CERTAINTY, what, places, alike: key };
}

/** A doubt with what is shown of it: the words beside it, the reasons, and how many others are alike. */
export interface DoubtView {
  readonly doubt: Doubt;
  /** The last words before the place and the first behind it, from the source. */
  readonly before: string;
  readonly after: string;
  readonly source: string;
  /** The lines above and below, from 1. */
  readonly lines: readonly [number, number];
  readonly reasons: readonly SeamReason[];
  /** Doubts with the same evidence, this one included. */
  readonly alike: number;
}

const CONTEXT = 36;

/** What is shown of some doubts among all. Linear in the number of all. */
export function viewDoubts(cleaning: Cleaning, some: readonly Doubt[], all: readonly Doubt[]): DoubtView[] {
  const alike = new Map(some.map((doubt) => [doubt.alike, 0]));
  for (const doubt of all) {
    const count = alike.get(doubt.alike);
    if (count !== undefined) alike.set(doubt.alike, count + 1);
  }
  return some.map((doubt) => viewDoubt(cleaning, doubt, alike.get(doubt.alike)!));
}

function viewDoubt(cleaning: Cleaning, doubt: Doubt, alike: number): DoubtView {
  const { source, table } = cleaning;
  if (doubt.kind === 'edit' || doubt.kind === 'lines') {
    const { index } = table;
    return {
      doubt,
      before: source.slice(Math.max(0, doubt.from - CONTEXT), doubt.from),
      after: source.slice(doubt.to, doubt.to + CONTEXT),
      source: source.slice(doubt.from, doubt.to),
      lines: [lineAt(index, doubt.from) + 1, lineAt(index, doubt.to) + 1],
      reasons: [],
      alike,
    };
  }
  const { above, below, ...evidence } = visibleSeam(cleaning, doubt.seam)!;
  // The halves of a word are shown as they stand; other words as they will.
  const words = (from: number, to: number) =>
    (doubt.kind === 'seam' && cleanTextOf(cleaning, from, to).trim()) || source.slice(from, to);
  return {
    doubt,
    before: words(Math.max(table.from[above]!, table.to[above]! - CONTEXT), table.to[above]!),
    after: words(table.from[below]!, Math.min(table.to[below]!, table.from[below]! + CONTEXT)),
    source: '',
    lines: [above + 1, below + 1],
    reasons: explainSeam(evidence.decided, evidence.at),
    alike,
  };
}

export type Answer = 'now' | 'other';

/** The one step that answers some doubts in the same way; undefined for none. */
export function stepForAnswer(cleaning: Cleaning, doubts: readonly Doubt[], answer: Answer): Step | undefined {
  const steps = doubts
    .flatMap((doubt) => choicesFor(cleaning, doubt, answer))
    .map((choice) => ({ kind: 'choose', choice }) as const);
  return oneStep(steps);
}

/** Of the passes that worked in one place the one whose reason it is. */
function passInQuestion({ passes, why }: EditDoubt): string {
  return passOfReason(passes, why)?.id ?? passes.at(-1)!;
}

function choicesFor(cleaning: Cleaning, doubt: Doubt, answer: Answer): Choice[] {
  if (doubt.kind === 'lines') {
    return doubt.places.map((place): Choice =>
      answer === 'other' ? { kind: 'drop', ...place } : { kind: 'approve', ...place, pass: BY_HAND },
    );
  }
  if (doubt.kind !== 'edit') return [{ kind: 'seam', ...rangeOfSeam(cleaning, doubt.seam), decision: doubt[answer] }];
  const { from, to, passes } = doubt;
  // What other passes did in the same place was not in question.
  if (answer === 'other') return [{ kind: 'stet', from, to, pass: passInQuestion(doubt) }];
  return passes.map((pass): Choice => ({ kind: 'approve', from, to, pass }));
}
