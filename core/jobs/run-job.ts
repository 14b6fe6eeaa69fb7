import type { Choice } from '../choices/choice.ts';
import { clean } from '../cleaning/clean.ts';
import type { Cleaning } from '../cleaning/cleaning.ts';
import { columnsInOrder, findSideBySide } from '../columns/side-by-side.ts';
import type { Document } from '../formats/document.ts';
import type { HouseStyle } from '../house-styles/house-style.ts';
import { proposeStyle } from '../house-styles/propose.ts';
import { writeOutput, type Written } from '../output/registry.ts';
import { USUAL_SHAPE } from '../output/shape.ts';
import { kindOfSource } from '../report/summary.ts';
import { applyShape, newShapeId } from '../style/shapes.ts';
import type { Style } from '../style/style.ts';
import { detectLanguage, type Language } from '../text/language.ts';
import type { WordList } from '../text/word-list.ts';
import type { JobPlan } from './job.ts';

/** Gives the words of a language, where there are any. */
export type FindWords = (language: Language) => WordList | undefined;

export interface JobOptions {
  readonly findWords: FindWords;
  /** The name of the file that the text came in: styles may be meant for it. */
  readonly name?: string;
}

/** What became of a text. */
export interface Job {
  readonly document: Document;
  readonly plan: JobPlan;
  readonly cleaning: Cleaning;
  /** The house style that it was cleaned in. */
  readonly style: HouseStyle;
  /** Lines, from 1, in which two columns stand side by side and were left so. */
  readonly sideBySide?: readonly [number, number];
}

/**
 * Cleans a document as a plan says. What a change record that it came in says of it goes before the plan. A pure function of what
 * it is given: it can be spread over threads and machines.
 */
export function runJob(document: Document, plan: JobPlan, { findWords, name }: JobOptions): Job {
  const { layout, outcome } = document;
  const columns = layout || outcome ? undefined : findColumns(document.text);
  const source = columns && plan.columns ? columns.inOrder() : document.text;
  const words = findWords(detectLanguage(source));
  const cleanIn = (style: Style, choices: readonly Choice[] = []) => clean(source, style, choices, { words, layout });
  const { style, cleaning } = outcome
    ? { style: plan.styles[0]!, cleaning: cleanIn(outcome.style, outcome.choices) }
    : cleanInMeant(source, plan, name, cleanIn);
  return { document, plan, cleaning, style, ...(columns && !plan.columns && { sideBySide: columns.lines }) };
}

/** The clean text of a job in the format and the shape that are asked for; in a file, text ends in a line end. */
export function writeJob({ document, plan, cleaning, style }: Job, { isFile = false } = {}): Written {
  const shape = style.output ?? USUAL_SHAPE;
  return writeOutput(cleaning, plan.to, isFile ? { ...shape, endsLastLine: true } : shape, document.title);
}

/** Cleaned in the style that is meant for the text. Its kind may be known only once it was cleaned. */
function cleanInMeant(
  source: string,
  plan: JobPlan,
  name: string | undefined,
  cleanIn: (style: Style) => Cleaning,
): Pick<Job, 'style' | 'cleaning'> {
  const [first] = plan.styles;
  const propose = (kind = plan.kind) => proposeStyle(plan.styles, { name, source, kind })?.style ?? first!;
  const style = propose();
  const cleaning = cleanIn(styleOf(style, plan));
  const asksForKind = plan.kind === undefined && plan.styles.some((one) => one.for?.kind !== undefined);
  const meant = asksForKind ? propose(kindOfSource(cleaning)) : style;
  return meant === style ? { style, cleaning } : { style: meant, cleaning: cleanIn(styleOf(meant, plan)) };
}

/** A house style with what the plan says beside it. */
function styleOf({ style }: HouseStyle, { on, off, apart, shapes }: JobPlan): Style {
  const switched = [...on.map((id) => [id, true] as const), ...off.map((id) => [id, false] as const)];
  let made: Style = { ...style, passes: { ...style.passes, ...Object.fromEntries(switched) }, ...(apart && { apart }) };
  for (const shape of shapes) made = applyShape(made, { ...shape, id: newShapeId(made, []) });
  return made;
}

/** Columns of prose that stand side by side in a plain text; undefined where there are none. */
function findColumns(text: string): { lines: [number, number]; inOrder(): string } | undefined {
  const lines = text.split(/\r\n|\r|\n/);
  const stretches = findSideBySide({ count: lines.length, at: (line) => lines[line]! });
  if (stretches.length === 0) return undefined;
  return {
    lines: [stretches[0]!.from + 1, stretches.at(-1)!.to],
    inOrder: () => columnsInOrder(text, stretches),
  };
}
