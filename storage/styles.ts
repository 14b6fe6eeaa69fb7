import { database, type StyleRecord } from './db.ts';
import { guarded } from './errors.ts';

/** How long a deleted style can be taken back, ms. */
const KEPT_AFTER_DELETION = 24 * 3600 * 1000;

/** The person's own styles that are not deleted, by name. Those deleted long enough ago are gone for good. */
export function listStyles(now: number, db = database()): Promise<StyleRecord[]> {
  return guarded(async () => {
    const all = await readStyles(await db.styles.toArray());
    const expired = all.filter(({ deletedAt }) => deletedAt !== undefined && deletedAt < now - KEPT_AFTER_DELETION);
    if (expired.length > 0) await db.styles.bulkDelete(expired.map(({ id }) => id));
    return all
      .filter(({ deletedAt }) => deletedAt === undefined)
      .sort((a, b) => a.name.localeCompare(b.name) || a.createdAt - b.createdAt);
  });
}

/** Reads rows as styles. Those of a newer version, or that something else wrote, are passed over. */
export async function readStyles(rows: unknown): Promise<StyleRecord[]> {
  if (!Array.isArray(rows) || rows.length === 0) return [];
  const [{ number, object, string }, { toStyle }] = await Promise.all([
    import('yup'),
    import('../core/style/read-style.ts'),
  ]);
  const schema = object({
    id: string().required(),
    name: string().defined(),
    createdAt: number().required(),
    changedAt: number().required(),
    deletedAt: number(),
    style: object().required(),
  });
  return rows.filter((row): row is StyleRecord => {
    try {
      toStyle((schema.validateSync(row, { strict: true }) as StyleRecord).style);
      return true;
    } catch {
      return false;
    }
  });
}

/** Stores a style, in place of the one with its id. */
export function saveStyle(style: StyleRecord, db = database()): Promise<void> {
  return guarded(async () => {
    await db.styles.put(style);
  });
}

export function deleteStyle(id: string, now: number, db = database()): Promise<void> {
  return guarded(async () => {
    await db.styles.update(id, { deletedAt: now });
  });
}

export function restoreStyle(id: string, db = database()): Promise<void> {
  return guarded(async () => {
    await db.styles.update(id, { deletedAt: undefined });
  });
}
