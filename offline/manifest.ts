import { Dexie } from 'dexie';

/** A way into the installed app, in the menu of its icon. */
export interface Shortcut {
  readonly name: string;
  readonly url: string;
}

/** Systems show no more. */
const MOST_SHORTCUTS = 4;

/** The manifest with a shortcut for each of the person's styles that has a key. */
export async function withShortcuts(kept: Response, own: readonly Shortcut[]): Promise<Response> {
  const manifest = (await kept.json()) as { shortcuts: readonly Shortcut[] };
  const shortcuts = [...manifest.shortcuts, ...own].slice(0, MOST_SHORTCUTS);
  return Response.json({ ...manifest, shortcuts }, { headers: { 'Content-Type': 'application/manifest+json' } });
}

/** The styles with which the clipboard is cleaned by a key; none where the browser keeps no data yet. */
export async function readShortcuts(name = 'lucid-ribbon'): Promise<Shortcut[]> {
  if (!(await Dexie.exists(name))) return [];
  // As it is: the pages alone bring it up to a new version.
  const db = new Dexie(name);
  try {
    await db.open();
    return toShortcuts(await db.table('styles').toArray());
  } catch {
    return [];
  } finally {
    db.close();
  }
}

/** Rows are foreign data. */
export function toShortcuts(rows: readonly unknown[]): Shortcut[] {
  return rows
    .map((row) => row as { id?: unknown; name?: unknown; key?: unknown; deletedAt?: unknown })
    .filter(({ id, name, key, deletedAt }) => isText(id) && isText(name) && isText(key) && deletedAt === undefined)
    .sort((a, b) => String(a.key).localeCompare(String(b.key)))
    .map(({ id, name }) => ({
      name: `Clean the clipboard: ${String(name)}`,
      url: `/run?${new URLSearchParams({ style: String(id) })}`,
    }));
}

function isText(value: unknown): boolean {
  return typeof value === 'string' && value !== '';
}
