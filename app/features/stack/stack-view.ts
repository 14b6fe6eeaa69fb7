import type { Question, StandingAnswer } from '../../../core/index.ts';
import type { StackFile } from '../../../storage/stack.ts';
import { isWaiting } from './stack-run.ts';

/** What the list can be put in order by. */
export type SortKey = 'order' | 'name' | 'words' | 'removed' | 'questions' | 'time';

export interface Sort {
  readonly key: SortKey;
  readonly isDown: boolean;
}

/** Which files are shown. */
export type Shown = 'all' | 'questions' | 'problems' | 'waiting';

/** Files by how many questions they have: the bars of the chart. */
export interface Bucket {
  readonly from: number;
  /** Infinity in the last one. */
  readonly to: number;
  readonly files: number;
}

const BOUNDS: readonly (readonly [number, number])[] = [
  [0, 0],
  [1, 1],
  [2, 4],
  [5, 9],
  [10, 19],
  [20, Infinity],
];

export interface Overview {
  readonly all: number;
  readonly done: number;
  readonly problems: number;
  readonly waiting: number;
  readonly withQuestions: number;
  readonly words: number;
  readonly removed: number;
  readonly questions: number;
  /** From 0 to 1, by bytes. */
  readonly share: number;
  readonly buckets: readonly Bucket[];
}

/** What is said of all files together. Linear. */
export function overviewOf(files: readonly StackFile[]): Overview {
  const buckets = BOUNDS.map(([from, to]) => ({ from, to, files: 0 }));
  const sums = { done: 0, problems: 0, waiting: 0, withQuestions: 0, words: 0, removed: 0, questions: 0 };
  let [bytes, bytesDone] = [0, 0];
  for (const file of files) {
    bytes += file.size + 1;
    if (isWaiting(file)) sums.waiting++;
    else bytesDone += file.size + 1;
    if (file.problem && !isWaiting(file)) sums.problems++;
    const { result } = file;
    if (!result) continue;
    if (!isWaiting(file)) sums.done++;
    sums.words += result.words.wordsOut;
    sums.removed += result.words.removed;
    sums.questions += result.doubts;
    if (result.doubts > 0) sums.withQuestions++;
    buckets.find(({ to }) => result.doubts <= to)!.files++;
  }
  return { all: files.length, ...sums, share: bytes === 0 ? 1 : bytesDone / bytes, buckets };
}

/** The files that fit what was asked for, in the order that was asked for. */
export function viewFiles(
  files: readonly StackFile[],
  { shown, bucket, query, sort }: { shown: Shown; bucket?: Bucket; query: string; sort: Sort },
): StackFile[] {
  const wanted = query.trim().toLowerCase();
  const fits = (file: StackFile) => {
    if (wanted !== '' && !file.name.toLowerCase().includes(wanted)) return false;
    const doubts = file.result?.doubts;
    if (bucket && (doubts === undefined || doubts < bucket.from || doubts > bucket.to)) return false;
    if (shown === 'questions') return (doubts ?? 0) > 0;
    if (shown === 'problems') return file.problem !== undefined && !isWaiting(file);
    return shown === 'all' || isWaiting(file);
  };
  const found = files.filter(fits);
  if (sort.key === 'order') return sort.isDown ? found.reverse() : found;
  const sign = sort.isDown ? -1 : 1;
  if (sort.key === 'name') return found.sort((a, b) => sign * NAMES.compare(a.name, b.name) || a.id - b.id);
  const value = VALUES[sort.key];
  // What has no figure stands last, whichever way.
  return found.sort((a, b) => {
    const [one, other] = [value(a), value(b)];
    if (one === undefined || other === undefined) return Number(one === undefined) - Number(other === undefined);
    return sign * (one - other) || a.id - b.id;
  });
}

const NAMES = new Intl.Collator('en', { numeric: true });

const VALUES: Readonly<Record<Exclude<SortKey, 'order' | 'name'>, (file: StackFile) => number | undefined>> = {
  words: ({ result }) => result?.words.wordsOut,
  removed: ({ result }) => result && shareRemoved(result.words),
  questions: ({ result }) => result?.doubts,
  time: ({ result }) => result?.time,
};

/** The share of the words that left, from 0 to 1. */
export function shareRemoved({ wordsIn, removed }: { readonly wordsIn: number; readonly removed: number }): number {
  return wordsIn === 0 ? 0 : removed / wordsIn;
}

/** A question that several files share. */
export interface SharedQuestion extends Question {
  readonly files: number;
}

/** The questions of all files: those that the most files ask first. Those that are answered are not asked again. */
export function sharedQuestions(files: readonly StackFile[], answers: readonly StandingAnswer[]): SharedQuestion[] {
  const answered = new Set(answers.map(({ topic }) => topic));
  const found = new Map<string, { -readonly [K in keyof SharedQuestion]: SharedQuestion[K] }>();
  for (const { result } of files) {
    for (const question of result?.questions ?? []) {
      const known = found.get(question.topic);
      if (known) {
        known.files++;
        known.count += question.count;
      } else if (!answered.has(question.topic)) found.set(question.topic, { ...question, files: 1 });
    }
  }
  return [...found.values()].sort((a, b) => b.files - a.files || b.count - a.count);
}
