import type { JobPlan, OutputId, StandingAnswer } from '../../../core/index.ts';
import { USUAL_PLAN } from '../../../core/index.ts';
import type { StackFile, StackProblem, StackSettings, StoredStack } from '../../../storage/stack.ts';
import { GivenUpError, type StackPool } from '../../../worker/stack-pool.ts';
import type { Stacked, StackOpened, StackService, StackTask } from '../../../worker/stack-service.ts';

/** What the stack keeps its files in; tests have another. */
export interface StackStore {
  add(files: readonly { readonly name: string; readonly blob: Blob }[]): Promise<StackFile[]>;
  bytes(id: number): Promise<Blob | undefined>;
  save(files: readonly StackFile[]): Promise<void>;
  remove(ids: readonly number[]): Promise<void>;
  saveSettings(settings: StackSettings): Promise<void>;
}

/** The stack as it is now. A new one at each change; the files that did not change are the same. */
export interface StackState {
  readonly files: readonly StackFile[];
  /** Those that are being cleaned. */
  readonly working: ReadonlySet<number>;
  readonly settings: StackSettings;
  readonly isStopped: boolean;
  /** Files that are being put on the stack. */
  readonly taking?: { readonly done: number; readonly all: number };
}

/** A stack at work. What is asked of it shows at once, what its workers come to a few times a second. */
export interface StackRun {
  now(): StackState;
  /** Calls back at each change; gives what ends that. */
  subscribe(onChange: () => void): () => void;
  add(files: readonly { readonly name: string; readonly blob: Blob }[]): Promise<void>;
  /** Begins nothing more, and gives up what was begun. */
  stop(): void;
  goOn(): void;
  retry(ids: readonly number[]): void;
  /** Takes files off; gives what puts them back, behind the others. */
  remove(ids: readonly number[]): Promise<() => Promise<void>>;
  /** Takes all files off, and forgets the answers that were given for them; gives what brings both back. */
  clear(): Promise<() => Promise<void>>;
  /** Cleans all files anew, in another style. */
  choose(settings: Pick<StackSettings, 'chosen' | 'styles'>): Promise<void>;
  /** Settles doubts for all files, or no longer. */
  answer(answer: StandingAnswer): Promise<void>;
  withdraw(topic: string): Promise<void>;
  /** The clean text of a file, and its change record. Throws GivenUpError. */
  write(
    id: number,
    to: OutputId,
    wantsRecord: boolean,
  ): Promise<{ bytes: Uint8Array; record?: Uint8Array } | undefined>;
  open(id: number): Promise<StackOpened | undefined>;
  close(): void;
}

/** ms between two accounts of what the workers did, to the screen and to storage. */
const TOLD_EVERY = 300;
const STORED_EVERY = 500;
/** Files are put on the stack so many at a time. */
const TAKEN_TOGETHER = 20;
/** How long the cleaning of a file may take, ms: longer by so much for each byte. */
const SHORTEST_LIMIT = 60_000;
const LIMIT_A_BYTE = 0.02;

/** Files that wait, or were done in another way than is now asked for. */
export function isWaiting({ problem, result, isStale }: StackFile): boolean {
  return isStale === true || (problem === undefined && result === undefined);
}

