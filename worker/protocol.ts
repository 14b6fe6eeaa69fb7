import type { Choice, RowPlan, RowView, SourceKind, Stage, Style, WordTally } from '../core/index.ts';

/** What the page learns of a cleaning: enough to lay it out and count, without the text. */
export interface Summary {
  readonly plan: RowPlan;
  /** Edits by pass id. */
  readonly counts: Readonly<Record<string, number>>;
  readonly tally: WordTally;
  /** Seams in doubt. */
  readonly doubts: number;
  readonly lines: number;
  readonly blocks: number;
  readonly kind: SourceKind;
  /** Characters a line may have before it wraps; 0 where lines do not wrap. */
  readonly measure: number;
  readonly suggestedTitle: string;
}

export interface CleanCopy {
  readonly text: string;
  readonly html: string;
}

/** The worker keeps one cleaning; the page asks for what it shows. */
export interface CleanService {
  /** Cleans a source from the start. */
  open(source: string, style: Style, choices: readonly Choice[], onStage: (stage: Stage) => void): Promise<Summary>;
  /** Cleans the same source after a change. */
  change(style: Style, choices: readonly Choice[]): Summary;
  /** Rows [from, to) as they are now. */
  rows(from: number, to: number): RowView[];
  copy(): CleanCopy;
  /** What the passes that are off would do, by pass id; undefined where the cleaning changed meanwhile. */
  wouldDo(): Promise<Readonly<Record<string, number>> | undefined>;
}
