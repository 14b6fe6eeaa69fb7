import { pick, type Random } from './random.ts';

/** A line of an index, and the parts of it that a person would keep; no parts in a line that is not like the others. */
export interface IndexLine {
  readonly line: string;
  readonly parts: readonly { readonly from: number; readonly to: number }[];
}

/** A family of index lines. In its lines "<" and ">" stand around what is kept. */
export interface IndexFamily {
  readonly name: string;
  line(random: Random): string;
  /** A line that stands among the others and is none of them. */
  stray?(random: Random): string;
}

const TITLES = [
  'The rope walk',
  'Saint Olave’s Halt',
  'Introduction',
  'Why the boats face the wrong way',
  'Stop 4: The chandler’s window',
  'The house with no front door',
  'Two hundred and six subscribers',
  'Larch, oak, and whatever there is',
  'A word about thwarts (again)',
  'Redshank',
  'Low tide, high words',
  'Half-timbered, half-forgotten',
  'The bench of the pilots, 1890',
  'Is there a door for cats?',
] as const;
/** Without signs that part pieces. */
const PLAIN = [
  'The rope walk',
  'The salt office',
  'A door for cats',
  'Low water',
  'The drowned lane',
  'Lantern Mill',
] as const;
const PEOPLE = ['Marian Orme', 'Enoch Trask', 'Ada Pell', 'Jonas Averill', 'Tobias Wend'] as const;
const SURNAMES = ['Orme', 'Trask', 'Pell', 'Averill', 'Wend', 'Larkin'] as const;
const FORENAMES = ['Marian', 'Enoch', 'Ada', 'Jonas', 'Tobias'] as const;
const MONTHS = ['January', 'March', 'May', 'August', 'October', 'December'] as const;
const STRAYS = [
  '(This stop is closed in winter.)',
  'Part two',
  'All times are those of the spring recording.',
] as const;

const whole = (random: Random, most: number) => Math.floor(random() * most);
const two = (value: number) => String(value).padStart(2, '0');
const clock = (random: Random) => {
  const short = `${two(whole(random, 60))}:${two(whole(random, 60))}`;
  return random() < 0.2 ? `${1 + whole(random, 3)}:${short}` : short;
};
const gap = (random: Random) => pick(random, [' ', ' ', ' ', '  ', '   ']);
const address = (random: Random) =>
  pick(random, [`saltfern.example/s${1 + whole(random, 90)}`, `https://saltfern.example/stop?n=${whole(random, 99)}`]);
const title = (random: Random) => `<${pick(random, TITLES)}>`;
const plain = (random: Random) => `<${pick(random, PLAIN)}>`;
const stray = (random: Random) => pick(random, STRAYS);
const date = (random: Random) => `${1 + whole(random, 28)} ${pick(random, MONTHS)} ${1860 + whole(random, 90)}`;
const figureDate = (random: Random) =>
  `${1900 + whole(random, 60)}-${two(1 + whole(random, 12))}-${two(1 + whole(random, 28))}`;
const page = (random: Random) => String(1 + whole(random, 400));

export const INDEX_FAMILIES: readonly IndexFamily[] = [
  { name: 'time, title, link', stray, line: (r) => `${clock(r)} |${gap(r)}${title(r)} | ${address(r)}` },
  {
    name: 'time, title, link that may be missing',
    stray,
    line: (r) => `${clock(r)} | ${title(r)}${r() < 0.25 ? '' : ` | ${address(r)}`}`,
  },
  { name: 'time before', stray, line: (r) => `${clock(r)}${gap(r)}${title(r)}` },
  {
    name: 'time before, with a dash or none',
    stray,
    line: (r) => `${clock(r)} ${pick(r, ['– ', '- ', ''])}${title(r)}`,
  },
  { name: 'time in brackets', stray, line: (r) => `[${clock(r)}]${gap(r)}${title(r)}` },
  { name: 'time behind', stray, line: (r) => `${title(r)}${gap(r)}${clock(r)}` },
  { name: 'time behind a dash', stray, line: (r) => `${title(r)} –${gap(r)}${clock(r)}` },
  { name: 'time and length', stray, line: (r) => `${clock(r)} ${title(r)} (${1 + whole(r, 9)} min)` },
  { name: 'numbered, with time', stray, line: (r) => `${1 + whole(r, 60)}. ${clock(r)}${gap(r)}${title(r)}` },
  { name: 'numbered', stray, line: (r) => `${1 + whole(r, 60)}.${gap(r)}${title(r)}` },
  { name: 'numbered in brackets', stray, line: (r) => `(${1 + whole(r, 60)})${gap(r)}${title(r)}` },
  { name: 'page behind dots', stray, line: (r) => `${title(r)} ${'.'.repeat(4 + whole(r, 30))} ${page(r)}` },
  { name: 'number, page behind dots', stray, line: (r) => `${1 + whole(r, 30)}. ${title(r)} ..... ${page(r)}` },
  { name: 'link behind', stray, line: (r) => `${plain(r)}${pick(r, [' - ', ': ', ' '])}${address(r)}` },
  { name: 'date before', stray, line: (r) => `${date(r)}${pick(r, [': ', ' – ', ' '])}${title(r)}` },
  { name: 'date in figures, place, title', stray, line: (r) => `${figureDate(r)}; ${pick(r, PEOPLE)}; ${plain(r)}` },
  { name: 'name, dash, trade', line: (r) => `<${pick(r, SURNAMES)}, ${pick(r, FORENAMES)}> – ${pick(r, PLAIN)}` },
  { name: 'columns by tabs', line: (r) => `${page(r)}\t${plain(r)}\t${pick(r, PEOPLE)}` },
  { name: 'columns by spaces', line: (r) => `<${pick(r, PEOPLE)}>    ${page(r)}    ${date(r)}` },
  { name: 'three columns by bars', line: (r) => `${pick(r, PEOPLE)} | ${plain(r)} | ${pick(r, PLAIN)}` },
  { name: 'time and title, both kept', stray, line: (r) => `<${clock(r)}> | ${title(r)} | ${address(r)}` },
  { name: 'number word before', stray, line: (r) => `Stop ${1 + whole(r, 60)}${gap(r)}${plain(r)}` },
  { name: 'words behind a colon', line: (r) => `Stop ${1 + whole(r, 60)}:${gap(r)}${plain(r)} | ${address(r)}` },
  { name: 'bulleted, time behind', stray, line: (r) => `• ${title(r)} ${clock(r)}` },
];

/** So many lines of a family. */
export function indexLines(family: IndexFamily, random: Random, count: number): IndexLine[] {
  return Array.from({ length: count }, () => readMarks(family.line(random)));
}

/** Reads "<" and ">" as the borders of what is kept. */
export function readMarks(marked: string): IndexLine {
  let line = '';
  const parts: { from: number; to: number }[] = [];
  for (const piece of marked.split(/([<>])/)) {
    if (piece === '<') parts.push({ from: line.length, to: line.length });
    else if (piece === '>') parts.push({ from: parts.pop()!.from, to: line.length });
    else line += piece;
  }
  return { line, parts };
}
