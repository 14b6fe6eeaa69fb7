/** A pair of places in two rows that hold the same token. */
export type Match = readonly [a: number, b: number];

const MOST_EDITS = 4000;

/**
 * The longest common row of two token rows, as pairs in order: Myers, "An O(ND) difference algorithm and its variations" (1986),
 * with the common head and tail taken first. Undefined where more than 4,000 tokens differ.
 */
export function alignTokens(a: readonly string[], b: readonly string[]): Match[] | undefined {
  let head = 0;
  while (head < a.length && head < b.length && a[head] === b[head]) head++;
  let tail = 0;
  while (tail < a.length - head && tail < b.length - head && a[a.length - 1 - tail] === b[b.length - 1 - tail]) tail++;
  const middle = diff(a.slice(head, a.length - tail), b.slice(head, b.length - tail));
  if (!middle) return undefined;
  return [
    ...Array.from({ length: head }, (_, at): Match => [at, at]),
    ...middle.map(([x, y]): Match => [x + head, y + head]),
    ...Array.from({ length: tail }, (_, at): Match => [a.length - tail + at, b.length - tail + at]),
  ];
}

function diff(a: readonly string[], b: readonly string[]): Match[] | undefined {
  const most = Math.min(MOST_EDITS, a.length + b.length);
  const furthest = new Int32Array(2 * most + 3);
  const trace: Int32Array[] = [];
  for (let edits = 0; edits <= most; edits++) {
    trace.push(furthest.slice(most + 1 - edits - 1, most + 1 + edits + 2));
    for (let diagonal = -edits; diagonal <= edits; diagonal += 2) {
      const at = most + 1 + diagonal;
      const down = diagonal === -edits || (diagonal !== edits && furthest[at - 1]! < furthest[at + 1]!);
      let x = down ? furthest[at + 1]! : furthest[at - 1]! + 1;
      let y = x - diagonal;
      while (x < a.length && y < b.length && a[x] === b[y]) {
        x++;
        y++;
      }
      furthest[at] = x;
      if (x >= a.length && y >= b.length) return walkBack(trace, a.length, b.length);
    }
  }
  return undefined;
}

/** `trace[edits]` holds the furthest x of the diagonals -edits-1 to edits+1, as they stood before that round. */
function walkBack(trace: readonly Int32Array[], endX: number, endY: number): Match[] {
  const matches: Match[] = [];
  let x = endX;
  let y = endY;
  for (let edits = trace.length - 1; edits >= 0; edits--) {
    const row = trace[edits]!;
    const middle = edits + 1;
    const diagonal = x - y;
    const down =
      diagonal === -edits || (diagonal !== edits && row[middle + diagonal - 1]! < row[middle + diagonal + 1]!);
    const before = down ? diagonal + 1 : diagonal - 1;
    const beforeX = edits === 0 ? 0 : row[middle + before]!;
    const beforeY = edits === 0 ? 0 : beforeX - before;
    while (x > beforeX && y > beforeY) matches.push([--x, --y]);
    x = beforeX;
    y = beforeY;
  }
  return matches.reverse();
}
