import { pick, type Random } from './random.ts';

const WORDS = [
  'the rope walk',
  'flour, sifted',
  'Ferry Lane',
  'Marian Orme',
  'lanterns for the quay',
  'a pound of butter',
  'oars',
  'the second sluice',
  'Mr. Pell called about the gate',
  'low water',
  'Wrackby',
  'boats in, none out',
  'men at work on the wall',
  'tar',
  'days of rain',
  'the keeper wrote nothing',
] as const;

const whole = (random: Random, most: number) => Math.floor(random() * most);
const words = (random: Random) => pick(random, WORDS);
const title = (random: Random) => words(random).replace(/^./, (first) => first.toUpperCase());

/** Lines of everyday lists with figures in them, none of which number a page, a line or a note. By what they look like. */
export const FIGURE_LINES: Readonly<Record<string, (random: Random, at: number) => string>> = {
  'a figure and words': (r) => `${whole(r, 40)} ${words(r)}`,
  'a figure and a title': (r) => `${whole(r, 200)} ${title(r)}`,
  'figures that grow': (r, at) => `${at * 2 + whole(r, 3)} ${title(r)}`,
  'a figure behind': (r) => `${title(r)} ${whole(r, 60)}`,
  'a figure behind a gap': (r) => `${title(r)}   ${whole(r, 60)}`,
  years: (r, at) => `${1880 + at} ${title(r)}`,
  addresses: (r) => `${whole(r, 120)} Ferry Lane, Wrackby`,
  scores: (r) => `${title(r)} ${whole(r, 9)}-${whole(r, 9)}`,
  'scores with a colon': (r) => `${title(r)} ${whole(r, 9)}:${whole(r, 9)}`,
  prices: (r) => `${title(r)} ${whole(r, 9)}.${10 + whole(r, 89)}`,
  times: (r) => `${7 + whole(r, 12)}:${10 + whole(r, 49)} ${words(r)}`,
  'times behind': (r) => `${title(r)} ${7 + whole(r, 12)}:${10 + whole(r, 49)}`,
  'in brackets behind': (r) => `${title(r)} (${1 + whole(r, 300)})`,
  'with a sign': (r) => `#${whole(r, 90)} ${title(r)}`,
  'at the end of a sentence': (r) => `${title(r)} ${whole(r, 20)}.`,
  rooms: (r) => `Room ${whole(r, 30)}${pick(r, ['', `, ${words(r)}`])}`,
  marks: (r) => `${pick(r, ['Orme', 'Pell', 'Trask'])}, ${pick(r, ['A.', 'M.'])} ${whole(r, 100)}`,
  telephones: (r) => `${pick(r, ['Orme', 'Pell', 'Trask'])} 0${100 + whole(r, 800)} ${100000 + whole(r, 800000)}`,
  'alone on some lines': (r) => (r() < 0.4 ? String(whole(r, 60)) : title(r)),
  'alone on every other line': (r, at) => (at % 2 ? title(r) : String(whole(r, 99))),
  'measured things': (r) => `${title(r)}: ${whole(r, 30)} degrees, wind ${whole(r, 12)}`,
};
