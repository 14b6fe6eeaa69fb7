import { readlinkSync } from 'node:fs';
import { constants, setPriority } from 'node:os';
import { basename } from 'node:path';

/**
 * Lets other threads go first, so that a server whose threads are all at work still answers. Only Linux tells a thread its number; on
 * other systems nothing changes.
 */
export function lowerPriority(): void {
  try {
    setPriority(Number(basename(readlinkSync('/proc/thread-self'))), constants.priority.PRIORITY_BELOW_NORMAL);
  } catch {
    // Then all threads are alike.
  }
}
