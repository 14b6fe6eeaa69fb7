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

/** Starts a worker; `ruleLimit` in ms. */
export function startCleaning(ruleLimit = RULE_LIMIT): CleanClient {
  const worker = new Worker(new URL('./clean.worker.ts', import.meta.url), { type: 'module' });
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
