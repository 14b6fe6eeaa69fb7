import { database } from './db.ts';
import { guarded } from './errors.ts';

/** What a person was typing in a row of a piece, and no step holds yet. `row` is where the row begins in the source. */
export interface Typing {
  readonly row: number;
  readonly text: string;
  /** What the row said before. */
  readonly was: string;
}

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

/** The key of the note for what is being typed in a piece. */
export function typingKey(pieceId: string): string {
  return `typing ${pieceId}`;
}

/** Keeps what is being typed, in place of what was kept before; what says the same as before is nothing to keep. */
export function keepTyping(pieceId: string, typing: Typing, db = database()): Promise<void> {
  return guarded(async () => {
    if (typing.text === typing.was) await db.notes.delete(typingKey(pieceId));
    else await db.notes.put({ key: typingKey(pieceId), value: JSON.stringify(typing) });
  });
}

/** What was being typed when the page went; undefined where nothing was, or what is kept is none of ours. */
export function loadTyping(pieceId: string, db = database()): Promise<Typing | undefined> {
  return guarded(async () => {
    const note = await db.notes.get(typingKey(pieceId));
    return note && readTyping(note.value);
  });
}

function readTyping(value: string): Typing | undefined {
  try {
    const { row, text, was } = JSON.parse(value) as Partial<Typing>;
    const isWhole = typeof row === 'number' && typeof text === 'string' && typeof was === 'string';
    return isWhole ? { row, text, was } : undefined;
  } catch {
    return undefined;
  }
}

/** The key of the note that no style is to be proposed for a piece. */
export function declinedKey(pieceId: string): string {
  return `declined ${pieceId}`;
}

/** The person does not want the style that was proposed for a piece. */
export function declineStyle(pieceId: string, db = database()): Promise<void> {
  return guarded(async () => {
    await db.notes.put({ key: declinedKey(pieceId), value: '' });
  });
}

export function hasDeclined(pieceId: string, db = database()): Promise<boolean> {
  return guarded(async () => (await db.notes.get(declinedKey(pieceId))) !== undefined);
}
