import { useEffect, useMemo, useState } from 'react';
import { readingsOf, type Step } from '../../../../core/index.ts';
import type { PieceView } from '../state/piece-context.ts';
import { stepWords, type Lines } from './step-words.ts';
import { ignoreClosedWorker } from '../state/ignore-closed-worker.ts';

/** What the steps from a place up to another are called, in their order; without their lines until these are known. */
export function useStepNames(
  { decisions, sourceAsItCame }: Pick<PieceView, 'decisions' | 'sourceAsItCame'>,
  ready: PieceView['ready'] | undefined,
  from: number,
  to: number,
): readonly string[] {
  const { history, reading, style } = decisions;
  const steps = useMemo(() => history.steps.slice(from, to), [history.steps, from, to]);
  const texts = useMemo(
    () =>
      readingsOf(history.steps)
        .slice(from, to)
        .map((of) => of?.text),
    [history.steps, from, to],
  );
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
  return steps.map((step, at) => {
    // The worker counts the lines of the text that is shown; those of another reading are not told.
    const lines = known?.steps === steps && texts[at] === reading?.text ? known.lines[at] : undefined;
    return stepWords(step, lines, style, texts[at] ?? sourceAsItCame);
  });
}
