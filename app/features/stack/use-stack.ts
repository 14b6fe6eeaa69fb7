import { useEffect, useState, useSyncExternalStore } from 'react';
import { USUAL_STYLE } from '../../../core/index.ts';
import type { StyleRecord } from '../../../storage/db.ts';
import {
  addToStack,
  bytesOnStack,
  loadStack,
  removeFromStack,
  saveOnStack,
  saveStackSettings,
  type StackSettings,
} from '../../../storage/stack.ts';
import { openStackPool } from '../../../worker/stack-pool.ts';
import { startStack, type StackRun, type StackState } from './stack-run.ts';

export interface StackInHand {
  readonly run: StackRun;
  readonly state: StackState;
}

/** The id in the place of a style where each text takes the one that is meant for it. */
export const FITTING = '';

/** The styles for texts that each take their own: the usual one for those that none is meant for. */
export function fittingStyles(own: readonly StyleRecord[]): StackSettings['styles'] {
  return [USUAL_STYLE, ...own].map(bare);
}

/** A style as the stack keeps it. */
export function bare({
  id,
  name,
  style,
  output,
  for: texts,
}: StackSettings['styles'][number]): StackSettings['styles'][number] {
  return { id, name, style, ...(output && { output }), ...(texts && { for: texts }) };
}

const STORE = {
  add: addToStack,
  bytes: bytesOnStack,
  save: saveOnStack,
  remove: removeFromStack,
  saveSettings: saveStackSettings,
};

/**
 * The stack, at work for as long as the screen is there. Only one tab works on it: 'elsewhere' until the other one is closed;
 * undefined before it is read.
 */
export function useStack(own: readonly StyleRecord[]): StackInHand | 'elsewhere' | undefined {
  const [run, setRun] = useState<StackRun | 'elsewhere'>();
  useEffect(() => {
    const ended = new AbortController();
    const begin = async () => {
      const stored = await loadStack();
      if (ended.signal.aborted) return;
      const usual = { chosen: FITTING, styles: fittingStyles(own), answers: [] };
      const begun = startStack(stored, usual, STORE, openStackPool());
      setRun(begun);
      await new Promise<void>((done) => ended.signal.addEventListener('abort', () => done()));
      begun.close();
    };
    void alone(begin, () => setRun('elsewhere'), ended.signal);
    return () => ended.abort();
    // Styles that change later are for what is chosen later.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, []);
  const state = useSyncExternalStore(
    (onChange) => (run && run !== 'elsewhere' ? run.subscribe(onChange) : () => undefined),
    () => (run && run !== 'elsewhere' ? run.now() : undefined),
    () => undefined,
  );
  return run === 'elsewhere' || !run || !state ? (run as 'elsewhere' | undefined) : { run, state };
}

/** Does work once no other tab is at it. Browsers tell of other tabs on secure pages alone. */
async function alone(work: () => Promise<void>, onWait: () => void, signal: AbortSignal): Promise<void> {
  const { locks } = navigator as { locks?: LockManager };
  if (!locks) return work();
  try {
    const isFree = await locks.request('stack', { ifAvailable: true }, async (lock) => {
      if (lock) await work();
      return lock !== null;
    });
    if (isFree || signal.aborted) return;
    onWait();
    await locks.request('stack', { signal }, work);
  } catch (error) {
    if (!signal.aborted) throw error;
  }
}
