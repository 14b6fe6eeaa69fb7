import type { LineTable } from '../../lines/line-table.ts';
import { isOption } from '../../lines/line-features.ts';
import { isDigit } from '../../text/characters.ts';
import { Sign } from '../../text/signs.ts';

/** The beginning of a line in which what tells its shape stands, in units. */
export const LONGEST_LEAD = 40;

/** What lines of a list have in common, each in one bit; and those whose lines never go on in the next. */
export const Shape = {
  /** A time, a date, a figure or a count before the words: "9:15 ", "1711 ", "2 x ". */
  figureBefore: 1,
  /** "Name: words", "term: words", "p. 12, line 4: words". */
  keyBefore: 2,
  /** "word – what it means", "Monday | what there is". */
  dashBefore: 4,
  /** A page, a price or a telephone number behind the words. */
  figureBehind: 8,
  assignment: 16,
  command: 32,
  cells: 64,
  /** A date with a time, either in brackets, or a name in brackets: "[12:04] ", "2025-03-04 09:15 ", "<mette> ", "[Ruth] ". */
  stampBefore: 128,
  /** A name and a time above what was said: "Mette Holm  9:14 AM", "Mette Holm — Today at 9:14". */
  nameAndTime: 256,
  /** Dots that lead from words to others: "Hannah Pell . . . . . Ruth Corran". */
  leader: 512,
  /** An entry under a name: "Corran, R. (1988)", "HALE, Elin". */
  nameBefore: 1024,
  /** An option of a command and what it does: "-q, --quiet  says nothing". */
  option: 2048,
  /** A word, such as a day, and a time before other words: "Mon 9:15–9:45 ", "tis 08.00 ". */
  wordAndTime: 4096,
} as const;
export const WHOLE = Shape.assignment | Shape.command | Shape.cells | Shape.nameAndTime | Shape.leader;

const TIME = String.raw`(?:\d{1,3}[:.h]\d\d(?:[:.]\d\d)?(?:\s?[ap]\.?m\b\.?)?|\d{1,2}\s?[ap]\.?m\b\.?)`;
/** "9:15", "9.15 pm", "9:15–9:45". */
const TIMES = String.raw`${TIME}(?:\s?[–-]\s?${TIME})?`;

