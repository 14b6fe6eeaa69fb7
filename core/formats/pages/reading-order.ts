import type { PlacedLine } from './placed-line.ts';

/** Columns have at least so many lines each. */
const FEWEST_LINES = 6;
/** So many of the lines at most may stand across the gap between two columns, as heads and titles do. */
const MOST_ACROSS = 0.25;
/** The gap between columns, in sizes of the type. */
const NARROWEST_GAP = 0.8;
/** Where on a page, as shares of the width of what is set, a gap between two columns may be. */
const FIRST_SHARE = 0.25;
const LAST_SHARE = 0.75;
const STEPS = 60;

/**
 * Lines in the order in which they are read: down the left column, then down the right one, between lines that stand across both.
 * Lines of one column, or none, stay in the order in which they stand from top to bottom.
 */
export function inReadingOrder(lines: readonly PlacedLine[]): PlacedLine[] {
  const gap = findGap(lines);
  if (gap === undefined) return downwards(lines);
  const across = downwards(lines.filter((line) => line.left < gap && line.right > gap));
  const ordered: PlacedLine[] = [];
  let from = -Infinity;
  for (const end of [...across, undefined]) {
    const to = end?.baseline ?? Infinity;
    const between = lines.filter(
      (line) => line.baseline > from && line.baseline <= to && line !== end && !across.includes(line),
    );
    ordered.push(...inReadingOrderOf(between, gap));
    if (end) ordered.push(end);
    from = to;
  }
  return ordered;
}

function inReadingOrderOf(lines: readonly PlacedLine[], gap: number): PlacedLine[] {
  const left = lines.filter((line) => line.right <= gap);
  const right = lines.filter((line) => line.right > gap);
  return [...inReadingOrder(left), ...inReadingOrder(right)];
}

/** From top to bottom; parts of one line from left to right. */
function downwards(lines: readonly PlacedLine[]): PlacedLine[] {
  const sorted = [...lines].sort((a, b) => a.baseline - b.baseline);
  const rows: PlacedLine[][] = [];
  for (const line of sorted) {
    const row = rows.at(-1);
    if (row && line.baseline - row[0]!.baseline < 0.3 * line.size) row.push(line);
    else rows.push([line]);
  }
  return rows.flatMap((row) => joinRow(row.sort((a, b) => a.left - b.left)));
}

/** Parts of one line that stand far apart are one line with a wide gap, as in tables and heads of pages. */
function joinRow(row: readonly PlacedLine[]): PlacedLine[] {
  const [first, ...others] = row;
  if (others.length === 0) return [first!];
  const text = row.map((line) => line.text).join('   ');
  return [{ ...first!, text, right: Math.max(...row.map(({ right }) => right)) }];
}

/** Where the gap between two columns lies; undefined where there is one column. */
function findGap(lines: readonly PlacedLine[]): number | undefined {
  if (lines.length < 2 * FEWEST_LINES) return undefined;
  const left = Math.min(...lines.map((line) => line.left));
  const right = Math.max(...lines.map((line) => line.right));
  const size = [...lines].sort((a, b) => a.size - b.size)[lines.length >> 1]!.size;
  let best: { at: number; across: number; clear: number } | undefined;
  for (let step = 0; step <= STEPS; step++) {
    const at = left + (right - left) * (FIRST_SHARE + ((LAST_SHARE - FIRST_SHARE) * step) / STEPS);
    const before = lines.filter((line) => line.right <= at);
    const behind = lines.filter((line) => line.left >= at);
    if (before.length < FEWEST_LINES || behind.length < FEWEST_LINES) continue;
    const across = lines.length - before.length - behind.length;
    if (across > MOST_ACROSS * lines.length) continue;
    const clear = startOf(behind) - endOf(before);
    if (clear < NARROWEST_GAP * size || !standBeside(before, behind)) continue;
    if (!best || across < best.across || (across === best.across && clear > best.clear)) best = { at, across, clear };
  }
  return best?.at;
}

/** Most lines of a column reach about as far; single ones may stand out. */
function endOf(lines: readonly PlacedLine[]): number {
  return shareOf(
    lines.map(({ right }) => right),
    0.95,
  );
}

function startOf(lines: readonly PlacedLine[]): number {
  return shareOf(
    lines.map(({ left }) => left),
    0.05,
  );
}

function shareOf(values: readonly number[], share: number): number {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.floor((sorted.length - 1) * share)]!;
}

/** Columns stand beside one another for most of the shorter one's height, and are no narrow strip of numbers. */
function standBeside(before: readonly PlacedLine[], behind: readonly PlacedLine[]): boolean {
  const range = (lines: readonly PlacedLine[]) => {
    const baselines = lines.map(({ baseline }) => baseline);
    return [Math.min(...baselines), Math.max(...baselines)] as const;
  };
  const [topA, endA] = range(before);
  const [topB, endB] = range(behind);
  const shared = Math.min(endA, endB) - Math.max(topA, topB);
  const isWide = (lines: readonly PlacedLine[]) =>
    lines.filter(({ text }) => text.length > 12).length > lines.length / 2;
  return shared > 0.5 * Math.min(endA - topA, endB - topB) && isWide(before) && isWide(behind);
}
