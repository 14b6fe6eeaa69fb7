import { object, string, type InferType } from 'yup';
import { database } from './db.ts';
import { guarded } from './errors.ts';

const KEYS = 'keys';

const keysSchema = object().strict();

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
    const data: InferType<typeof keysSchema> = keysSchema.validateSync(JSON.parse(stored));
    return Object.fromEntries(Object.entries(data).filter((entry): entry is [string, string] => isKey(entry[1])));
  } catch {
    return {};
  }
}

function isKey(value: unknown): boolean {
  return string().length(1).isValidSync(value, { strict: true });
}
