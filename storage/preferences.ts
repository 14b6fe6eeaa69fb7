import { string } from 'yup';
import { database } from './db.ts';
import { guarded } from './errors.ts';

const KEYS = 'keys';

const keySchema = string().strict().length(1).required();

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

function readKeys(stored: string): Record<string, string> {
  try {
    const entries = Object.entries(JSON.parse(stored) as Record<string, unknown>);
    return Object.fromEntries(entries.filter((entry): entry is [string, string] => keySchema.isValidSync(entry[1])));
  } catch {
    return {};
  }
}
