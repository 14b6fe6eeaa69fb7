import { isDigit, isUpper } from '../text/characters.ts';
import { writeExpression } from './expression.ts';
import { TYPED, type Typed } from './line-shape.ts';
import { TYPED_EXPRESSIONS } from './pattern-expression.ts';
import { isBlank, SIGN_CHARS, signAt, signOf, type SignId } from './signs.ts';

/** A piece of a line: words known by their form, a sign that parts pieces, or other words. Offsets are those of the line. */
export interface Token {
  readonly is: Typed | 'sign' | 'text';
  readonly from: number;
  readonly to: number;
  readonly sign?: SignId;
}

/**
 * Those that count wherever they stand, in the order in which they are looked for. A figure or bracket counts only where a line
 * begins or ends, or behind a sign.
 */
const ANYWHERE: readonly Typed[] = ['link', 'date', 'time'];
const AT_EDGE: readonly Typed[] = ['bracket', 'figure'];

const FINDERS = new Map(
  TYPED.map((kind) => {
    const { expression } = writeExpression(TYPED_EXPRESSIONS[kind], 'ecmascript');
    return [kind, new RegExp(expression.slice(1, -1), 'uy')] as const;
  }),
);

const LONGEST_TYPED = 400;

/** Cuts a line into its pieces; blanks lie between them. Linear in the length of the line. */
export function lineTokens(line: string): Token[] {
  const tokens: Token[] = [];
  let at = skipBlanks(line, 0);
  let textFrom = -1;
  const closeText = (to: number) => {
    if (textFrom < 0) return;
    let end = to;
    while (end > textFrom && isBlank(line[end - 1])) end--;
    tokens.push({ is: 'text', from: textFrom, to: end });
    textFrom = -1;
  };
  while (at < line.length) {
    const isBehindSign = tokens.at(-1)?.is === 'sign' && tokens.at(-1)!.to === at;
    const isWordStart = at === 0 || isBlank(line[at - 1]) || signOf(line[at - 1]) !== undefined || isBehindSign;
    const sign = signAt(line, at);
    const isLed = textFrom < 0 && (tokens.at(-1)?.is ?? 'sign') === 'sign';
    const typed = sign || !isWordStart || !mayBeTyped(line, at) ? undefined : typedAt(line, at, isLed);
    if (sign ?? typed) {
      closeText(at);
      tokens.push(sign ? { is: 'sign', from: at, to: sign.to, sign: sign.sign } : { ...typed!, from: at });
      at = tokens.at(-1)!.to;
    } else {
      if (textFrom < 0) textFrom = at;
      at++;
      while (at < line.length && isWithinWord(line, at)) at++;
    }
    const next = skipBlanks(line, at);
    const isGap = next - at > 1 || line.slice(at, next).includes('\t');
    const followsSign = textFrom < 0 && tokens.at(-1)?.is === 'sign';
    if (isGap && next < line.length && !signAt(line, next) && !followsSign) {
      closeText(at);
      tokens.push({ is: 'sign', from: at, to: next, sign: 'gap' });
    } else if (isGap && textFrom >= 0) closeText(at);
    at = next;
  }
  closeText(line.length);
  return tokens;
}

/** Whether a word goes on at a place: no blank, no sign, no row of dots. */
function isWithinWord(line: string, at: number): boolean {
  if (isBlank(line[at]) || signOf(line[at]) !== undefined || signOf(line[at - 1]) !== undefined) return false;
  return !SIGN_CHARS.leader.includes(line[at]!) || signAt(line, at) === undefined;
}

/** Whether words at a place may be known by their form: a look at the first sign, or at the word, refuses nearly all. */
function mayBeTyped(line: string, at: number): boolean {
  const first = line.charCodeAt(at);
  if (isDigit(first) || '[(#№'.includes(line[at]!)) return true;
  let end = at + 1;
  while (end < line.length && !isBlank(line[end])) {
    if ('./@'.includes(line[end]!)) return true;
    end++;
  }
  // "March 2, 1890"
  return isUpper(line[at]!) && isDigit(line.charCodeAt(end + 1));
}

/** Words known by their form at a place; `isLed` where nothing or a sign stands before it. */
function typedAt(line: string, at: number, isLed: boolean): Omit<Token, 'from'> | undefined {
  for (const is of [...ANYWHERE, ...AT_EDGE]) {
    const to = endOf(is, line, at);
    if (to === undefined) continue;
    const next = skipBlanks(line, to);
    // A figure before a sign may be one of the words: "Stop 4 | …".
    const isLast = next === line.length || (is === 'bracket' && signAt(line, next) !== undefined);
    if (ANYWHERE.includes(is) || isLed || isLast) return { is, to };
  }
  return undefined;
}

/** Where words of a kind end that begin at a place: they are whole words. */
function endOf(is: Typed, line: string, at: number): number | undefined {
  const finder = FINDERS.get(is)!;
  finder.lastIndex = 0;
  const found = finder.exec(line.slice(at, at + LONGEST_TYPED));
  if (!found || found[0] === '') return undefined;
  const to = at + found[0].length;
  return to === line.length || isBlank(line[to]) || (is !== 'link' && signOf(line[to]) !== undefined) ? to : undefined;
}

function skipBlanks(line: string, from: number): number {
  let at = from;
  while (at < line.length && isBlank(line[at])) at++;
  return at;
}
