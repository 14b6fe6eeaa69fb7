import { revise } from '../cleaning/clean.ts';
import type { Cleaning } from '../cleaning/cleaning.ts';
import { listDoubts, stepForAnswer, type Answer, type Doubt } from '../doubts/doubts.ts';
import { applyStep, NO_HISTORY, oneStep, outcomeOf, type Step } from '../history/history.ts';
import { digested } from '../report/digest.ts';
import { Decision } from '../seams/seam-table.ts';

/** How a place that is in doubt reads: what an answer stands for in any text. */
export type ReadingOf = 'joined' | 'apart' | 'mended' | 'hyphenated' | 'changed' | 'kept' | 'stays' | 'goes';

/** An answer that holds for every doubt of a topic, in whatever text it comes up. Plain data, kept with the texts. */
export interface StandingAnswer {
  readonly topic: string;
  readonly reading: ReadingOf;
}

/** Doubts of a text that one answer settles. */
export interface Question {
  /** The same in all texts in which the same is asked. */
  readonly topic: string;
  readonly kind: Doubt['kind'];
  readonly count: number;
  /** What is in question in the first of these places: a word, a line, the words beside a line end. */
  readonly words: string;
  /** What becomes of it, where that is more than its going or staying. */
  readonly becomes?: string;
  /** How it reads as it is, and how it would otherwise. */
  readonly now: ReadingOf;
  readonly other: ReadingOf;
}

const LONGEST_TOPIC = 160;
/** A text with more questions is one to be opened. */
const MOST_QUESTIONS = 200;
/** An answer may settle what raises another doubt, and that one too. */
const MOST_ROUNDS = 3;

/** The questions of a cleaning, those that come up most first; the first ones only of very many. `doubts` are all that it has. */
export function questionsOf(cleaning: Cleaning, doubts = listDoubts(digested(cleaning))): Question[] {
  const questions = new Map<string, Question>();
  for (const doubt of doubts) {
    const topic = topicOf(cleaning, doubt);
    const known = questions.get(topic);
    questions.set(topic, known ? { ...known, count: known.count + 1 } : questionOf(cleaning, doubt, topic));
  }
  return [...questions.values()].sort((a, b) => b.count - a.count).slice(0, MOST_QUESTIONS);
}

/**
 * Settles the doubts that standing answers are for, as a person would by the same answers. Gives the step that does it; undefined
 * where there is none to settle. Law: no doubt is left that an answer is for, but such as come up after some rounds.
 */
export function settleDoubts(
  cleaning: Cleaning,
  answers: readonly StandingAnswer[],
): { readonly cleaning: Cleaning; readonly step: Step | undefined } {
  const byTopic = new Map(answers.map(({ topic, reading }) => [topic, reading]));
  const steps: Step[] = [];
  let now = cleaning;
  for (let round = 0; round < MOST_ROUNDS && answers.length > 0; round++) {
    const found = { now: [] as Doubt[], other: [] as Doubt[] };
    for (const doubt of listDoubts(digested(now))) {
      const reading = byTopic.get(topicOf(now, doubt));
      const answer = reading && (['now', 'other'] as const).find((one) => readingOf(doubt, one) === reading);
      if (answer) found[answer].push(doubt);
    }
    const step = oneStep(
      (['now', 'other'] as const).flatMap((answer) => stepForAnswer(now, found[answer], answer) ?? []),
    );
    if (!step) break;
    steps.push(step);
    const { choices } = outcomeOf(
      steps.reduce((history, one) => applyStep(history, one), NO_HISTORY),
      now.style,
    );
    now = revise(now, now.style, [...cleaning.choices, ...choices]);
  }
  return { cleaning: now, step: oneStep(steps) };
}

/** What a doubt is about, in words that are the same in other texts. */
function topicOf(cleaning: Cleaning, doubt: Doubt): string {
  switch (doubt.kind) {
    case 'split':
      return `split ${folded(wordsOf(cleaning, doubt)).replace(/[-\u00ad] /g, '-')}`;
    case 'lines':
      return `lines ${doubt.what} ${numberless(wordsOf(cleaning, doubt))}`.slice(0, LONGEST_TOPIC);
    case 'edit':
      return `edit ${doubt.passes.at(-1)} ${numberless(wordsOf(cleaning, doubt))} > ${numberless(doubt.becomes)}`.slice(
        0,
        LONGEST_TOPIC,
      );
    case 'seam':
      return doubt.alike;
  }
}

function questionOf(cleaning: Cleaning, doubt: Doubt, topic: string): Question {
  return {
    topic,
    kind: doubt.kind,
    count: 1,
    words: wordsOf(cleaning, doubt).replace(/\s+/g, ' ').slice(0, LONGEST_TOPIC),
    ...(doubt.kind === 'edit' && { becomes: doubt.becomes.slice(0, LONGEST_TOPIC) }),
    now: readingOf(doubt, 'now'),
    other: readingOf(doubt, 'other'),
  };
}

/** What stands in question in the source. Of many lines the first ones say enough. */
function wordsOf({ source }: Cleaning, doubt: Doubt): string {
  if (doubt.kind !== 'lines') return source.slice(doubt.from, doubt.to);
  return doubt.places
    .map(({ from, to }) => source.slice(from, Math.min(to, from + LONGEST_TOPIC)))
    .slice(0, 3)
    .join('\n');
}

function folded(words: string): string {
  return words.toLowerCase().replace(/\s+/g, ' ').trim();
}

/** Heads and marks count on from page to page and from text to text. */
function numberless(words: string): string {
  return folded(words).replace(/\d+/g, '#');
}

function readingOf(doubt: Doubt, answer: Answer): ReadingOf {
  const isNow = answer === 'now';
  switch (doubt.kind) {
    case 'lines':
      return isNow ? 'stays' : 'goes';
    case 'edit':
      return isNow ? 'changed' : 'kept';
    case 'split':
      return doubt[answer] === Decision.mend ? 'mended' : 'hyphenated';
    case 'seam':
      return doubt[answer] === Decision.join || doubt[answer] === Decision.mend ? 'joined' : 'apart';
  }
}
