import { useEffect } from 'react';
import { ignoreClosedWorker } from '../state/ignore-closed-worker.ts';
import type { PieceView } from '../state/piece-context.ts';

/** Makes steps of the answers that were on their way when the page went, once; an answer whose doubt is settled makes none. */
export function useRecoveredAnswers(piece: Pick<PieceView, 'ready' | 'decisions' | 'lost' | 'answered'>): void {
  const { ready, decisions, lost, answered } = piece;
  const { client } = ready;
  const { take } = decisions;
  useEffect(() => {
    const answers = lost.takeAnswers();
    const recover = async () => {
      for (const { key, answer, alike } of answers) {
        const { step } = await client.doubts.answer(key, answer, alike, 'reading', [], []);
        if (step) take(step);
        answered(key);
      }
    };
    recover().catch(ignoreClosedWorker);
  }, [client, take, answered, lost]);
}
