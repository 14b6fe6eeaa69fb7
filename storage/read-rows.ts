import type { Step } from '../core/index.ts';
import type { PieceRecord } from './db.ts';

/** A stored piece that is not as it should be, with all that is stored of it. */
export interface UnreadablePiece {
  readonly id: string;
  /** Empty where even that cannot be read. */
  readonly title: string;
  /** JSON: its row and its text. */
  readonly raw: string;
}

/**
 * Reads rows as what they are: data that an older or newer version, an extension or a fault may have written. Those that are no
 * pieces are told apart. The checker is fetched when it is first needed.
 */
export async function readPieceRows(
  rows: readonly unknown[],
): Promise<{ readonly pieces: readonly PieceRecord[]; readonly bad: readonly unknown[] }> {
  const { number, object, string } = await import('yup');
  const time = number().required();
  const count = number().integer().min(0);
  const schema = object({
    id: string().required(),
    title: string().defined(),
    opening: string(),
    createdAt: time,
    changedAt: time,
    deletedAt: number(),
    at: count.required(),
    stepCount: count.required(),
    words: count,
    doubts: count,
    kind: string(),
  });
  const isPiece = (row: unknown): row is PieceRecord => schema.isValidSync(row, { strict: true });
  const pieces: PieceRecord[] = [];
  const bad: unknown[] = [];
  for (const [at, row] of rows.entries()) {
    if (isPiece(row)) pieces.push(row);
    else bad.push(row);
    // Among thousands, the page has a turn.
    if (at % AT_ONCE === AT_ONCE - 1) await new Promise((resolve) => setTimeout(resolve));
  }
  return { pieces, bad };
}

/** So many rows are read in a few milliseconds. */
const AT_ONCE = 100;

const STEP_KINDS: Readonly<Record<Step['kind'], true>> = {
  choose: true,
  withdraw: true,
  'switch-pass': true,
  'set-pass': true,
  'move-pass': true,
  'reset-passes': true,
  'set-rule': true,
  'remove-rule': true,
  'set-shape': true,
  'remove-shape': true,
  'use-style': true,
  'read-as': true,
  restore: true,
  together: true,
};

const CHOICE_KINDS: Readonly<Record<Extract<Step, { kind: 'choose' }>['choice']['kind'], true>> = {
  seam: true,
  stet: true,
  approve: true,
  limit: true,
  hold: true,
  rewrite: true,
  drop: true,
  part: true,
  mark: true,
  measure: true,
};

/** Whether this version knows what a stored step does; a newer version may have taken others. */
export function isKnownStep(step: unknown): step is Step {
  if (typeof step !== 'object' || step === null) return false;
  const { kind, choice, steps } = step as { kind?: unknown; choice?: { kind?: unknown }; steps?: unknown };
  if (typeof kind !== 'string' || !Object.hasOwn(STEP_KINDS, kind)) return false;
  if (kind === 'together') return Array.isArray(steps) && steps.every(isKnownStep);
  if (kind !== 'choose' && kind !== 'withdraw') return true;
  return typeof choice?.kind === 'string' && Object.hasOwn(CHOICE_KINDS, choice.kind);
}
