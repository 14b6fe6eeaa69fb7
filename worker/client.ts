import { proxy, wrap } from 'comlink';
import type { Stage } from '../core/index.ts';
import type { CleaningService, Decided, Patch, Progress, Services, SourceText } from './protocol.ts';

/** A service as it is asked from another thread: each answer is a promise. */
type Asked<Service> = {
  [Name in keyof Service]: Service[Name] extends (...asked: infer Arguments) => infer Answer
    ? (...asked: Arguments) => Promise<Awaited<Answer>>
    : never;
};

/** A cleaning that runs in a worker of its own. `close` stops it at once, whatever it is doing. */
export interface CleanClient extends Asked<Omit<CleaningService, 'open' | 'change'>> {
  readonly doubts: Asked<Services['doubts']>;
  readonly findings: Asked<Services['findings']>;
  readonly ledger: Asked<Services['ledger']>;
  readonly shapes: Asked<Services['shapes']>;
  open(text: SourceText, decided: Decided, onStage: (stage: Stage) => void): Promise<Patch>;
  change(decided: Decided): Promise<Patch>;
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

/** The worker that waits for a text, if one was started ahead of it. */
const ahead: { worker?: Worker | undefined } = {};

function startWorker(): Worker {
  return new Worker(new URL('./clean.worker.ts', import.meta.url), { type: 'module' });
}

/** Starts a worker that the next cleaning takes: loading the program takes longer than cleaning a page. */
export function startCleaningAhead(): void {
  if (ahead.worker) return;
  const worker = startWorker();
  ahead.worker = worker;
  // One that cannot load is no use to anyone; the cleaning that starts its own says what is wrong.
  worker.addEventListener('error', () => {
    if (ahead.worker === worker) ahead.worker = undefined;
  });
}

function takeWorker(): Worker {
  const { worker } = ahead;
  ahead.worker = undefined;
  return worker ?? startWorker();
}

/** Starts a cleaning, in the worker that was started ahead if there is one; `ruleLimit` in ms. */
export function startCleaning(ruleLimit = RULE_LIMIT): CleanClient {
  const worker = takeWorker();
  const remote = wrap<Services>(worker) as unknown as { readonly [Name in keyof Services]: Asked<Services[Name]> };
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

  /** Your rules are watched from here, since the worker cannot stop an expression that does not end. */
  const watched = async (
    work: (onProgress: (progress: Progress) => void) => Promise<Patch>,
    onStage?: (stage: Stage) => void,
  ): Promise<Patch> => {
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

  /** The service of that name; whatever is asked of it fails when the worker does. */
  const service = <Name extends keyof Services>(name: Name): Asked<Services[Name]> =>
    new Proxy({} as Asked<Services[Name]>, {
      get: (_target, asked) =>
        // A promise's own question: a service is none.
        asked === 'then'
          ? undefined
          : (...given: unknown[]) => settle((remote[name] as Record<string | symbol, Call>)[asked]!(...given)),
    });
  const cleaning = service('cleaning');

  return Object.assign(Object.create(cleaning) as typeof cleaning, {
    doubts: service('doubts'),
    findings: service('findings'),
    ledger: service('ledger'),
    shapes: service('shapes'),
    open: (text: SourceText, decided: Decided, onStage: (stage: Stage) => void) =>
      watched((onProgress) => remote.cleaning.open(text, decided, onProgress), onStage),
    change: (decided: Decided) => watched((onProgress) => remote.cleaning.change(decided, onProgress)),
    close: () => worker.terminate(),
  });
}

type Call = (...given: unknown[]) => Promise<unknown>;
