/** Calls once the page has nothing else to do. Gives what calls it off. */
export function whenIdle(work: () => void): () => void {
  // Safari has no such call.
  if (!('requestIdleCallback' in globalThis)) {
    const clock = setTimeout(work, WITHOUT_IDLE);
    return () => clearTimeout(clock);
  }
  const handle = requestIdleCallback(work, { timeout: AT_LATEST });
  return () => cancelIdleCallback(handle);
}

/** How long a browser that does not tell when it is idle is left alone, ms. */
const WITHOUT_IDLE = 300;
/** A page that never rests still gets its work done, ms. */
const AT_LATEST = 3000;
