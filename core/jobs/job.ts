import type { FormatId } from '../formats/registry.ts';
import { USUAL_STYLE } from '../house-styles/built-in.ts';
import type { HouseStyle } from '../house-styles/house-style.ts';
import type { OutputId } from '../output/registry.ts';
import type { SourceKind } from '../report/summary.ts';
import type { LineShape } from '../shapes/line-shape.ts';
import type { ReportDetail } from './job-report.ts';
import type { Apart } from '../style/style.ts';

/** What is to be done with texts that nobody looks at meanwhile. Plain data: it goes to threads as it is. */
export interface JobPlan {
  /** Each text is cleaned in the one that is meant for it, in the first where none is. Never empty. */
  readonly styles: readonly HouseStyle[];
  /** What kind of text they are; each tells it itself where it is not said. */
  readonly kind?: SourceKind;
  /** Passes switched beside the style, by id; those switched off last win. */
  readonly on: readonly string[];
  readonly off: readonly string[];
  readonly apart?: Apart;
  /** Line shapes beside those of the style. */
  readonly shapes: readonly LineShape[];
  /** What the texts come as; each tells it itself where it is not said. */
  readonly from?: FormatId;
  readonly encoding?: string;
  readonly to: OutputId;
  /** Whether columns that stand side by side in plain text are put one under the other. */
  readonly columns: boolean;
  /** How much is told beside the clean text. */
  readonly report: ReportDetail;
}

/** The plan of someone who asks for nothing. */
export const USUAL_PLAN: JobPlan = {
  styles: [USUAL_STYLE],
  on: [],
  off: [],
  shapes: [],
  to: 'text',
  columns: false,
  report: 'short',
};
