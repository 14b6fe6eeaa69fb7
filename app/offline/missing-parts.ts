/** When the page was last loaded anew for a missing part, ms since the epoch. */
const NOTED = 'loaded-anew';
/** Sooner than this it is not done again, ms: then loading does not help. */
const NOT_AGAIN_WITHIN = 30_000;

/**
 * A page that stays open over a new build of the server misses parts that it fetches late. It loads anew, once, if the server is
 * there; what was typed is stored by then, or the browser asks.
 */
export function loadAnewForMissingParts(): void {
  addEventListener('vite:preloadError', () => {
    const last = Number(sessionStorage.getItem(NOTED) ?? 0);
    if (Date.now() - last < NOT_AGAIN_WITHIN) return;
    void fetch('/theme.js', { cache: 'no-store' }).then(
      ({ ok }) => {
        if (!ok) return;
        sessionStorage.setItem(NOTED, String(Date.now()));
        location.reload();
      },
      () => undefined,
    );
  });
}
