/** What is looked for: words as they stand, or an expression in the ECMAScript dialect. */
export interface Query {
  readonly text: string;
  readonly expression: boolean;
  readonly matchCase: boolean;
  readonly wholeWords: boolean;
}

export type Compiled =
  | { readonly ok: true; readonly expression: RegExp }
  /** What the engine that read the expression says of it. */
  | { readonly ok: false; readonly message: string };

const WORD_BEFORE = String.raw`(?<![\p{L}\p{M}\p{N}_])`;
const WORD_AFTER = String.raw`(?![\p{L}\p{M}\p{N}_])`;

/** The flags of every search: Unicode, and "^" and "$" at each line end. */
export function flagsOf(query: Query): string {
  return query.matchCase ? 'gmu' : 'gimu';
}

/** Makes the expression that finds a query. Stateful, as all expressions with the flag g are: one for each search. */
export function compileQuery(query: Query): Compiled {
  const body = query.expression ? `(?:${query.text})` : query.text.replace(/[\\^$.*+?()[\]{}|/]/g, '\\$&');
  try {
    // An expression that is wrong alone may be right between the borders, and the other way: it is the one alone that counts.
    if (query.expression) new RegExp(query.text, flagsOf(query));
    const expression = new RegExp(query.wholeWords ? WORD_BEFORE + body + WORD_AFTER : body, flagsOf(query));
    return { ok: true, expression };
  } catch (error) {
    return { ok: false, message: error instanceof Error ? error.message : String(error) };
  }
}

/**
 * What a match is replaced by. In an expression's replacement "$1", "$<name>", "$&", "$`" and "$'" stand for parts of the text,
 * "$$" for a dollar sign (ECMAScript, GetSubstitution), "\n" and "\t" for a line end and a tab; in plain words nothing does.
 */
export function expandReplacement(query: Query, insert: string, match: RegExpExecArray): string {
  if (!query.expression) return insert;
  const { input, index, groups } = match;
  return insert.replace(/\\([nt\\])|\$(?:([$&`'])|(\d\d?)|<([^>]*)>)/g, (whole, escape, sign, digits, name) => {
    if (escape !== undefined) return escape === 'n' ? '\n' : escape === 't' ? '\t' : '\\';
    if (sign === '$') return '$';
    if (sign === '&') return match[0];
    if (sign === '`') return input.slice(0, index);
    if (sign === "'") return input.slice(index + match[0].length);
    if (name !== undefined) return groups ? (groups[name] ?? '') : whole;
    return groupByNumber(match, digits) ?? whole;
  });
}

/** "$12" is the twelfth group where there are so many, else the first and a figure. */
function groupByNumber(match: RegExpExecArray, digits: string): string | undefined {
  const count = match.length - 1;
  const both = Number(digits);
  if (both >= 1 && both <= count) return match[both] ?? '';
  const first = Number(digits[0]);
  return digits.length === 2 && first >= 1 && first <= count ? (match[first] ?? '') + digits[1] : undefined;
}
