/** A list that is open: how deep it stands, and what its next item is numbered. */
export interface ListAt {
  readonly depth: number;
  readonly isOrdered: boolean;
  next: number;
  /** As HTML's `type`: 1, a, A, i or I. */
  readonly form: string;
}

/** The sign before an item, and the list counts on. `value`: the number that the item sets itself. */
export function markerOf(list: ListAt, value?: string): string {
  if (!list.isOrdered) return '•';
  const own = value === undefined ? NaN : Number(value);
  const number = Number.isInteger(own) ? own : list.next;
  list.next = number + 1;
  return `${writeNumber(number, list.form)}.`;
}

/** A number as lists write it. Forms as in HTML: "1", "a", "A", "i", "I"; others count in figures. */
export function writeNumber(number: number, form: string): string {
  if (number > 0 && (form === 'a' || form === 'A')) return caseOf(lettersOf(number), form === 'A');
  if (number > 0 && number < 4000 && (form === 'i' || form === 'I')) return caseOf(romanOf(number), form === 'I');
  return String(number);
}

function caseOf(text: string, isUpper: boolean): string {
  return isUpper ? text.toUpperCase() : text;
}

/** a … z, aa, ab … */
function lettersOf(number: number): string {
  let letters = '';
  for (let left = number; left > 0; left = Math.floor((left - 1) / 26))
    letters = String.fromCharCode(97 + ((left - 1) % 26)) + letters;
  return letters;
}

const ROMAN: readonly (readonly [number, string])[] = [
  [1000, 'm'],
  [900, 'cm'],
  [500, 'd'],
  [400, 'cd'],
  [100, 'c'],
  [90, 'xc'],
  [50, 'l'],
  [40, 'xl'],
  [10, 'x'],
  [9, 'ix'],
  [5, 'v'],
  [4, 'iv'],
  [1, 'i'],
];

function romanOf(number: number): string {
  let left = number;
  let roman = '';
  for (const [value, sign] of ROMAN) {
    for (; left >= value; left -= value) roman += sign;
  }
  return roman;
}
