import { database } from './db.ts';
import { guarded } from './errors.ts';

/** What stands in the desk's text field and is not a piece yet. */
const DRAFT = 'draft';

export function loadDraft(db = database()): Promise<string> {
  return guarded(async () => (await db.notes.get(DRAFT))?.value ?? '');
}

export function saveDraft(text: string, db = database()): Promise<void> {
  return guarded(async () => {
    if (text === '') await db.notes.delete(DRAFT);
    else await db.notes.put({ key: DRAFT, value: text });
  });
}
