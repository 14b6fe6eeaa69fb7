import type { OwnRule } from '../rules/own-rule.ts';
import { applyMove } from '../style/order.ts';
import type { LineShape } from '../shapes/line-shape.ts';
import { applyRule, applyRuleRemoval } from '../style/rules.ts';
import { applyShape, applyShapeRemoval } from '../style/shapes.ts';
import { applyPassSwitch, applyReset, applySetting, type Style } from '../style/style.ts';
import { subjectOf, type Choice } from '../choices/choice.ts';

/**
 * Another way to read what a person brought than the one in which it came: as the plain text of a formatted paste, with columns one
 * under the other, in another encoding. `text` is what it gives.
 */
export interface TextReading {
  readonly as: 'plain' | 'columns' | 'encoding';
  /** As the Encoding Standard names it. */
  readonly encoding?: string;
  readonly text: string;
}

/** One step that a person took and can undo. `choose` takes the place of an earlier choice about the same thing. */
export type Step =
  | { readonly kind: 'choose'; readonly choice: Choice }
  | { readonly kind: 'withdraw'; readonly choice: Choice }
  | { readonly kind: 'switch-pass'; readonly pass: string; readonly on: boolean }
  | { readonly kind: 'set-pass'; readonly pass: string; readonly setting: string; readonly value: string }
  /** Without `before` the pass works last. */
  | { readonly kind: 'move-pass'; readonly pass: string; readonly before?: string }
  | { readonly kind: 'reset-passes' }
  | { readonly kind: 'set-rule'; readonly rule: OwnRule }
  | { readonly kind: 'remove-rule'; readonly rule: string }
  | { readonly kind: 'set-shape'; readonly shape: LineShape }
  | { readonly kind: 'remove-shape'; readonly shape: string }
  /** Another style in place of the one in force; choices stay. */
  | { readonly kind: 'use-style'; readonly id: string; readonly name: string; readonly style: Style }
  /** From now on the text is read so; without `reading` as it came. What was chosen in one reading waits there for its return. */
  | { readonly kind: 'read-as'; readonly reading?: TextReading }
  /** Back to how all was in a version that was kept. */
  | ({ readonly kind: 'restore'; readonly name: string } & Outcome)
  /** Several steps that are taken and undone as one. */
  | { readonly kind: 'together'; readonly steps: readonly Step[] };

/** Some steps as one that is taken and undone as a whole; undefined for none. */
export function oneStep(steps: readonly Step[]): Step | undefined {
  return steps.length > 1 ? { kind: 'together', steps } : steps[0];
}

/** All steps ever taken and not overwritten, and how many of them are in force: undo lowers `at`, redo raises it. */
export interface History {
  readonly steps: readonly Step[];
  readonly at: number;
}

export const NO_HISTORY: History = { steps: [], at: 0 };

/** Takes a step: steps that had been undone are forgotten. */
export function applyStep(history: History, step: Step): History {
  const steps = [...history.steps.slice(0, history.at), step];
  return { steps, at: steps.length };
}

export function canUndo(history: History): boolean {
  return history.at > 0;
}

export function canRedo(history: History): boolean {
  return history.at < history.steps.length;
}

/** With so many of the steps in force; as many as there are at most. */
export function moveTo(history: History, at: number): History {
  return { ...history, at: Math.min(history.steps.length, Math.max(0, at)) };
}

/** Law: undo after applyStep gives the outcome from before; redo after undo gives the history back. */
export function undo(history: History): History {
  return moveTo(history, history.at - 1);
}

export function redo(history: History): History {
  return moveTo(history, history.at + 1);
}

export interface Outcome {
  readonly style: Style;
  /** Their places are those of the text in this reading. */
  readonly choices: readonly Choice[];
  /** Left out where the text is read as it came. */
  readonly reading?: TextReading;
}

/** What the steps in force lead to, from the style that the piece began with. */
export function outcomeOf(history: History, initial: Style): Outcome {
  let style = initial;
  let reading: TextReading | undefined;
  let choices = new Map<string, Choice>();
  const byText = new Map<string | undefined, typeof choices>([[undefined, choices]]);
  const readAs = (next: TextReading | undefined): void => {
    reading = next;
    choices = byText.get(next?.text) ?? new Map<string, Choice>();
    byText.set(next?.text, choices);
  };
  const take = (step: Step): void => {
    switch (step.kind) {
      case 'choose':
        choices.set(subjectOf(step.choice), step.choice);
        return;
      case 'withdraw':
        choices.delete(subjectOf(step.choice));
        return;
      case 'read-as':
        readAs(step.reading);
        return;
      case 'restore':
        style = step.style;
        readAs(step.reading);
        choices.clear();
        for (const choice of step.choices) choices.set(subjectOf(choice), choice);
        return;
      case 'together':
        step.steps.forEach(take);
        return;
      default:
        style = applyToStyle(style, step);
    }
  };
  history.steps.slice(0, history.at).forEach(take);
  return { style, choices: [...choices.values()], ...(reading && { reading }) };
}

/** For each step the reading that is in force with it: the one that the places of its choices are of. */
export function readingsOf(steps: readonly Step[]): readonly (TextReading | undefined)[] {
  let reading: TextReading | undefined;
  return steps.map((step) => {
    if (step.kind === 'read-as' || step.kind === 'restore') reading = step.reading;
    return reading;
  });
}

export type StyleStep = Exclude<Step, { readonly kind: 'choose' | 'withdraw' | 'read-as' | 'restore' | 'together' }>;

/** What a step makes of a style. */
export function applyToStyle(style: Style, step: StyleStep): Style {
  switch (step.kind) {
    case 'switch-pass':
      return applyPassSwitch(style, step.pass, step.on);
    case 'set-pass':
      return applySetting(style, step.pass, step.setting, step.value);
    case 'move-pass':
      return applyMove(style, step.pass, step.before);
    case 'reset-passes':
      return applyReset(style);
    case 'set-rule':
      return applyRule(style, step.rule);
    case 'remove-rule':
      return applyRuleRemoval(style, step.rule);
    case 'set-shape':
      return applyShape(style, step.shape);
    case 'remove-shape':
      return applyShapeRemoval(style, step.shape);
    case 'use-style':
      return step.style;
  }
}

/** How one history became another: its first steps were kept, others came after them, and so many are in force. */
export interface HistoryChange {
  readonly kept: number;
  readonly steps: readonly Step[];
  readonly at: number;
}

/** What makes the second history of the first; steps are compared by identity. Law: see applyHistoryChange. */
export function historyChange(before: History, after: History): HistoryChange {
  let kept = 0;
  while (kept < after.steps.length && before.steps[kept] === after.steps[kept]) kept++;
  return { kept, steps: after.steps.slice(kept), at: after.at };
}

/** Law: applyHistoryChange(before, historyChange(before, after)) equals after. */
export function applyHistoryChange(history: History, { kept, steps, at }: HistoryChange): History {
  return { steps: [...history.steps.slice(0, kept), ...steps], at };
}
