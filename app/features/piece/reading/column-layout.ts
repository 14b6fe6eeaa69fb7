import { RowKind, type RowPlan } from '../../../../core/index.ts';
import { designedAdvance } from './source-advance.ts';

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
  /** Which share of the source lines shows as lines, the others being folded. */
  readonly shownShare: number;
  /** Too narrow for columns side by side: the clean text stands below its source. */
  readonly isStacked: boolean;
}

export const SOURCE_LINE = 20;
/** Lines that left and are folded, as one. */
export const FOLD_LINE = 16;
export const CLEAN_LINE = 26;
export const GUTTER = 46;
const PAD = 10;
const RIBBON = 68;
/** Advance of an average character in the reading face at its size. */
const CLEAN_CHARACTER = 7.9;
const CLEAN_PADDING = 64;
const WIDEST_CLEAN = 620;
const USUAL_MEASURE = 56;
const NARROWEST = 700;
const STACKED_RIBBON = 46;
/** Usual sizes of the source face, px, for lines of up to 58 characters, up to 70 and beyond. */
export const SOURCE_FONTS = [12.5, 12, 11.5] as const;
const SMALLEST_FONT = 10;

/**
 * Lays the columns out: source lines stay whole where there is room, with smaller type for wider measures and narrower pages.
 * `advanceAt` gives the advance of a character in the source face at a size, both in px.
 */
export function layoutColumns(
  width: number,
  measure: number,
  foldedShare = 0,
  advanceAt: (size: number) => number = designedAdvance,
): ColumnLayout {
  const wanted = Math.max(40, Math.min(measure > 0 ? measure + 2 : USUAL_MEASURE, 96));
  const [large, middle, small] = SOURCE_FONTS;
  const usualFont = wanted <= 58 ? large : wanted <= 70 ? middle : small;
  const isStacked = width > 0 && width < NARROWEST;
  const ribbon = isStacked ? STACKED_RIBBON : RIBBON;
  const most = isStacked ? width - ribbon : Math.max(260, (width - ribbon) * 0.58);
  let sourceFont = usualFont;
  while (sourceFont > SMALLEST_FONT && GUTTER + wanted * advanceAt(sourceFont) + PAD > most)
    sourceFont = Math.round(sourceFont * 10 - 1) / 10;
  const advance = advanceAt(sourceFont);
  const source = isStacked ? most : Math.round(Math.min(GUTTER + wanted * advance + PAD, most));
  return {
    isStacked,
    shownShare: 1 - foldedShare,
    source,
    ribbon,
    clean: Math.max(160, Math.min(WIDEST_CLEAN, isStacked ? width : width - source - ribbon) - CLEAN_PADDING),
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
  const isAway = plan.kind[row] === RowKind.dropped && layout.shownShare < 1 && lines > 1;
  const shownLines = isAway ? 1 : Math.max(1, Math.round(lines * layout.shownShare));
  const sourceLines = shownLines * Math.max(1, Math.ceil(perLine / layout.sourceCharacters));
  const cleanLines = Math.ceil((plan.cleanLength[row]! * CLEAN_CHARACTER) / layout.clean);
  const spacing = plan.kind[row] === RowKind.dropped ? 4 : 14;
  const heights = [sourceLines * SOURCE_LINE + 8, cleanLines * CLEAN_LINE + spacing] as const;
  return layout.isStacked ? heights[0] + heights[1] : Math.max(...heights);
}
