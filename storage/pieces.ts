import { newId } from './new-id.ts';
import type { History, Layout, Outcome, Step, StyleInForce } from '../core/index.ts';
import { database, type Database, type Origin, type PieceRecord, type TextRecord, type VersionRecord } from './db.ts';
import { guarded, orSilent, StorageError } from './errors.ts';
import { removeForGood, storing } from './making-room.ts';
import {
  answerKey,
  loadAnswers,
  loadDeclined,
  loadTyping,
  typingKey,
  type GivenAnswer,
  type Offer,
  type Typing,
} from './notes.ts';
import { openingOf } from './opening.ts';
import { isKnownStep, readPieceRows, type UnreadablePiece } from './read-rows.ts';
import { listVersions } from './versions.ts';

/** A text that is to become a piece. */
export interface NewText extends Omit<TextRecord, 'pieceId'> {
  /** How it was cleaned before, which becomes its first step. */
  readonly outcome?: Outcome;
  /** The style with which it begins; the usual one where none is said. */
  readonly begun?: StyleInForce;
  /** What was settled in it before it became a piece. */
  readonly settled?: Step;
}

export interface StoredPiece {
  readonly piece: PieceRecord;
  readonly source: string;
  readonly layout: Layout | undefined;
  readonly origin: Origin | undefined;
  readonly history: History;
  /** The last kept first. */
  readonly versions: readonly VersionRecord[];
  /** What was being typed when the page went, and is in no step. */
  readonly typing: Typing | undefined;
  /** The answers that were on their way when the page went. */
  readonly answers: readonly GivenAnswer[];
  /** What was offered on it, and the person did not want. */
  readonly declined: readonly Offer[];
}

/** How long a deleted piece can be taken back, ms: longer than the message stands that offers it. */
const KEPT_AFTER_DELETION = 600_000;

/** How long storing a text may take, ms. */
const LONGEST_STORING = 10_000;

/**
 * Stores a new piece and gives its id. Throws StorageError 'silent' where that takes longer than `wait` ms, though it may be stored
 * in the end: its text must not hang on it.
 */
export function createPiece(
  { outcome, begun, settled, ...text }: NewText,
  title: string,
  now: number,
  db = database(),
  wait = LONGEST_STORING,
): Promise<string> {
  const id = newId();
  const steps: Step[] = outcome
    ? [{ kind: 'restore', name: RECORDED, ...outcome }]
    : [...(begun ? [{ kind: 'use-style' as const, ...begun }] : []), ...(settled ? [settled] : [])];
  const piece: PieceRecord = {
    id,
    title,
    opening: openingOf(text.source),
    createdAt: now,
    changedAt: now,
    at: steps.length,
    stepCount: steps.length,
  };
  const stored = storing(db, () =>
    db.transaction('rw', db.pieces, db.texts, db.steps, async () => {
      await db.pieces.add(piece);
      await db.texts.add({ pieceId: id, ...text });
      await db.steps.bulkAdd(steps.map((step, seq) => ({ pieceId: id, seq, step })));
      return id;
    }),
  );
  return orSilent(stored, wait);
}

/** The name of the step that a change record becomes. */
const RECORDED = 'its change record';

/** What the desk lists. */
export interface ListedPieces {
  readonly pieces: readonly PieceRecord[];
  readonly unreadable: readonly UnreadablePiece[];
}

/**
 * The pieces that are not deleted, the last changed first; those that cannot be read, apart. Pieces deleted long enough ago are
 * gone for good.
 */
export function listPieces(now: number, db = database()): Promise<ListedPieces> {
  return guarded(async () => {
    const expired = await db.pieces
      .where('deletedAt')
      .below(now - KEPT_AFTER_DELETION)
      .primaryKeys();
    if (expired.length > 0) await removeForGood(db, expired);
    const { pieces, bad } = await readPieceRows(await db.pieces.toArray());
    const listed = pieces
      .filter((piece) => piece.deletedAt === undefined)
      .sort((a, b) => b.changedAt - a.changedAt || (a.id < b.id ? 1 : -1));
    return { pieces: listed, unreadable: await Promise.all(bad.map((row) => rawOf(row, db))) };
  });
}

async function rawOf(row: unknown, db: Database): Promise<UnreadablePiece> {
  const { id: stored, title } = row as { readonly id: unknown; readonly title?: unknown };
  const id = String(stored);
  return {
    id,
    title: typeof title === 'string' ? title : '',
    raw: JSON.stringify({ piece: row, text: (await db.texts.get(id))?.source }, undefined, 1),
  };
}

