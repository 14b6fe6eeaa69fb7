import { clearLine, cursorTo } from 'node:readline';

export interface Progress {
  /** One more is done. `now` in ms. */
  next(failed: boolean, now: number): void;
  /** Takes the line away, so that something else can be said. */
  clear(): void;
}

const SHOWN_EVERY = 100;

/** How far the work is, in one line of a terminal that is written over. Says nothing where there is no terminal, or one file. */
export function openProgress(all: number, stream: NodeJS.WriteStream = process.stderr): Progress {
  if (!stream.isTTY || all < 2) return { next: () => {}, clear: () => {} };
  let done = 0;
  let failures = 0;
  let shownAt = 0;
  const clear = () => {
    cursorTo(stream, 0);
    clearLine(stream, 0);
  };
  return {
    clear,
    next: (failed, now) => {
      done++;
      if (failed) failures++;
      if (now - shownAt < SHOWN_EVERY && done < all) return;
      shownAt = now;
      clear();
      stream.write(`${done} of ${all}${failures > 0 ? `, ${failures} failed` : ''}`);
    },
  };
}
