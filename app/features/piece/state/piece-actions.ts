import type { OutputShape, Step } from '../../../../core/index.ts';
import { announceChange } from '../../../../storage/changes.ts';
import type { PieceRecord, StyleRecord, VersionRecord } from '../../../../storage/db.ts';
import { StorageError, type StorageProblem } from '../../../../storage/errors.ts';
import { appendSteps, moveInHistory, noteCleaning, renamePiece } from '../../../../storage/pieces.ts';
import { saveKeys, saveShape } from '../../../../storage/preferences.ts';
import { declineOffer, forgetAnswers, type Offer } from '../../../../storage/notes.ts';
import { saveStyle } from '../../../../storage/styles.ts';
import { forgetVersion, keepVersion } from '../../../../storage/versions.ts';

/** One write of the piece screen; several that came in quick order are stored in that order. */
export type PieceWrite =
  | { readonly intent: 'step'; readonly at: number; readonly step: Step }
  | { readonly intent: 'move'; readonly from: number; readonly to: number }
  /** The step of an answer, if any came of it, was taken just before this. `key` is the doubt's. */
  | { readonly intent: 'answered'; readonly key: string }
  | { readonly intent: 'rename'; readonly title: string }
  | { readonly intent: 'note'; readonly note: Pick<PieceRecord, 'words' | 'doubts' | 'kind'> }
  | { readonly intent: 'keep-version'; readonly version: VersionRecord }
  | { readonly intent: 'forget-version'; readonly id: string }
  | { readonly intent: 'keys'; readonly keys: Readonly<Record<string, string>> }
  | { readonly intent: 'shape'; readonly shape: OutputShape }
  | { readonly intent: 'keep-style'; readonly style: StyleRecord }
  | { readonly intent: 'decline'; readonly offer: Offer };

/** `merged`: a step was taken after those of another tab, which are not shown here yet. */
export type PieceResult =
  { readonly ok: true; readonly merged: boolean } | { readonly ok: false; readonly problem: StorageProblem };

const OF_HISTORY: ReadonlySet<PieceWrite['intent']> = new Set(['step', 'move']);

/** Stores the writes in order; stops at the first that cannot be stored. Steps in a row are stored all or none. */
export async function actOnPiece(id: string, writes: readonly PieceWrite[]): Promise<PieceResult> {
  let merged = false;
  try {
    for (const group of inGroups(writes)) if (await storeGroup(id, group, Date.now())) merged = true;
    return { ok: true, merged };
  } catch (error) {
    if (error instanceof StorageError) return { ok: false, problem: error.problem };
    throw error;
  } finally {
    if (writes.some(({ intent }) => OF_HISTORY.has(intent))) announceChange(id);
  }
}

type Taken = Extract<PieceWrite, { readonly intent: 'step' | 'answered' }>;
type Other = Exclude<PieceWrite, Taken>;

function isTaken(write: PieceWrite): write is Taken {
  return write.intent === 'step' || write.intent === 'answered';
}

/** Steps that follow one another, with the answers they came of, are one group; each other write is one of its own. */
function inGroups(writes: readonly PieceWrite[]): readonly (Other | Taken[])[] {
  const groups: (Other | Taken[])[] = [];
  for (const write of writes) {
    const last = groups.at(-1);
    if (!isTaken(write)) groups.push(write);
    else if (Array.isArray(last)) last.push(write);
    else groups.push([write]);
  }
  return groups;
}

/** True where a step was merged. */
async function storeGroup(id: string, group: Other | Taken[], now: number): Promise<boolean> {
  if (!Array.isArray(group)) {
    await store(id, group, now);
    return false;
  }
  const taken = group.filter((write) => write.intent === 'step');
  const steps = taken.map(({ step }) => step);
  const answered = group.filter((write) => write.intent === 'answered').map(({ key }) => key);
  if (taken[0]) return (await appendSteps(id, taken[0].at, steps, answered, now)).merged;
  await forgetAnswers(id, answered);
  return false;
}

function store(id: string, write: Other, now: number): Promise<void> {
  switch (write.intent) {
    case 'move':
      return moveInHistory(id, write.from, write.to, now);
    case 'rename':
      return renamePiece(id, write.title, now);
    case 'note':
      return noteCleaning(id, write.note);
    case 'keep-version':
      return keepVersion(write.version);
    case 'forget-version':
      return forgetVersion(write.id);
    case 'shape':
      return saveShape(write.shape);
    case 'keep-style':
      return saveStyle(write.style);
    case 'decline':
      return declineOffer(id, write.offer);
    case 'keys':
      return saveKeys(write.keys);
  }
}
