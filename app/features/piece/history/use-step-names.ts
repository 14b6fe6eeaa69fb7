import { useEffect, useState } from 'react';
import type { Step } from '../../../../core/index.ts';
import type { PieceView } from '../state/piece-context.ts';
import { stepWords, type Lines } from './step-words.ts';
import { ignoreClosedWorker } from '../state/ignore-closed-worker.ts';

/** What some steps are called, in their order; without their lines until these are known. */
export function useStepNames(
  { decisions, source }: Pick<PieceView, 'decisions' | 'source'>,
  ready: PieceView['ready'] | undefined,
  steps: readonly Step[],
): readonly string[] {
  const [known, setKnown] = useState<{ readonly steps: readonly Step[]; readonly lines: readonly Lines[] }>();
  const client = ready?.client;
  useEffect(() => {
    if (!client || steps.length === 0) return undefined;
    let isCurrent = true;
    client.stepLines(steps).then((lines) => isCurrent && setKnown({ steps, lines }), ignoreClosedWorker);
    return () => {
      isCurrent = false;
    };
  }, [client, steps]);
  return steps.map((step, at) =>
    stepWords(step, known?.steps === steps ? known.lines[at] : undefined, decisions.style, source),
  );
}
