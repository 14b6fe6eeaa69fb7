/** A first line that is set in by less than this, in twentieths of a point, is not set in to be seen. */
const LEAST_SEEN = 80;
const LEAD = '    ';

/** The spaces that stand for the indent of a first line; `firstLine` against the lines below, `left` of all, in twentieths of a point. */
export function indentLead(firstLine = 0, left = 0): string | undefined {
  const isHanging = firstLine < 0;
  return firstLine > LEAST_SEEN || (left > LEAST_SEEN && !isHanging && firstLine + left > 2 * LEAST_SEEN)
    ? LEAD
    : undefined;
}
