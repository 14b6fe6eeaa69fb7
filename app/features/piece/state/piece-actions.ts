import type { OutputShape, Step } from '../../../../core/index.ts';
import { announceChange } from '../../../../storage/changes.ts';
import type { PieceRecord, StyleRecord, VersionRecord } from '../../../../storage/db.ts';
import { StorageError, type StorageProblem } from '../../../../storage/errors.ts';
import { appendStep, moveInHistory, noteCleaning, renamePiece } from '../../../../storage/pieces.ts';
import { saveKeys, saveShape } from '../../../../storage/preferences.ts';
import { declineOffer, forgetAnswer, type Offer } from '../../../../storage/notes.ts';
import { saveStyle } from '../../../../storage/styles.ts';
import { forgetVersion, keepVersion } from '../../../../storage/versions.ts';

/** One write of the piece screen; several that came in quick order are stored in that order. */
export type PieceWrite =
  | { readonly intent: 'step'; readonly at: number; readonly step: Step }
  | { readonly intent: 'move'; readonly from: number; readonly to: number }
  /** The step of an answer was stored before this. `key` is the doubt's. */
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

/** Stores the writes in order; stops at the first that cannot be stored. */
export async function actOnPiece(id: string, writes: readonly PieceWrite[]): Promise<PieceResult> {
  let merged = false;
  try {
    for (const write of writes) if (await store(id, write, Date.now())) merged = true;
    return { ok: true, merged };
  } catch (error) {
    if (error instanceof StorageError) return { ok: false, problem: error.problem };
    throw error;
  } finally {
    if (writes.some(({ intent }) => OF_HISTORY.has(intent))) announceChange(id);
  }
}

/** True where a step was merged. */
async function store(id: string, write: PieceWrite, now: number): Promise<boolean> {
  switch (write.intent) {
    case 'step':
      return (await appendStep(id, write.at, write.step, now)).merged;
    case 'move':
      await moveInHistory(id, write.from, write.to, now);
      return false;
    case 'answered':
      await forgetAnswer(id, write.key);
      return false;
    case 'rename':
      await renamePiece(id, write.title, now);
      return false;
    case 'note':
      await noteCleaning(id, write.note);
      return false;
    case 'keep-version':
      await keepVersion(write.version);
      return false;
    case 'forget-version':
      await forgetVersion(write.id);
      return false;
    case 'shape':
      await saveShape(write.shape);
      return false;
    case 'keep-style':
      await saveStyle(write.style);
      return false;
    case 'decline':
      await declineOffer(id, write.offer);
      return false;
    case 'keys':
      await saveKeys(write.keys);
      return false;
  }
}
