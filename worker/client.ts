import { proxy, wrap, type Remote } from 'comlink';
import type { Choice, Stage, Step, Style } from '../core/index.ts';
import type { CleanService, Progress, Summary } from './protocol.ts';

/** What the worker answers, each as a promise. */
type Answers = {
  [K in keyof Omit<CleanService, 'open' | 'change'>]: (
    ...asked: Parameters<CleanService[K]>
  ) => Promise<Awaited<ReturnType<CleanService[K]>>>;
};

/** A cleaning that runs in a worker of its own. `close` stops it at once, whatever it is doing. */
export interface CleanClient extends Answers {
  open(source: string, style: Style, choices: readonly Choice[], onStage: (stage: Stage) => void): Promise<Summary>;
  change(style: Style, choices: readonly Choice[]): Promise<Summary>;
  close(): void;
}

/** An own rule that did not end within the limit; the worker was stopped, and everything that was asked of it fails so. */
export class SlowRuleError extends Error {
  readonly rule: string;

  constructor(rule: string) {
    super(`the rule ${rule} takes too long`);
    this.name = 'SlowRuleError';
    this.rule = rule;
  }
}

/** How long one own rule may work, ms. */
export const RULE_LIMIT = 4000;

/** Starts a worker; `ruleLimit` in ms. */
export function startCleaning(ruleLimit = RULE_LIMIT): CleanClient {
  const worker = new Worker(new URL('./clean.worker.ts', import.meta.url), { type: 'module' });
  const remote: Remote<CleanService> = wrap<CleanService>(worker);
  let fail: (reason: Error) => void = () => undefined;
  // A worker that fails to load, runs out of memory or was stopped answers nothing; the error must reach whoever waits.
  const failed = new Promise<never>((_resolve, reject) => {
    fail = reject;
    worker.addEventListener('error', (event) => {
      event.preventDefault();
      reject(new Error(event.message || 'the cleaning worker stopped'));
    });
  });
  failed.catch(() => undefined);
  const settle = <T>(work: Promise<T>) => Promise.race([work, failed]);

  /** Own rules are watched from here, since the worker cannot stop an expression that does not end. */
  const watched = async (
    work: (onProgress: (progress: Progress) => void) => Promise<Summary>,
    onStage?: (stage: Stage) => void,
  ): Promise<Summary> => {
    let clock: ReturnType<typeof setTimeout> | undefined;
    const onProgress = ({ stage, rule }: Progress) => {
      if (stage) onStage?.(stage);
      clearTimeout(clock);
      if (rule === undefined) return;
      clock = setTimeout(() => {
        worker.terminate();
        fail(new SlowRuleError(rule));
      }, ruleLimit);
    };
    try {
      return await settle(work(proxy(onProgress)));
    } finally {
      clearTimeout(clock);
    }
  };

  return {
    open: (source, style, choices, onStage) =>
      watched((onProgress) => remote.open(source, style, choices, onProgress), onStage),
    change: (style, choices) => watched((onProgress) => remote.change(style, choices, onProgress)),
    rows: (from, to) => settle(remote.rows(from, to)),
    editRow: (row, edit) => settle(remote.editRow(row, edit)),
    textBetween: (from, to) => settle(remote.textBetween(from, to)),
    portion: (portion) => settle(remote.portion(portion)),
    portionStep: (portion, action) => settle(remote.portionStep(portion, action) as Promise<Step | undefined>),
    editAt: (place) => settle(remote.editAt(place)),
    stetAt: (place, alike) => settle(remote.stetAt(place, alike) as Promise<Step | undefined>),
    stepLines: (steps) => settle(remote.stepLines(steps)),
    compare: (style, choices) => settle(remote.compare(style, choices)),
    read: (from, to) => settle(remote.read(from, to)),
    copy: () => settle(remote.copy()),
    text: () => settle(remote.text()),
    sourceRanges: (ranges) => settle(remote.sourceRanges(ranges)),
    rangeOfLines: (first, last) => settle(remote.rangeOfLines(first, last)),
    offPassCounts: () => settle(remote.offPassCounts()),
    nextDoubt: (order, putOff) => settle(remote.nextDoubt(order, putOff)),
    answerDoubt: (key, answer, alike, order, putOff) => settle(remote.answerDoubt(key, answer, alike, order, putOff)),
    findings: () => settle(remote.findings()),
    repeatedStep: (text, action) => settle(remote.repeatedStep(text, action) as Promise<Step | undefined>),
    ledger: (filter) => settle(remote.ledger(filter)),
    ledgerLines: (filter, from, to) => settle(remote.ledgerLines(filter, from, to)),
    ledgerStep: (filter, action, entries) =>
      settle(remote.ledgerStep(filter, action, entries) as Promise<Step | undefined>),
    ledgerExport: (filter, format) => settle(remote.ledgerExport(filter, format)),
    close: () => worker.terminate(),
  };
}
