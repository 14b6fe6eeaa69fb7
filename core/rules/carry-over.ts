/**
 * Expressions from elsewhere, made into ones of ours: the ECMAScript dialect with Unicode. What another dialect writes in another way
 * is rewritten; what ours cannot say is told and, where the rest still makes sense, left out.
 *
 * Sources: pcre2pattern(3); POSIX.1-2017, Base Definitions 9; the syntax page of RE2; ECMA-262, 22.2.
 */

/** Where an expression may come from. `basic` is the older form of POSIX, in which "\(" opens a group. */
export const FOREIGN_DIALECTS = ['pcre', 'posix', 'basic', 're2'] as const;
export type ForeignDialect = (typeof FOREIGN_DIALECTS)[number];

/** What cannot be carried over: at best something like it takes its place. */
export type Lost =
  | 'possessive'
  | 'atomic'
  | 'recursion'
  | 'conditional'
  | 'keep-out'
  | 'position'
  | 'extended'
  | 'any-line-end'
  | 'case-change';

export interface Carried {
  readonly text: string;
  readonly insert: string;
  /** Undefined where the expression says nothing of it. */
  readonly matchCase?: boolean;
  readonly lost: readonly Lost[];
}

/** The dialects that an expression may be written in, the likeliest first; none where it is one of ours. */
export function guessDialects(text: string): ForeignDialect[] {
  const body = commandOf(text)?.text ?? text;
  const isBasic = /\\\(.*\\\)|\\\{\d+(?:,\d*)?\\\}/.test(body) && !/(?:^|[^\\])[()]/.test(body);
  if (ONLY_PCRE.test(body)) return ['pcre'];
  if (ALSO_RE2.test(body)) return ['re2', 'pcre'];
  if (isBasic) return ['basic', 'pcre'];
  if (/\[\[:\^?\w+:\]|\[\[:\w+:\]\]|\[[^\]]*\[:\w+:\]/.test(body)) return ['posix', 'pcre'];
  if (/\\[<>`']/.test(body)) return ['posix'];
  return commandOf(text) || needsLess(body) ? ['pcre'] : [];
}

const ONLY_PCRE =
  /\\[ZhHRKGN](?![a-z])|\(\?(?:>|R|[+-]?\d|'|\||\(|#|[imsx-]*x[imsx-]*[):])|(?:[*+?]|\{\d+(?:,\d*)?\})\+/;
const ALSO_RE2 = /\\[AzQ](?![a-z])|\(\?(?:P[<=]|[ims-]+[):])/;

/** Signs that other dialects let stand behind a backslash without need, and ours does not. */
function needsLess(body: string): boolean {
  return /\\[-"'#%&,:;<=>@_` ~!]/.test(body);
}

/** Rewrites an expression and its replacement. */
export function carryOver(text: string, insert: string, from: ForeignDialect): Carried {
  const command = commandOf(text);
  const lost = new Set<Lost>();
  const body = command?.text ?? text;
  const { rest, flags } = leadingFlags(body);
  const all = flags + (command?.flags ?? '');
  if (all.includes('x')) lost.add('extended');
  const rewritten = rewrite(from === 'basic' ? fromBasic(rest) : rest, lost);
  return {
    text: all.includes('s') ? dotsForAll(rewritten) : rewritten,
    insert: replacementOf(command?.insert ?? insert, from, lost),
    ...(/i/i.test(all) && { matchCase: false }),
    lost: [...lost],
  };
}

/** "s/expression/replacement/flags", with any sign in the place of the slash; undefined for another text. */
function commandOf(
  text: string,
): { readonly text: string; readonly insert: string; readonly flags: string } | undefined {
  const sign = /^s([^\w\s\\])/.exec(text)?.[1];
  if (sign === undefined) return undefined;
  const parts: string[] = [''];
  for (let at = 2; at < text.length; at++) {
    if (text[at] === '\\' && at + 1 < text.length) {
      parts[parts.length - 1] += text[at + 1] === sign ? sign : text.slice(at, at + 2);
      at++;
    } else if (text[at] === sign) parts.push('');
    else parts[parts.length - 1] += text[at]!;
  }
  const [body = '', insert, flags] = parts;
  return parts.length === 3 && /^[a-zA-Z\d]*$/.test(flags!)
    ? { text: body, insert: insert!, flags: flags! }
    : undefined;
}

function leadingFlags(text: string): { readonly rest: string; readonly flags: string } {
  const found = /^\(\?([imsxU]+)\)/.exec(text);
  return found ? { rest: text.slice(found[0].length), flags: found[1]! } : { rest: text, flags: '' };
}

/** Swaps the signs that mean something alone with those that do behind a backslash. */
function fromBasic(text: string): string {
  return text.replace(/\[\^?\]?(?:\[:\w+:\]|[^\]])*\]|\\?[(){}|+?]/g, (found) => {
    if (found.startsWith('[')) return found;
    return found.startsWith('\\') ? found.slice(1) : `\\${found}`;
  });
}

