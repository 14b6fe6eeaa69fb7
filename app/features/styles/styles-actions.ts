import type { StyleRecord } from '../../../storage/db.ts';
import { StorageError, type StorageProblem } from '../../../storage/errors.ts';
import { deleteStyle, listStyles, restoreStyle, saveStyle } from '../../../storage/styles.ts';

export interface StylesData {
  readonly styles: readonly StyleRecord[];
  readonly problem?: StorageProblem;
}

/** A browser that keeps no data still shows the styles that come with the program. */
export async function loadStyles(): Promise<StylesData> {
  try {
    return { styles: await listStyles(Date.now()) };
  } catch (error) {
    return { styles: [], problem: error instanceof StorageError ? error.problem : 'unknown' };
  }
}

export type StyleWrite =
  | { readonly intent: 'save'; readonly style: StyleRecord }
  | { readonly intent: 'delete'; readonly id: string }
  | { readonly intent: 'restore'; readonly id: string };

export type StyleResult = { readonly ok: true } | { readonly ok: false; readonly problem: StorageProblem };

export async function actOnStyles(write: StyleWrite): Promise<StyleResult> {
  try {
    if (write.intent === 'save') await saveStyle(write.style);
    else if (write.intent === 'delete') await deleteStyle(write.id, Date.now());
    else await restoreStyle(write.id);
    return { ok: true };
  } catch (error) {
    if (error instanceof StorageError) return { ok: false, problem: error.problem };
    throw error;
  }
}
