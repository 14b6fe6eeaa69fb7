import type { ShouldRevalidateFunctionArgs } from 'react-router';
import { StorageError } from '../../storage/errors.ts';
import { loadPiece } from '../../storage/pieces.ts';
import { listStyles } from '../../storage/styles.ts';
import { loadKeys, loadShape } from '../../storage/preferences.ts';
import { actOnPiece, type PieceWrite } from '../features/piece/state/piece-actions.ts';
import { PieceScreen } from '../features/piece/piece-screen.tsx';
import { Working } from '../features/piece/working.tsx';
import { STORAGE_WORDS } from '../storage-words.ts';
import { Failure } from '../ui/failure.tsx';
import type { Route } from './+types/piece.ts';

export function meta({ loaderData }: Route.MetaArgs) {
  const title = loaderData?.stored?.piece.title;
  return [{ title: title ? `${title} · Lucid Ribbon` : 'Lucid Ribbon' }];
}

export async function clientLoader({ params }: Route.ClientLoaderArgs) {
  try {
    const [stored, keys, shape, styles] = await Promise.all([
      loadPiece(params.id),
      loadKeys(),
      loadShape(),
      listStyles(Date.now()),
    ]);
    return { stored, keys, shape, styles };
  } catch (error) {
    if (error instanceof StorageError) return { problem: error.problem };
    throw error;
  }
}
clientLoader.hydrate = true as const;

export async function clientAction({ params, request }: Route.ClientActionArgs) {
  return actOnPiece(params.id, (await request.json()) as readonly PieceWrite[]);
}

/** The screen already shows what it writes; only another piece, or a call for it, loads anew. */
export function shouldRevalidate(call: ShouldRevalidateFunctionArgs) {
  const { formMethod, currentParams, nextParams, defaultShouldRevalidate } = call;
  return formMethod && currentParams['id'] === nextParams['id'] ? false : defaultShouldRevalidate;
}

export function HydrateFallback() {
  return <Working />;
}

export default function PieceRoute({ loaderData }: Route.ComponentProps) {
  if (!loaderData || 'problem' in loaderData) {
    const words = STORAGE_WORDS[loaderData?.problem ?? 'unknown'];
    return <Failure title={words.text} advice={words.detail} />;
  }
  const { stored, keys, shape, styles } = loaderData;
  return <PieceScreen key={stored.piece.id} stored={stored} keys={keys} shape={shape} styles={styles} />;
}