export function startStack(stored: StoredStack, usual: StackSettings, store: StackStore, pool: StackPool): StackRun {
  const files = new Map(stored.files.map((file) => [file.id, file]));
  const working = new Set<number>();
  /** In the order in which they are begun. */
  const waiting = new Set(stored.files.filter(isWaiting).map(({ id }) => id));
  const listeners = new Set<() => void>();
  const unsaved = new Set<number>();
  let settings = stored.settings ?? usual;
  let taking: StackState['taking'];
  let isStopped = false;
  let stopper = new AbortController();
  let state = snapshot();
  let telling: ReturnType<typeof setTimeout> | undefined;
  let saving: ReturnType<typeof setTimeout> | undefined;

  function snapshot(): StackState {
    return { files: [...files.values()], working: new Set(working), settings, isStopped, ...(taking && { taking }) };
  }

  function tell(): void {
    clearTimeout(telling);
    telling = undefined;
    state = snapshot();
    for (const listener of listeners) listener();
  }

  const tellSoon = () => (telling ??= setTimeout(tell, TOLD_EVERY));

  function put(file: StackFile): void {
    if (!files.has(file.id)) return;
    files.set(file.id, file);
    if (isWaiting(file)) waiting.add(file.id);
    else waiting.delete(file.id);
    unsaved.add(file.id);
    saving ??= setTimeout(() => void save(), STORED_EVERY);
    tellSoon();
  }

  async function save(): Promise<void> {
    clearTimeout(saving);
    saving = undefined;
    const changed = [...unsaved].flatMap((id) => files.get(id) ?? []);
    unsaved.clear();
    // What cannot be stored is worked out again after a reload.
    await store.save(changed).catch(() => undefined);
  }

  async function taskOf(file: StackFile): Promise<StackTask | undefined> {
    const blob = await store.bytes(file.id);
    return blob && { blob, name: file.name, plan: planOf(settings), answers: settings.answers };
  }

  /** Begins as many files as there are workers for. */
  function pump(): void {
    if (isStopped) return;
    for (const id of waiting) {
      if (working.size >= pool.size) return;
      if (!working.has(id)) void work(files.get(id)!);
    }
  }

  async function work(file: StackFile): Promise<void> {
    const asked = settings;
    working.add(file.id);
    tellSoon();
    const done = await cleaned(file);
    working.delete(file.id);
    // What was asked for meanwhile is done next.
    if (done && asked === settings) put(done);
    else tellSoon();
    pump();
  }

  /** A file with what came of it; undefined where it was stopped. */
  async function cleaned({ id, name, size }: StackFile): Promise<StackFile | undefined> {
    const bare = { id, name, size };
    const begun = performance.now();
    try {
      const task = await taskOf(bare);
      if (!task) return { ...bare, problem: 'damaged' };
      const done = await pool.run((service) => service.clean(task), limitOf(size), stopper.signal);
      if (!done.ok) return { ...bare, problem: done.problem };
      const { kind, words, doubts, questions, style, failed } = done;
      const time = Math.round(performance.now() - begun);
      return { ...bare, result: { kind, words, doubts, questions, style, time, ...(failed.length > 0 && { failed }) } };
    } catch (error) {
      if (stopper.signal.aborted || isStopped) return undefined;
      return { ...bare, problem: problemOf(error) };
    }
  }

  async function change(next: StackSettings, isConcerned: (file: StackFile) => boolean): Promise<void> {
    settings = next;
    for (const file of files.values()) if (isConcerned(file)) put({ ...file, isStale: true });
    tell();
    pump();
    await store.saveSettings(next);
  }

  async function add(incoming: readonly { readonly name: string; readonly blob: Blob }[]): Promise<void> {
    try {
      for (let at = 0; at < incoming.length; at += TAKEN_TOGETHER) {
        taking = { done: at, all: incoming.length };
        if (at === 0) tell();
        else tellSoon();
        for (const file of await store.add(incoming.slice(at, at + TAKEN_TOGETHER))) {
          files.set(file.id, file);
          waiting.add(file.id);
        }
        pump();
      }
    } finally {
      taking = undefined;
      tell();
    }
  }

  async function remove(ids: readonly number[]): Promise<() => Promise<void>> {
    const taken = ids.flatMap((id) => files.get(id) ?? []);
    for (const { id } of taken) {
      files.delete(id);
      waiting.delete(id);
    }
    tell();
    // The browser keeps bytes for as long as something holds on to them.
    const blobs = await Promise.all(taken.map(({ id }) => store.bytes(id)));
    await store.remove(ids);
    return () => add(taken.flatMap(({ name }, at) => (blobs[at] ? [{ name, blob: blobs[at] }] : [])));
  }

  async function asked<T>(
    id: number,
    ask: (service: StackService, task: StackTask) => Promise<Stacked<T>>,
  ): Promise<T | undefined> {
    const file = files.get(id);
    const task = file && (await taskOf(file));
    if (!task) return undefined;
    const signal = new AbortController().signal;
    const done = await pool.run((service) => ask(service, task), limitOf(file.size), signal);
    return done.ok ? done : undefined;
  }

  pump();
  return {
    now: () => state,
    subscribe(onChange) {
      listeners.add(onChange);
      return () => void listeners.delete(onChange);
    },
    add,
    stop() {
      isStopped = true;
      stopper.abort();
      tell();
    },
    goOn() {
      isStopped = false;
      stopper = new AbortController();
      tell();
      pump();
    },
    retry(ids) {
      for (const id of ids) {
        const file = files.get(id);
        if (file) put({ id, name: file.name, size: file.size });
      }
      tell();
      pump();
    },
    remove,
    async clear() {
      const { answers } = settings;
      const putBack = await remove([...files.keys()]);
      await change({ ...settings, answers: [] }, () => false);
      return async () => {
        await change({ ...settings, answers }, () => true);
        await putBack();
      };
    },
    choose: (style) => change({ ...settings, ...style }, () => true),
    answer: (answer) =>
      change(
        { ...settings, answers: [...settings.answers.filter(({ topic }) => topic !== answer.topic), answer] },
        (file) => asks(file, answer.topic),
      ),
    // Which files it settled something in is not kept.
    withdraw: (topic) =>
      change({ ...settings, answers: settings.answers.filter((answer) => answer.topic !== topic) }, () => true),
    write: (id, to, wantsRecord) => asked(id, (service, task) => service.write(task, to, wantsRecord)),
    open: (id) => asked(id, (service, task) => service.open(task)),
    close() {
      isStopped = true;
      stopper.abort();
      clearTimeout(telling);
      void save();
      pool.close();
    },
  };
}

function asks({ result }: StackFile, topic: string): boolean {
  return result?.questions.some((question) => question.topic === topic) ?? true;
}

function planOf({ styles, chosen }: StackSettings): JobPlan {
  return { ...USUAL_PLAN, styles: chosen === '' ? styles : styles.slice(0, 1) };
}

function limitOf(size: number): number {
  return SHORTEST_LIMIT + size * LIMIT_A_BYTE;
}

function problemOf(error: unknown): StackProblem {
  return error instanceof GivenUpError ? error.problem : 'too-much';
}
