/** Work that was begun and whose end others wait for, such as answers that the worker has not yet taken. */
export interface UnderWay {
  add(work: Promise<unknown>): void;
  /** Resolves when nothing is under way, however it ended. */
  ended(): Promise<void>;
}

export function underWay(): UnderWay {
  const works = new Set<Promise<unknown>>();
  return {
    add(work) {
      const end = () => works.delete(work);
      works.add(work);
      work.then(end, end);
    },
    async ended() {
      while (works.size > 0) await Promise.allSettled(works);
    },
  };
}
