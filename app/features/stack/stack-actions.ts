import type { StyleRecord } from '../../../storage/db.ts';
import { StorageError, type StorageProblem } from '../../../storage/errors.ts';
import { listStyles } from '../../../storage/styles.ts';

export interface StackData {
  readonly styles: readonly StyleRecord[];
  readonly problem: StorageProblem | undefined;
}

/** The styles that files can be cleaned in. A browser that keeps no data says so. */
export async function loadStackStyles(): Promise<StackData> {
  try {
    return { styles: await listStyles(Date.now()), problem: undefined };
  } catch (error) {
    return { styles: [], problem: error instanceof StorageError ? error.problem : 'unknown' };
  }
}
