const BRACKETED = /\[(\d{1,3}|[a-z])\]/g;
const GLUES = /[\p{L}\p{N}_\])]/u;
const FEWEST = 3;
const SHARE_OF_STEPS_BACK = 0.4;

/**
 * Whether what stands in square brackets behind words are places in rows, as in programs: "a[0]", "x[i] = y[1]". Marks of notes
 * count from one upwards; places begin with nought, and come again.
 */
export function hasIndices(source: string): boolean {
  let last = 0;
  let count = 0;
  let back = 0;
  let letters = 0;
  let isAssigned = false;
  for (const { 0: match, 1: place, index } of source.matchAll(BRACKETED)) {
    if (index === 0 || !GLUES.test(source[index - 1]!)) continue;
    if (place === '0') return true;
    isAssigned ||= /^\s?[=+*/]\s/.test(source.slice(index + match.length, index + match.length + 3));
    if (/\d/.test(place!)) {
      count++;
      if (Number(place) <= last) back++;
      last = Number(place);
    } else letters++;
  }
  return (isAssigned && count + letters > 1) || (count >= FEWEST && back >= (count - 1) * SHARE_OF_STEPS_BACK);
}