const CLASSES: Readonly<Record<string, string>> = {
  alpha: '\\p{L}',
  digit: '0-9',
  alnum: '\\p{L}\\p{N}',
  upper: '\\p{Lu}',
  lower: '\\p{Ll}',
  space: '\\s',
  blank: ' \\t',
  punct: '\\p{P}\\p{S}',
  cntrl: '\\p{Cc}',
  xdigit: '0-9A-Fa-f',
  word: '\\w',
  print: '\\P{C}',
  graph: '\\P{C}',
};

/** What stands behind a backslash elsewhere, in our words. */
const ESCAPES: Readonly<Record<string, string>> = {
  A: '(?<![\\s\\S])',
  z: '(?![\\s\\S])',
  Z: '(?=\\n?(?![\\s\\S]))',
  h: '[ \\t]',
  H: '[^ \\t\\n]',
  R: '(?:\\r\\n|\\n|\\r)',
  N: '.',
  a: '\\x07',
  e: '\\x1b',
  '<': '\\b(?=\\w)',
  '>': '\\b(?<=\\w)',
  '`': '(?<![\\s\\S])',
};

function rewrite(text: string, lost: Set<Lost>): string {
  let out = '';
  for (let at = 0; at < text.length;) {
    const rest = text.slice(at);
    const [taken, written] = classAt(rest) ??
      escapeAt(rest, lost) ??
      groupAt(rest, lost) ??
      repeatAt(rest, lost) ?? [1, text[at]!];
    out += written;
    at += taken;
  }
  return out;
}

type Taken = readonly [length: number, written: string];

function classAt(rest: string): Taken | undefined {
  const found = /^\[\^?\]?(?:\[:\^?\w+:\]|\\[\s\S]|[^\]\\])*\]/.exec(rest)?.[0];
  if (found === undefined) return undefined;
  const inner = found.slice(1, -1);
  const isNot = inner.startsWith('^');
  const body = (isNot ? inner.slice(1) : inner)
    // A bracket that stands first, or opens nothing, is itself.
    .replace(/^\]/, '\\]')
    .replace(/\[:(\w+):\]/g, (whole, name: string) => CLASSES[name] ?? whole)
    .replace(/\\([\s\S])/g, (whole, sign: string) => (sign === 'h' ? ' \\t' : /[\w\\\]^-]/.test(sign) ? whole : sign))
    .replace(/(?<!\\)\[/g, '\\[');
  return [found.length, `[${isNot ? '^' : ''}${body}]`];
}

