/** What figures in square brackets are, as far as the whole text tells. */
export interface BracketedFigures {
  /** Places in rows, as in programs: "a[0]", "x[i] = y[1]". */
  readonly areIndices: boolean;
  /**
   * Whether those that stand apart from their words count on through the text, as marks of notes do and the marks of an
   * examination paper do not; undefined where there are too few to tell.
   */
  readonly countOn: boolean | undefined;
}

const BRACKETED = /\[(\d{1,3}|[a-z])\]/g;
const GLUES = /[\p{L}\p{N}_\])]/u;
const FEWEST = 3;
const SHARE_OF_STEPS_BACK = 0.4;

/**
 * Looks at all figures in brackets behind words. Marks of notes count from one upwards; places in rows begin with nought, and come
 * again. Linear in the length of the source.
 */
export function readBracketedFigures(source: string): BracketedFigures {
  let last = 0;
  let count = 0;
  let back = 0;
  let letters = 0;
  let far = 0;
  let hasNought = false;
  let isAssigned = false;
  const apart: number[] = [];
  for (const { 0: match, 1: place, index } of source.matchAll(BRACKETED)) {
    if (index === 0) continue;
    if (!GLUES.test(source[index - 1]!)) {
      if (/\d/.test(place!) && /[^\n][ \t]$/.test(source.slice(Math.max(0, index - 2), index)))
        apart.push(Number(place));
      if (/[ \t]{3}$/.test(source.slice(Math.max(0, index - 3), index))) far++;
      continue;
    }
    hasNought ||= place === '0';
    isAssigned ||= /^\s?[=+*/]\s/.test(source.slice(index + match.length, index + match.length + 3));
    if (/\d/.test(place!)) {
      count++;
      if (Number(place) <= last) back++;
      last = Number(place);
    } else letters++;
  }
  const comeAgain = count >= FEWEST && back >= (count - 1) * SHARE_OF_STEPS_BACK;
  return {
    areIndices: hasNought || (isAssigned && count + letters > 1) || comeAgain,
    // In a column at the right they tell what a question is worth.
    countOn: far > 0 && far * 2 >= apart.length ? false : countOn(apart),
  };
}

const SHARE_OF_NEXT = 0.6;
const FARTHEST_STEP = 3;

/** Whether most numbers that come for the first time follow the highest before them closely. */
function countOn(numbers: readonly number[]): boolean | undefined {
  const seen = new Set<number>();
  let highest = numbers[0] ?? 0;
  let steps = 0;
  let next = 0;
  for (const number of numbers) {
    if (seen.size > 0 && !seen.has(number)) {
      steps++;
      if (number > highest && number <= highest + FARTHEST_STEP) next++;
    }
    seen.add(number);
    highest = Math.max(highest, number);
  }
  return steps === 0 ? undefined : next >= steps * SHARE_OF_NEXT;
}
