import { BLANKS } from './signs.ts';

/** The dialects in which the expression behind a shape can be taken along. */
export const DIALECTS = ['ecmascript', 'pcre', 'posix', 're2'] as const;
export type Dialect = (typeof DIALECTS)[number];

/** An expression as a tree: what all dialects can say, and nothing else. */
export type Node =
  | { readonly is: 'text'; readonly text: string }
  /** One character of these, or none of these. A range is written as in "0-9". */
  | { readonly is: 'class'; readonly chars: string; readonly ranges: readonly string[]; readonly not: boolean }
  | { readonly is: 'all'; readonly of: readonly Node[] }
  | { readonly is: 'any'; readonly of: readonly Node[] }
  | { readonly is: 'times'; readonly of: Node; readonly least: number; readonly most: number }
  | { readonly is: 'group'; readonly of: Node };

export const text = (words: string): Node => ({ is: 'text', text: words });
export const all = (...of: Node[]): Node => ({ is: 'all', of });
export const any = (...of: Node[]): Node => ({ is: 'any', of });
export const times = (of: Node, least: number, most = Infinity): Node => ({ is: 'times', of, least, most });
export const optional = (of: Node): Node => times(of, 0, 1);
export const group = (of: Node): Node => ({ is: 'group', of });
export const oneOf = (chars: string, ...ranges: string[]): Node => ({ is: 'class', chars, ranges, not: false });
export const noneOf = (chars: string): Node => ({ is: 'class', chars, ranges: [], not: true });
export const DIGIT = oneOf('', '0-9');
export const BLANK = oneOf(BLANKS);

export interface Written {
  readonly expression: string;
  /** The numbers of the kept groups, in order: POSIX has no groups that do not count. */
  readonly groups: readonly number[];
}

/** Writes an expression that fits a whole line, in a dialect. */
export function writeExpression(node: Node, dialect: Dialect): Written {
  const groups: number[] = [];
  let opened = 0;
  const open = (isKept: boolean): string => {
    if (!isKept && dialect !== 'posix') return '(?:';
    opened++;
    if (isKept) groups.push(opened);
    return '(';
  };
  const write = (of: Node): string => {
    switch (of.is) {
      case 'text':
        return escaped(of.text, dialect);
      case 'class':
        return writeClass(of, dialect);
      case 'all':
        return of.of.map((part) => (part.is === 'any' ? `${open(false)}${write(part)})` : write(part))).join('');
      case 'any':
        return of.of.map(write).join('|');
      case 'group':
        return `${open(true)}${write(of.of)})`;
      case 'times': {
        const isSingle = of.of.is === 'class' || (of.of.is === 'text' && [...of.of.text].length === 1);
        const inner = isSingle ? write(of.of) : `${open(false)}${write(of.of)})`;
        return inner + countOf(of.least, of.most);
      }
    }
  };
  return { expression: `^${write(node)}$`, groups };
}

function countOf(least: number, most: number): string {
  if (least === 0 && most === 1) return '?';
  if (most === Infinity) return least === 0 ? '*' : least === 1 ? '+' : `{${least},}`;
  return least === most ? `{${least}}` : `{${least},${most}}`;
}

function escaped(words: string, dialect: Dialect): string {
  if (dialect === 'ecmascript') return words.replace(/[\\^$.*+?()[\]{}|/]/g, '\\$&');
  if (dialect === 'posix')
    return words.replace(/[\\^$.*+?()[\]{}|]/g, (sign) => (sign === ']' || sign === '}' ? sign : `\\${sign}`));
  return words.replace(/[\\^$.*+?()[\]{}|]/g, '\\$&');
}

function writeClass({ chars, ranges, not }: Node & { readonly is: 'class' }, dialect: Dialect): string {
  const caret = not ? '^' : '';
  if (dialect === 'posix') {
    // In POSIX nothing is escaped in brackets: a closing one stands first, an opening one behind ":", a caret not first, a hyphen last.
    const where = (sign: string) => (chars.includes(sign) ? sign : '');
    const rest = [...chars].filter((sign) => !']-^['.includes(sign)).join('');
    const ordered = where(']') + ranges.join('') + rest + where('[') + where('^') + where('-');
    return ordered === '^' && !not ? '\\^' : `[${caret}${ordered}]`;
  }
  const signs = [...chars].map((sign) => {
    if (sign === '\t') return '\\t';
    if (sign === '\u00a0') return dialect === 'ecmascript' ? '\\u00a0' : '\\x{a0}';
    return /[\\\]^[-]/.test(sign) || (sign === '/' && dialect === 'ecmascript') ? `\\${sign}` : sign;
  });
  return `[${caret}${ranges.join('')}${signs.join('')}]`;
}

/** The highest group that a replacement can name: of POSIX only nine. */
export const MOST_GROUPS: Readonly<Record<Dialect, number>> = { ecmascript: 99, pcre: 99, posix: 9, re2: 9 };

/** A replacement: words and kept groups in turn, with the signs of the dialect. */
export function writeReplacement(parts: readonly (string | number)[], dialect: Dialect): string {
  const isBackslashed = dialect === 'posix' || dialect === 're2';
  return parts
    .map((part, at) => {
      if (typeof part === 'number') {
        const next = parts[at + 1];
        const runsOn = typeof next === 'string' && /^[0-9]/.test(next);
        if (isBackslashed) return `\\${part}`;
        return runsOn && dialect === 'pcre' ? `\${${part}}` : `$${runsOn && part < 10 ? '0' : ''}${part}`;
      }
      if (dialect === 'posix')
        return part
          .replace(/[\\&/]/g, '\\$&')
          .replace(/\t/g, '\\t')
          .replace(/\n/g, '\\n');
      if (dialect === 're2') return part.replace(/\\/g, '\\\\');
      return part.replace(/\$/g, '$$$$');
    })
    .join('');
}
