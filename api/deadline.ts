/** How a piece of work was given up. */
export type GivenUp = 'too-slow' | 'gone';

/**
 * Does work that can be given up: after so many ms, or when whoever asked for it goes away. Gives what the work gives, or how it was
 * given up.
 */
export async function withDeadline<T>(
  asker: AbortSignal,
  ms: number,
  work: (signal: AbortSignal) => Promise<T>,
): Promise<{ readonly done: T } | { readonly givenUp: GivenUp }> {
  const controller = new AbortController();
  let givenUp: GivenUp | undefined;
  const giveUp = (how: GivenUp) => {
    givenUp ??= how;
    controller.abort();
  };
  const goes = () => giveUp('gone');
  const timer = setTimeout(() => giveUp('too-slow'), ms);
  asker.addEventListener('abort', goes);
  if (asker.aborted) goes();
  try {
    return { done: await work(controller.signal) };
  } catch (error) {
    if (givenUp === undefined) throw error;
    return { givenUp };
  } finally {
    clearTimeout(timer);
    asker.removeEventListener('abort', goes);
  }
}
