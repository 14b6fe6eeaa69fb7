/** Tells the other tabs of this browser what was stored, so that they can show it. */
interface Change {
  readonly pieceId: string;
}

const CHANNEL = 'lucid-ribbon';
const shared: { channel?: BroadcastChannel } = {};

/** A tab is not told of its own changes. */
function channel(): BroadcastChannel | undefined {
  if (typeof BroadcastChannel === 'undefined') return undefined;
  return (shared.channel ??= new BroadcastChannel(CHANNEL));
}

export function announceChange(pieceId: string): void {
  channel()?.postMessage({ pieceId } satisfies Change);
}

/** Calls back when another tab has changed a piece; gives the way to stop. */
export function onChange(pieceId: string, tell: () => void): () => void {
  const own = channel();
  const listen = (event: MessageEvent<Change>) => {
    if (event.data.pieceId === pieceId) tell();
  };
  own?.addEventListener('message', listen);
  return () => own?.removeEventListener('message', listen);
}
