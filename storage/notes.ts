import type { Answer } from '../core/index.ts';
import { database, type Database } from './db.ts';
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

/** An answer to a doubt, given and in no step yet. `key` is the doubt's. */
export interface GivenAnswer {
  readonly key: string;
  readonly answer: Answer;
  /** It is for all doubts alike. */
  readonly alike: boolean;
  /** In ms since the epoch. */
  readonly givenAt: number;
}

function answersOf(pieceId: string): string {
  return `answer ${pieceId} `;
}

/** The key of the note for an answer. `key` is the doubt's. */
export function answerKey(pieceId: string, key: string): string {
  return answersOf(pieceId) + key;
}

/** Keeps an answer until the step that comes of it is stored. */
export function keepAnswer(pieceId: string, given: GivenAnswer, db = database()): Promise<void> {
  return guarded(async () => {
    await db.notes.put({ key: answerKey(pieceId, given.key), value: JSON.stringify(given) });
  });
}

/** No step comes of answers. `keys` are those of their doubts. */
export function forgetAnswers(pieceId: string, keys: readonly string[], db = database()): Promise<void> {
  return guarded(() => db.notes.bulkDelete(keys.map((key) => answerKey(pieceId, key))));
}

/** The answers that were on their way when the page went, in the order in which they were given. */
export function loadAnswers(pieceId: string, db = database()): Promise<readonly GivenAnswer[]> {
  return guarded(async () => {
    const notes = await db.notes.where('key').startsWith(answersOf(pieceId)).toArray();
    return notes
      .map(({ value }) => readAnswer(value))
      .filter((given) => given !== undefined)
      .sort((a, b) => a.givenAt - b.givenAt);
  });
}

function readAnswer(value: string): GivenAnswer | undefined {
  try {
    const { key, answer, alike, givenAt } = JSON.parse(value) as Partial<GivenAnswer>;
    const isWhole =
      typeof key === 'string' &&
      (answer === 'now' || answer === 'other') &&
      typeof alike === 'boolean' &&
      typeof givenAt === 'number';
    return isWhole ? { key, answer, alike, givenAt } : undefined;
  } catch {
    return undefined;
  }
}

/** What is offered on a piece: a style for such texts, columns side by side put one under the other. */
export const OFFERS = ['style', 'columns', 'marks'] as const;
export type Offer = (typeof OFFERS)[number];

function declinedKey(pieceId: string, offer: Offer): string {
  return `declined ${pieceId} ${offer}`;
}

/** The person does not want what is offered on a piece. */
export function declineOffer(pieceId: string, offer: Offer, db = database()): Promise<void> {
  return guarded(async () => {
    await db.notes.put({ key: declinedKey(pieceId, offer), value: '' });
  });
}

/** The offers on a piece that were declined. */
export function loadDeclined(pieceId: string, db = database()): Promise<readonly Offer[]> {
  return guarded(async () => {
    const notes = await db.notes.bulkGet(OFFERS.map((offer) => declinedKey(pieceId, offer)));
    return OFFERS.filter((_, at) => notes[at] !== undefined);
  });
}

/** Removes all notes of pieces, within the transaction that removes them. */
export async function removeNotes(db: Database, pieceIds: readonly string[]): Promise<void> {
  await db.notes.bulkDelete([
    ...pieceIds.map(typingKey),
    ...OFFERS.flatMap((offer) => pieceIds.map((id) => declinedKey(id, offer))),
  ]);
  await db.notes.where('key').startsWithAnyOf(pieceIds.map(answersOf)).delete();
}
