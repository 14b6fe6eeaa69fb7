import type { Run } from '../../../../core/index.ts';

/** Where an offset in the text of some runs lies in the source; inside a changed run at its beginning, or, as an end, behind it. */
export function toSource(runs: readonly Run[], offset: number, side: 'start' | 'end'): number | undefined {
  let at = 0;
  for (const run of runs) {
    const end = at + run.text.length;
    const isHere = side === 'start' ? offset < end : offset <= end && end > at;
    if (isHere) {
      if (run.fate === 'kept') return run.from + offset - at;
      return side === 'start' || offset === at ? run.from : run.to;
    }
    at = end;
  }
  return runs.at(-1)?.to;
}

/** Where a source offset lies in the text of some runs; at the beginning of a changed run that holds it. */
export function toOffset(runs: readonly Run[], source: number): number {
  let at = 0;
  for (const run of runs) {
    if (source < run.to) return at + (run.fate === 'kept' ? Math.max(0, source - run.from) : 0);
    at += run.text.length;
  }
  return at;
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
