import {
  detectLanguage,
  hasWordList,
  findPass,
  kindOfSource,
  listDoubts,
  digested,
  questionsOf,
  readDocument,
  runJob,
  settleDoubts,
  suggestTitle,
  toRecord,
  writeJob,
  type Document,
  type FormatId,
  type Job,
  type JobPlan,
  type Language,
  type OpenPdf,
  type OutputId,
  type Question,
  type ReadProblem,
  type SourceKind,
  type StandingAnswer,
  type Step,
  type WordList,
  type WordTally,
} from '../core/index.ts';

/** A file with what is to be done to it. Its bytes are read where it is cleaned. */
export interface StackTask {
  readonly blob: Blob;
  readonly name: string;
  readonly plan: JobPlan;
  readonly answers: readonly StandingAnswer[];
}

export type Stacked<T> = (T & { readonly ok: true }) | { readonly ok: false; readonly problem: ReadProblem };

/** What became of a file. */
export interface StackFigures {
  readonly kind: SourceKind;
  readonly words: WordTally;
  readonly doubts: number;
  readonly questions: readonly Question[];
  readonly style: string;
  /** Titles of the passes that failed on it. */
  readonly failed: readonly string[];
}

/** A file on its way to a piece of its own. */
export interface StackOpened {
  readonly document: Document;
  readonly format: FormatId;
  readonly title: string;
  /** The style that it was cleaned in, by its place in the plan. */
  readonly style: number;
  /** What settled the doubts that standing answers are for. */
  readonly step?: Step;
}

/** Cleans one file after the other, and keeps none of them. */
export interface StackService {
  clean(task: StackTask): Promise<Stacked<StackFigures>>;
  /** The clean text as it goes into a file; with it, where it is wanted, the change record. */
  write(
    task: StackTask,
    to: OutputId,
    wantsRecord: boolean,
  ): Promise<Stacked<{ bytes: Uint8Array; record?: Uint8Array }>>;
  open(task: StackTask): Promise<Stacked<StackOpened>>;
}

interface Means {
  fetchWords(language: Language): Promise<WordList | undefined>;
  readonly openPdf: OpenPdf;
}

export function createStackService({ fetchWords, openPdf }: Means): StackService {
  /** Of all files that are cleaned here most are in one language. */
  const known = new Map<Language, Promise<WordList | undefined>>();
  const wordsOf = (language: Language) => {
    if (!known.has(language)) known.set(language, fetchWords(language));
    return known.get(language)!;
  };

  async function settled({
    blob,
    name,
    plan,
    answers,
  }: StackTask): Promise<Stacked<{ job: Job; format: FormatId; step: Step | undefined }>> {
    const bytes = new Uint8Array(await blob.arrayBuffer());
    const read = await readDocument(bytes, { name, format: plan.from, openPdf });
    if (!read.ok) return read;
    const { document, format } = read;
    const language = detectLanguage(document.text);
    const words = hasWordList(language) ? await wordsOf(language) : undefined;
    const job = runJob(document, plan, { name, findWords: () => words });
    const { cleaning, step } = settleDoubts(job.cleaning, answers);
    return { ok: true, job: { ...job, cleaning }, format, step };
  }

  return {
    async clean(task) {
      const done = await settled(task);
      if (!done.ok) return done;
      const { cleaning, style } = done.job;
      const doubts = listDoubts(digested(cleaning));
      return {
        ok: true,
        kind: kindOfSource(cleaning),
        words: cleaning.tally,
        doubts: doubts.length,
        questions: questionsOf(cleaning, doubts),
        style: style.name,
        failed: cleaning.failed.map(({ pass }) => findPass(pass)?.title ?? pass),
      };
    },
    async write(task, to, wantsRecord) {
      const done = await settled({ ...task, plan: { ...task.plan, to } });
      if (!done.ok) return done;
      const written = writeJob(done.job, { isFile: true });
      const record = wantsRecord && JSON.stringify(toRecord(done.job.cleaning, titleOf(done.job)));
      return { ok: true, bytes: asBytes(written), ...(record !== false && { record: asBytes(`${record}\n`) }) };
    },
    async open(task) {
      const done = await settled(task);
      if (!done.ok) return done;
      const { job, format, step } = done;
      const style = task.plan.styles.indexOf(job.style);
      return { ok: true, document: job.document, format, title: titleOf(job), style, ...(step && { step }) };
    },
  };
}

function titleOf({ document, cleaning }: Job): string {
  return document.title ?? suggestTitle(cleaning);
}

function asBytes(written: string | Uint8Array): Uint8Array {
  return typeof written === 'string' ? new TextEncoder().encode(written) : written;
}
