import { RowKind, type RowPlan } from '../../../core/index.ts';

/** Widths of the three columns and sizes of type, in px. */
export interface ColumnLayout {
  readonly source: number;
  readonly ribbon: number;
  readonly clean: number;
  readonly sourceFont: number;
  /** Characters that fit on a line of the source column. */
  readonly sourceCharacters: number;
  /** Where the measured line width ends; undefined where nothing wraps, or lines of that width do not fit the column. */
  readonly measureAt: number | undefined;
}

export const SOURCE_LINE = 20;
export const CLEAN_LINE = 26;
export const GUTTER = 46;
const PAD = 10;
const RIBBON = 68;
/** Advance of a character in the source face, and of an average one in the reading face at its size. */
const SOURCE_ADVANCE = 0.6;
const CLEAN_CHARACTER = 7.9;
const CLEAN_PADDING = 64;
const WIDEST_CLEAN = 620;
const USUAL_MEASURE = 56;

/** Lays the columns out: source lines stay whole where there is room, with smaller type for wider measures. */
export function layoutColumns(width: number, measure: number): ColumnLayout {
  const wanted = Math.max(40, Math.min(measure > 0 ? measure + 2 : USUAL_MEASURE, 96));
  const sourceFont = wanted <= 58 ? 12.5 : wanted <= 70 ? 12 : 11.5;
  const advance = sourceFont * SOURCE_ADVANCE;
  const most = Math.max(260, (width - RIBBON) * 0.58);
  const source = Math.round(Math.min(GUTTER + wanted * advance + PAD, most));
  return {
    source,
    ribbon: RIBBON,
    clean: Math.max(160, Math.min(WIDEST_CLEAN, width - source - RIBBON) - CLEAN_PADDING),
    sourceFont,
    sourceCharacters: Math.max(20, Math.floor((source - GUTTER - PAD) / advance)),
    measureAt: measure > 0 && GUTTER + measure * advance <= source ? GUTTER + measure * advance : undefined,
  };
}

/** A guess at the height of a row before it has been seen. Longer rows guess better than short ones. */
export function rowHeight(plan: RowPlan, row: number, layout: ColumnLayout): number {
  const units = plan.to[row]! - plan.from[row]!;
  const lines = Math.max(1, plan.lineCount[row]!);
  const perLine = units / lines;
  const sourceLines = lines * Math.max(1, Math.ceil(perLine / layout.sourceCharacters));
  const cleanLines = Math.ceil((plan.cleanLength[row]! * CLEAN_CHARACTER) / layout.clean);
  const spacing = plan.kind[row] === RowKind.dropped ? 4 : 14;
  return Math.max(sourceLines * SOURCE_LINE + 8, cleanLines * CLEAN_LINE + spacing);
}
