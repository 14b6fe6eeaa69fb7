import { database, type VersionRecord } from './db.ts';
import { guarded } from './errors.ts';
import { storing } from './making-room.ts';

/** The kept versions of a piece, the last kept first. */
export function listVersions(pieceId: string, db = database()): Promise<VersionRecord[]> {
  return guarded(async () => {
    const versions = await db.versions.where('pieceId').equals(pieceId).toArray();
    return versions.sort((a, b) => b.keptAt - a.keptAt);
  });
}

export function keepVersion(version: VersionRecord, db = database()): Promise<void> {
  return storing(db, async () => {
    await db.versions.put(version);
  });
}

export function forgetVersion(id: string, db = database()): Promise<void> {
  return guarded(() => db.versions.delete(id));
}
