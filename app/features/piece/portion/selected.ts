import type { Portion, RowView, Spot } from '../../../../core/index.ts';
import { offsetIn, toSource } from '../editing/positions.ts';

/** What is selected in the columns: as a part of the source, and, in the clean text, as two spots of it. */
export interface Selected {
  readonly portion: Portion;
  readonly spots?: readonly [Spot, Spot];
  /** In a paragraph that is being typed in, where letters are no commands. */
  readonly isWriting: boolean;
}

/** Reads the selection of the document; undefined where nothing is selected in one of the columns. */
export function readSelected(area: Element, viewOf: (row: number) => RowView | undefined): Selected | undefined {
  const selection = getSelection();
  if (!selection || selection.isCollapsed || selection.rangeCount === 0) return undefined;
  const { startContainer, startOffset, endContainer, endOffset } = selection.getRangeAt(0);
  if (!area.contains(startContainer) || !area.contains(endContainer)) return undefined;
  const start = pointIn(startContainer, startOffset);
  const end = pointIn(endContainer, endOffset);
  if (!start || !end) return undefined;
  const from = sourceOf(start, viewOf, 'start');
  const to = sourceOf(end, viewOf, 'end');
  if (from === undefined || to === undefined || from >= to) return undefined;
  const isClean = start.column === 'clean' && end.column === 'clean';
  return {
    portion: { from, to },
    isWriting: !!document.activeElement?.closest('[data-editing]'),
    ...(isClean && { spots: [spotOf(start), spotOf(end)] as const }),
  };
}

/** A point of the document, told by the line or the paragraph that it lies in. `at` is where that begins in the source. */
interface Point {
  readonly column: 'source' | 'clean';
  readonly row: number;
  readonly at: number;
  readonly offset: number;
}

function pointIn(node: Node, offset: number): Point | undefined {
  const element = node instanceof Element ? node : node.parentElement;
  const row = Number(element?.closest<HTMLElement>('[data-index]')?.dataset['index']);
  const words = element?.closest<HTMLElement>('[data-words]');
  if (words) return { column: 'clean', row, at: Number(words.dataset['words']), offset: offsetIn(words, node, offset) };
  const line = element?.closest<HTMLElement>('[data-line]');
  if (line) return { column: 'source', row, at: Number(line.dataset['line']), offset: offsetIn(line, node, offset) };
  // Between lines and paragraphs: the nearest one inside counts, by its beginning or its end.
  const inside = element?.closest('[data-column]')?.querySelectorAll<HTMLElement>('[data-words], [data-line]');
  const last = inside?.[inside.length - 1];
  if (!last) return undefined;
  const isBefore = offset === 0;
  const near = isBefore ? inside[0]! : last;
  return pointIn(near, isBefore ? 0 : near.childNodes.length);
}

function sourceOf(
  { column, row, at, offset }: Point,
  viewOf: (row: number) => RowView | undefined,
  side: 'start' | 'end',
): number | undefined {
  if (column === 'source') return at + offset;
  const view = viewOf(row);
  return view && toSource(view.clean, offset, side);
}

function spotOf({ at, offset }: Point): Spot {
  return { row: at, offset };
}
