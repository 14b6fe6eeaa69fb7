import type { Step } from '../../../core/index.ts';
import type { PieceRecord } from '../../../storage/db.ts';
import { StorageError, type StorageProblem } from '../../../storage/errors.ts';
import { appendStep, moveInHistory, noteCleaning, renamePiece } from '../../../storage/pieces.ts';

/** One write of the piece screen; several that came in quick order are stored in that order. */
export type PieceWrite =
  | { readonly intent: 'step'; readonly at: number; readonly step: Step }
  | { readonly intent: 'move'; readonly from: number; readonly to: number }
  | { readonly intent: 'rename'; readonly title: string }
  | { readonly intent: 'note'; readonly note: Pick<PieceRecord, 'words' | 'doubts' | 'kind'> };

export type PieceResult = { readonly ok: true } | { readonly ok: false; readonly problem: StorageProblem };

/** Stores the writes in order; stops at the first that cannot be stored. */
export async function actOnPiece(id: string, writes: readonly PieceWrite[]): Promise<PieceResult> {
  try {
    for (const write of writes) await store(id, write, Date.now());
    return { ok: true };
  } catch (error) {
    if (error instanceof StorageError) return { ok: false, problem: error.problem };
    throw error;
  }
}

function store(id: string, write: PieceWrite, now: number): Promise<void> {
  switch (write.intent) {
    case 'step':
      return appendStep(id, write.at, write.step, now);
    case 'move':
      return moveInHistory(id, write.from, write.to, now);
    case 'rename':
      return renamePiece(id, write.title, now);
    case 'note':
      return noteCleaning(id, write.note);
  }
}
