import { proxy, wrap, type Remote } from 'comlink';
import type { Choice, RowView, Stage, Style } from '../core/index.ts';
import type { CleanCopy, CleanService, Summary } from './protocol.ts';

/** A cleaning that runs in a worker of its own. `close` stops it at once, whatever it is doing. */
export interface CleanClient {
  open(source: string, style: Style, choices: readonly Choice[], onStage: (stage: Stage) => void): Promise<Summary>;
  change(style: Style, choices: readonly Choice[]): Promise<Summary>;
  rows(from: number, to: number): Promise<RowView[]>;
  copy(): Promise<CleanCopy>;
  wouldDo(): Promise<Readonly<Record<string, number>> | undefined>;
  close(): void;
}

export function startCleaning(): CleanClient {
  const worker = new Worker(new URL('./clean.worker.ts', import.meta.url), { type: 'module' });
  const remote: Remote<CleanService> = wrap<CleanService>(worker);
  // A worker that fails to load or runs out of memory answers nothing; its error must reach whoever waits.
  const failed = new Promise<never>((_resolve, reject) => {
    worker.addEventListener('error', (event) => {
      event.preventDefault();
      reject(new Error(event.message || 'the cleaning worker stopped'));
    });
  });
  failed.catch(() => undefined);
  const settle = <T>(work: Promise<T>) => Promise.race([work, failed]);
  return {
    open: (source, style, choices, onStage) => settle(remote.open(source, style, choices, proxy(onStage))),
    change: (style, choices) => settle(remote.change(style, choices)),
    rows: (from, to) => settle(remote.rows(from, to)),
    copy: () => settle(remote.copy()),
    wouldDo: () => settle(remote.wouldDo()),
    close: () => worker.terminate(),
  };
}
