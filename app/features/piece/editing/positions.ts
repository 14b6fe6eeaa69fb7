import { toCleanPosition, toSourcePosition, type Run, type Side } from '../../../../core/index.ts';

/** What a run stands for: the source as it is, or something else in its place. */
function stretchOf({ from, to, text, fate }: Run) {
  return fate === 'kept' ? { from, to } : { from, to, text };
}

/** Where an offset in the text of some runs lies in the source; inside a changed run at its beginning, or, as an end, behind it. */
export function toSource(runs: readonly Run[], offset: number, side: Side): number | undefined {
  return toSourcePosition(runs.map(stretchOf), offset, side)?.at;
}

/** Where a source offset lies in the text of some runs; at the beginning of a changed run that holds it. */
export function toOffset(runs: readonly Run[], source: number): number {
  return toCleanPosition(runs.map(stretchOf), source, 'start').at;
}

/** The offset of a point of the document in the text of an element. */
export function offsetIn(element: Element, node: Node, offset: number): number {
  const range = document.createRange();
  range.setStart(element, 0);
  range.setEnd(node, offset);
  return range.toString().length;
}

/** The selection as offsets in the text of an element: where it began and where it ends; undefined where it reaches out of it. */
export function selectionIn(element: Element): readonly [number, number] | undefined {
  const selection = getSelection();
  const { anchorNode, focusNode } = selection ?? {};
  if (!anchorNode || !focusNode || !element.contains(anchorNode) || !element.contains(focusNode)) return undefined;
  return [offsetIn(element, anchorNode, selection!.anchorOffset), offsetIn(element, focusNode, selection!.focusOffset)];
}

/** Selects from one offset of an element's text to another. */
export function selectIn(element: Element, [from, to]: readonly [number, number]): void {
  const start = pointAt(element, from);
  const end = pointAt(element, to);
  getSelection()?.setBaseAndExtent(start.node, start.offset, end.node, end.offset);
}

/** Selects from an offset of one element's text to the beginning or the end of another. */
export function selectAcross(first: Element, anchor: number, last: Element, to: 'start' | 'end'): void {
  const start = pointAt(first, anchor);
  const end = pointAt(last, to === 'start' ? 0 : (last.textContent?.length ?? 0));
  getSelection()?.setBaseAndExtent(start.node, start.offset, end.node, end.offset);
}

function pointAt(element: Element, offset: number): { node: Node; offset: number } {
  const walker = document.createTreeWalker(element, NodeFilter.SHOW_TEXT);
  let left = offset;
  let last: Node = element;
  for (let node = walker.nextNode(); node; node = walker.nextNode()) {
    const { length } = node as Text;
    if (left <= length) return { node, offset: left };
    left -= length;
    last = node;
  }
  return { node: last, offset: last === element ? 0 : (last as Text).length };
}
