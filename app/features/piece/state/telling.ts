import type { History } from '../../../../core/index.ts';

/** Which history the worker was told last, and who waits until it knows all. */
export interface Telling {
  tell(history: History): void;
  /** Resolves when the worker was told of the latest history; it may grow in the meantime. */
  untilTold(latest: () => History): Promise<void>;
}

export function telling(): Telling {
  let told: History | undefined;
  let waiting: readonly (() => void)[] = [];
  return {
    tell(history) {
      told = history;
      const woken = waiting;
      waiting = [];
      for (const go of woken) go();
    },
    async untilTold(latest) {
      while (told !== latest()) await new Promise<void>((go) => (waiting = [...waiting, go]));
    },
  };
}
