/** The file that is being read, and the share of it that is, from 0 to 1. */
export interface Reading {
  readonly name: string;
  readonly share: number;
}

/** How far the reading is; undefined while nothing is read. Only what shows it is drawn anew as it goes on. */
export interface ReadingProgress {
  get(): Reading | undefined;
  set(reading: Reading | undefined): void;
  /** Gives what ends the listening. */
  listen(heard: () => void): () => void;
}

export function readingProgress(): ReadingProgress {
  let now: Reading | undefined;
  const listeners = new Set<() => void>();
  return {
    get: () => now,
    set(reading) {
      now = reading;
      for (const heard of listeners) heard();
    },
    listen(heard) {
      listeners.add(heard);
      return () => listeners.delete(heard);
    },
  };
}
