import {
  createPiece,
  deletePiece,
  listPieces,
  renamePiece,
  restorePiece,
  type ListedPieces,
} from '../../../storage/pieces.ts';
import { USUAL_SHAPE, type OutputShape } from '../../../core/index.ts';
import type { StyleRecord } from '../../../storage/db.ts';
import { loadShape } from '../../../storage/preferences.ts';
import { listStyles } from '../../../storage/styles.ts';
import { loadDraft, saveDraft } from '../../../storage/notes.ts';
import { StorageError, type StorageProblem } from '../../../storage/errors.ts';
import { askToKeep, readRoom, type Room } from '../../../storage/room.ts';
import { release, textOf, type Taken } from '../../incoming/handover.ts';

export interface DeskData extends ListedPieces {
  readonly draft: string;
  /** When this was loaded, ms since the epoch. */
  readonly now: number;
  readonly problem?: StorageProblem;
  readonly styles: readonly StyleRecord[];
  /** How clean text went out last. */
  readonly shape: OutputShape;
  /** How much room the browser gives, where it says so. */
  readonly room?: Room;
}

/** What the desk shows. A browser that keeps no data still gets a desk, with the problem said. */
export async function loadDesk(): Promise<DeskData> {
  const now = Date.now();
  try {
    const [listed, draft, room, styles, shape] = await Promise.all([
      listPieces(now),
      loadDraft(),
      readRoom(),
      listStyles(now),
      loadShape(),
    ]);
    return { ...listed, draft, now, styles, shape, ...(room && { room }) };
  } catch (error) {
    const problem = problemOf(error);
    return { pieces: [], unreadable: [], draft: '', now, styles: [], shape: USUAL_SHAPE, problem };
  }
}

/** The desk's writes, said in the address: `intent`, `id`, `title`, and the key of a `text` that was handed over. */
export async function actOnDesk(request: Request): Promise<Taken> {
  const said = new URL(request.url).searchParams;
  const id = said.get('id') ?? '';
  const title = said.get('title') ?? '';
  const text = said.get('text') ?? '';
  try {
    switch (said.get('intent')) {
      case 'create': {
        const created = await createPiece(textOf(text), title, Date.now());
        release(text);
        // From the first piece on there is something to lose.
        void askToKeep();
        if (said.has('fromDraft')) await saveDraft('');
        return { ok: true, created };
      }
      case 'sample':
        return { ok: true, created: await createPiece({ source: await fetchSample(id) }, title, Date.now()) };
      case 'draft':
        await saveDraft(textOf(text).source).finally(() => release(text));
        return { ok: true };
      case 'rename':
        await renamePiece(id, title, Date.now());
        return { ok: true };
      case 'delete':
        await deletePiece(id, Date.now());
        return { ok: true };
      case 'restore':
        await restorePiece(id);
        return { ok: true };
      default:
        throw new Response('Unknown intent', { status: 400 });
    }
  } catch (error) {
    if (error instanceof StorageError) return { ok: false, problem: error.problem, again: `/?${said}` };
    throw error;
  }
}

async function fetchSample(id: string): Promise<string> {
  const response = await fetch(`/samples/${encodeURIComponent(id)}`);
  if (!response.ok) throw new Response('There is no such sample.', { status: response.status });
  return response.text();
}

function problemOf(error: unknown): StorageProblem {
  return error instanceof StorageError ? error.problem : 'unknown';
}