function escapeAt(rest: string, lost: Set<Lost>): Taken | undefined {
  if (!rest.startsWith('\\') || rest.length < 2) return undefined;
  const quoted = /^\\Q([\s\S]*?)(?:\\E|$)/.exec(rest);
  if (quoted) return [quoted[0].length, quoted[1]!.replace(/[\\^$.*+?()[\]{}|/]/g, '\\$&')];
  const code = /^\\x\{([\dA-Fa-f]+)\}/.exec(rest);
  if (code) return [code[0].length, `\\u{${code[1]}}`];
  const named = /^\\[gk](?:\{(\w+)\}|<(\w+)>|'(\w+)')/.exec(rest);
  if (named) {
    const name = named[1] ?? named[2] ?? named[3]!;
    return [named[0].length, /^\d+$/.test(name) ? `\\${name}` : `\\k<${name}>`];
  }
  const sign = rest[1]!;
  if (sign === 'K') lost.add('keep-out');
  if (sign === 'G') lost.add('position');
  if (sign === 'R') lost.add('any-line-end');
  if (sign === 'K' || sign === 'G') return [2, ''];
  if (ESCAPES[sign] !== undefined) return [2, ESCAPES[sign]];
  return [2, /[\w\\^$.*+?()[\]{}|/]/.test(sign) ? `\\${sign}` : sign];
}

function groupAt(rest: string, lost: Set<Lost>): Taken | undefined {
  const named = /^\(\?(?:P?<|')([A-Za-z_]\w*)[>']/.exec(rest);
  if (named) return [named[0].length, `(?<${named[1]}>`];
  const again = /^\(\?P=(\w+)\)/.exec(rest);
  if (again) return [again[0].length, `\\k<${again[1]}>`];
  if (rest.startsWith('(?>')) {
    lost.add('atomic');
    return [3, '(?:'];
  }
  if (rest.startsWith('(?|')) return [3, '(?:'];
  const comment = /^\(\?#[^)]*\)/.exec(rest);
  if (comment) return [comment[0].length, ''];
  const recursion = /^\(\?(?:R|[+-]?\d+|&\w+|P>\w+)\)/.exec(rest);
  if (recursion) {
    lost.add('recursion');
    return [recursion[0].length, ''];
  }
  const conditional = /^\(\?\((?:\d+|<\w+>|\w+)\)/.exec(rest);
  if (conditional) {
    lost.add('conditional');
    return [conditional[0].length, '(?:'];
  }
  const flags = /^\(\?[imsx]*(?:-[imsx]+)?([:)])/.exec(rest);
  if (flags && flags[0].length > 3) return [flags[0].length, flags[1] === ':' ? '(?:' : ''];
  return undefined;
}

/** A repeat that gives nothing back gives back in ours. */
function repeatAt(rest: string, lost: Set<Lost>): Taken | undefined {
  const found = /^([*+?]|\{\d+(?:,\d*)?\})\+/.exec(rest);
  if (!found) return undefined;
  lost.add('possessive');
  return [found[0].length, found[1]!];
}

function dotsForAll(text: string): string {
  return text.replace(/\\[\s\S]|\[(?:\\[\s\S]|[^\]\\])*\]|\./g, (found) => (found === '.' ? '[\\s\\S]' : found));
}

/** A replacement with the signs of ours. */
function replacementOf(insert: string, from: ForeignDialect, lost: Set<Lost>): string {
  const isPosix = from === 'posix' || from === 'basic';
  return insert.replace(
    /\\([\s\S])|\$\{(\w+)\}|\$(\d+)|\$|&/g,
    (found, escaped?: string, braced?: string, number?: string) => {
      if (escaped !== undefined) {
        if (/[1-9]/.test(escaped)) return `$${escaped}`;
        if (escaped === '0') return '$&';
        if (/[ULEul]/.test(escaped)) {
          lost.add('case-change');
          return '';
        }
        return escaped === 'n' || escaped === 't' ? `\\${escaped}` : escaped === '\\' ? '\\\\' : escaped;
      }
      if (braced !== undefined) return /^\d+$/.test(braced) ? groupSign(braced) : `$<${braced}>`;
      if (number !== undefined && !isPosix) return groupSign(number);
      if (found === '&') return isPosix ? '$&' : '&';
      return found.replace('$', '$$$$');
    },
  );
}

function groupSign(number: string): string {
  return Number(number) === 0 ? '$&' : `$${number}`;
}
