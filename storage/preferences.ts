import { toShape, type OutputShape } from '../core/index.ts';
import { database } from './db.ts';
import { guarded } from './errors.ts';

const KEYS = 'keys';

/** The keys that a person chose, by command; empty where they chose none, or what is stored is none of ours. */
export function loadKeys(db = database()): Promise<Readonly<Record<string, string>>> {
  return guarded(async () => {
    const stored = (await db.notes.get(KEYS))?.value;
    return stored === undefined ? {} : readKeys(stored);
  });
}

export function saveKeys(keys: Readonly<Record<string, string>>, db = database()): Promise<void> {
  return guarded(async () => {
    await db.notes.put({ key: KEYS, value: JSON.stringify(keys) });
  });
}

const SHAPE = 'output-shape';

/** How the clean text went out last; the usual shape where nobody chose one. */
export function loadShape(db = database()): Promise<OutputShape> {
  return guarded(async () => {
    const stored = (await db.notes.get(SHAPE))?.value;
    try {
      return toShape(stored === undefined ? undefined : JSON.parse(stored));
    } catch {
      return toShape(undefined);
    }
  });
}

export function saveShape(shape: OutputShape, db = database()): Promise<void> {
  return guarded(async () => {
    await db.notes.put({ key: SHAPE, value: JSON.stringify(shape) });
  });
}

/** The checker is fetched for those who have keys of their own; most have none. */
async function readKeys(stored: string): Promise<Record<string, string>> {
  const { string } = await import('yup');
  const keySchema = string().strict().length(1).required();
  try {
    const entries = Object.entries(JSON.parse(stored) as Record<string, unknown>);
    return Object.fromEntries(entries.filter((entry): entry is [string, string] => keySchema.isValidSync(entry[1])));
  } catch {
    return {};
  }
}