/** What a line of each shape looks like, and which lines may: a look at a character or two refuses most. */
const PATTERNS: readonly {
  readonly shape: number;
  readonly may: (text: string) => boolean;
  readonly pattern: Pick<RegExp, 'test'>;
}[] = [
  {
    shape: Shape.figureBefore,
    may: (text) => isDigit(text.charCodeAt(0)),
    pattern: new RegExp(
      `^(?:${TIMES}|\\d{1,4}(?:[./–-]\\d{1,4}){0,2}|\\d{1,4} ?[x×])(?:[.:;,)]?\\s+|\\t)[^\\s\\d]`,
      'i',
    ),
  },
  {
    shape: Shape.wordAndTime,
    may: (text) => isDigit(text.charCodeAt(text.indexOf(' ') + 1)),
    pattern: new RegExp(String.raw`^\p{L}{2,12}[.,]?\s+${TIMES}(?!\S)`, 'iu'),
  },
  {
    shape: Shape.keyBefore,
    may: (text) => hasEarly(text, ':'),
    pattern:
      /^(?:[\p{Lu}\p{N}][^:.!?\n]{0,30}\.?:(?:\s|$)|\p{Ll}[\p{L}-]{1,15}:\s|\p{Ll}{1,6}\.? \d[^:.!?\n]{0,20}:\s)/u,
  },
  {
    shape: Shape.dashBefore,
    may: (text) => [' –', ' —', ' -', ' |'].some((sign) => hasEarly(text, sign)),
    pattern: /^[^\s–—|-][^–—|\n]{0,30}\s[–—|-]\s\S/,
  },
  {
    shape: Shape.figureBehind,
    may: (text) => isDigit(text.charCodeAt(text.length - 1)) || isDigit(text.charCodeAt(text.length - 2)),
    pattern: { test: hasFigureBehind },
  },
  {
    shape: Shape.assignment,
    may: (text) => '#;['.includes(text[0]!) || hasEarly(text, '='),
    pattern: /^[#;]|^\[[\w .-]+\]$|^[\w.-]+\s?=\s?\S|^[\w.-]+\s?=$/,
  },
  {
    shape: Shape.stampBefore,
    may: (text) => isDigit(text.charCodeAt(0)) || '[(<'.includes(text[0]!),
    pattern:
      /^(?:<[\w^`|[\]-]{1,20}>|\[[a-z][a-z .'-]{1,20}\]|[[(]\d{1,4}[:./-]\d\d(?:[:./-]\d{1,4})?(?:,?\s\d{1,2}[:.]\d\d(?:[:.]\d\d)?)?(?:\s?[ap]\.?m\.?)?[\])]|\d{1,4}[./-]\d{1,2}[./-]\d{1,4}[,T]?\s?\d{1,2}[:.]\d\d)\S*\s/i,
  },
  {
    shape: Shape.nameAndTime,
    may: (text) => isDigit(text.charCodeAt(text.length - 1)) || /(?:m\.?|\))$/i.test(text),
    pattern:
      /^\p{Lu}[\p{L} .'’-]{0,30}(?:\s{1,60}|, | [–—•·|] )(?:\p{L}{2,9} \p{L}{1,3} |\d{1,4}[./-]\d{1,2}[./-]\d{1,4},? )?\(?\d{1,2}:\d\d(?:\s?[AaPp]\.?[Mm]\.?)?\)?$/u,
  },
  {
    shape: Shape.leader,
    may: (text) => text.includes('. .') || text.includes('...'),
    pattern: /\S\s*(?:\.\s?){5,}\s*\S/,
  },
  {
    shape: Shape.nameBefore,
    may: (text) => hasEarly(text, ', '),
    pattern:
      /^(?:\p{Lu}[\p{L}’'-]+(?: \p{Lu}[\p{L}’'-]+)?, (?:\p{Lu}\.[ -]?){1,3}[^.]{0,60}?\(\d{4}[a-z]?\)|\p{Lu}{2}[\p{Lu} ’'-]*, \p{Lu}\p{Ll})/u,
  },
  { shape: Shape.option, may: (text) => text[0] === '-', pattern: { test: isOption } },
  { shape: Shape.command, may: (text) => '$%>#'.includes(text[0]!), pattern: /^[$%>#]\s\S/ },
  { shape: Shape.cells, may: (text) => text[0] === '|' || text.includes('\t'), pattern: /^\|.*\|$|\S\t+\S/ },
];

/** How far from its end a line is looked at for a figure and what parts it from the words, in units. */
const LONGEST_TAIL = 40;
const PARTED_FIGURE = /(?:[,.…]|\s\s|\t)\s*\d[\d.,–-]{0,20}$/;
const LAST_FIGURE = /\s\d{1,4}$/;
const FARTHEST_WORDS = 80;
const FARTHEST_WORDS_OF_SENTENCE = 50;
const LETTER = /\p{L}/u;

/**
 * Words and a figure behind them that a sign or a wide space parts, or that ends a line with no sentence end in it. Read from the end. More
 * follows behind a comma.
 */
function hasFigureBehind(text: string): boolean {
  if (text.endsWith(',')) return false;
  const start = Math.max(0, text.length - LONGEST_TAIL);
  const tail = text.slice(start);
  const parted = PARTED_FIGURE.exec(tail);
  if (parted) {
    const to = start + parted.index;
    if (LETTER.test(text.slice(Math.max(0, to - FARTHEST_WORDS - 1), to))) return true;
  }
  const last = LAST_FIGURE.exec(tail);
  if (!last) return false;
  const to = start + last.index;
  const words = text.slice(Math.max(0, to - FARTHEST_WORDS_OF_SENTENCE - 1), to);
  return LETTER.test(words.slice(Math.max(...['.', '!', '?'].map((sign) => words.lastIndexOf(sign))) + 1));
}

/** Cheap refusal: most lines of prose have no figure, no dash, and none of the signs that part a name from its value. */
export function mayHaveShape(source: string, table: LineTable, line: number): boolean {
  if (table.signs[line]! & (Sign.figure | Sign.dash | Sign.tab)) return true;
  const from = table.from[line]!;
  const to = Math.min(table.to[line]!, from + LONGEST_LEAD);
  if ('#;[$%>|<(-'.includes(source[from]!)) return true;
  for (let at = from; at < to; at++) {
    const code = source.charCodeAt(at);
    if (code === 0x3a || code === 0x3d || code === 0x7c) return true;
    if (code === 0x2c && (isCapital(source.charCodeAt(from + 1)) || source[at + 3] === '.')) return true;
    if (code === 0x2e && (source[at + 1] === '.' || source.startsWith(' .', at + 1))) return true;
  }
  return false;
}

function isCapital(code: number): boolean {
  return code >= 0x41 && code <= 0x5a;
}

function hasEarly(text: string, sign: string): boolean {
  const at = text.indexOf(sign);
  return at > 0 && at < LONGEST_LEAD;
}

/** The shapes that the words of a line have, as bits. */
export function shapeOf(text: string): number {
  let shapes = 0;
  if (text === '') return shapes;
  for (const { shape, may, pattern } of PATTERNS) if (may(text) && pattern.test(text)) shapes |= shape;
  return shapes;
}