/** A piece with its text and history. Throws StorageError 'gone' where there is none, or it is deleted. */
export function loadPiece(id: string, db = database()): Promise<StoredPiece> {
  return guarded(async () => {
    const [piece, text] = await Promise.all([db.pieces.get(id), db.texts.get(id)]);
    if (!piece || !text || piece.deletedAt !== undefined) throw new StorageError('gone');
    if ((await readPieceRows([piece])).bad.length > 0) throw new StorageError('unreadable');
    const [history, versions, typing, answers, declined] = await Promise.all([
      loadHistory(id, db),
      listVersions(id, db),
      loadTyping(id, db),
      loadAnswers(id, db),
      loadDeclined(id, db),
    ]);
    return {
      piece,
      source: text.source,
      layout: text.layout,
      origin: text.origin,
      history,
      versions,
      typing,
      answers,
      declined,
    };
  });
}

/** The steps of a piece and how many are in force. */
export function loadHistory(id: string, db = database()): Promise<History> {
  return guarded(async () => {
    const piece = await db.pieces.get(id);
    if (!piece) throw new StorageError('gone');
    const records = await db.steps.where('[pieceId+seq]').between([id, 0], [id, piece.stepCount]).toArray();
    const steps = records.map(({ step }) => step);
    if (!steps.every(isKnownStep)) throw new StorageError('newer');
    return { steps, at: piece.at };
  });
}

/**
 * Stores steps taken one after the other, the first when `at` steps were in force; undone steps beyond are forgotten. The answers they
 * came of, by the keys of their doubts, are in them from then on. Where another tab has moved on since, the steps are taken after that
 * tab's, and `merged` is told: choices hold whatever came before them.
 */
export function appendSteps(
  id: string,
  at: number,
  steps: readonly Step[],
  answered: readonly string[],
  now: number,
  db = database(),
): Promise<{ readonly merged: boolean }> {
  return storing(db, () =>
    db.transaction('rw', db.pieces, db.steps, db.notes, async () => {
      const piece = await db.pieces.get(id);
      if (!piece) throw new StorageError('gone');
      const first = piece.at;
      const end = first + steps.length;
      // Asked for at once: each turn that one waits for is long where the page has much to draw.
      await Promise.all([
        // What was being typed is in these steps, or is noted again at the next letter.
        db.notes.bulkDelete([typingKey(id), ...answered.map((key) => answerKey(id, key))]),
        piece.stepCount > end && db.steps.where('[pieceId+seq]').between([id, end], [id, Infinity]).delete(),
        db.steps.bulkPut(steps.map((step, nth) => ({ pieceId: id, seq: first + nth, step }))),
        db.pieces.put({ ...piece, at: end, stepCount: end, changedAt: now }),
      ]);
      return { merged: first !== at };
    }),
  );
}

/**
 * Stores an undo or redo: from now on `to` steps are in force. Throws StorageError 'outrun', storing nothing, where another tab has
 * moved on since.
 */
export function moveInHistory(id: string, from: number, to: number, now: number, db = database()): Promise<void> {
  return guarded(() =>
    db.transaction('rw', db.pieces, async () => {
      const piece = await db.pieces.get(id);
      if (!piece) throw new StorageError('gone');
      if (piece.at !== from || to < 0 || to > piece.stepCount) throw new StorageError('outrun');
      await db.pieces.update(id, { at: to, changedAt: now });
    }),
  );
}

export function renamePiece(id: string, title: string, now: number, db = database()): Promise<void> {
  return update(id, { title, changedAt: now }, db);
}

/** Keeps what the last cleaning said, for the desk. Does not count as a change by the person. */
export function noteCleaning(
  id: string,
  note: Pick<PieceRecord, 'words' | 'doubts' | 'kind'>,
  db = database(),
): Promise<void> {
  return update(id, note, db);
}

export function deletePiece(id: string, now: number, db = database()): Promise<void> {
  return update(id, { deletedAt: now }, db);
}

export function restorePiece(id: string, db = database()): Promise<void> {
  return update(id, { deletedAt: undefined }, db);
}

function update(id: string, change: Partial<PieceRecord>, db: Database): Promise<void> {
  return guarded(async () => {
    if ((await db.pieces.update(id, change)) === 0 && !(await db.pieces.get(id))) throw new StorageError('gone');
  });
}
