import type { GivenAnswer, Typing } from '../../../../storage/notes.ts';

/** What was under way when the page went, and is in no step. Each is given once: it must not be done again at the next screen. */
export interface LostWork {
  takeTyping(): Typing | undefined;
  takeAnswers(): readonly GivenAnswer[];
}

export function lostWork(typing: Typing | undefined, answers: readonly GivenAnswer[]): LostWork {
  let left = { typing, answers };
  return {
    takeTyping() {
      const { typing: taken } = left;
      left = { ...left, typing: undefined };
      return taken;
    },
    takeAnswers() {
      const { answers: taken } = left;
      left = { ...left, answers: [] };
      return taken;
    },
  };
}
