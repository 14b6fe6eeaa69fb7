import type { PieceRecord } from '../../../storage/db.ts';

/** What the desk calls a piece: its title, or its first words until a cleaning has given one. */
export function nameOf({ title, opening }: PieceRecord): string {
  return title || opening || 'Untitled';
}
