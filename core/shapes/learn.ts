import { matcherOf } from './match-shape.ts';
import type { Part, Pattern, Slot, TextSlot, Typed } from './line-shape.ts';
import { isBlank, signOf, SURE_CHARS, withoutBlanks, type SignId } from './signs.ts';
import { lineTokens, type Token } from './tokens.ts';

/** A line, or an entry of one, and the parts of it that a person wants, in order. */
export interface Example {
  readonly line: string;
  readonly parts: readonly Part[];
}

/**
 * How an example can be read: a sign that may stand more than once is meant where it first, or last, stands; words beside a mark with
 * nothing between are these very words, or, with `anyWords`, any of that number.
 */
const READINGS = ['first', 'last', 'anyWords'] as const;
export type Reading = (typeof READINGS)[number];

export type Learned =
  /** The likeliest reading first, each as its patterns. */
  | {
      readonly ok: true;
      readonly readings: readonly { readonly reading: Reading; readonly patterns: readonly Pattern[] }[];
    }
  | { readonly ok: false; readonly problem: 'nothing' | 'whole' | 'parts' | 'unclear' };

/**
 * Learns from examples what lines alike look like. Tolerates one blank or three, other signs beside what is known by its form, and
 * a tail that is missing.
 *
 * Law: the patterns of each reading give the marked parts of every example.
 */
export function learnPatterns(examples: readonly Example[]): Learned {
  const marked = examples.map(({ line, parts }) => ({ line, parts: wholeWords(line, parts) }));
  const [first] = marked;
  if (!first || first.parts.length === 0) return { ok: false, problem: 'nothing' };
  if (marked.some(({ parts }) => parts.length !== first.parts.length)) return { ok: false, problem: 'parts' };
  if (marked.some(isWhole)) return { ok: false, problem: 'whole' };
  const known = new Set<string>();
  const readings = READINGS.flatMap((reading) => {
    const patterns = patternsOf(marked, reading);
    const key = JSON.stringify(patterns);
    if (!patterns || known.has(key)) return [];
    known.add(key);
    return [{ reading, patterns }];
  });
  return readings.length > 0 ? { ok: true, readings } : { ok: false, problem: 'unclear' };
}

function isWhole({ line, parts }: Example): boolean {
  const [only] = parts;
  return parts.length === 1 && line.slice(0, only!.from).trim() === '' && line.slice(only!.to).trim() === '';
}

/** Parts that end within words take the whole of them; those without words go; those that touch are one. */
function wholeWords(line: string, parts: readonly Part[]): Part[] {
  const isLetter = (at: number) => /[\p{L}\p{M}\p{N}’']/u.test(line[at] ?? '');
  const out: Part[] = [];
  for (const part of [...parts].sort((a, b) => a.from - b.from)) {
    let { from, to } = withoutBlanks(line, part.from, part.to);
    if (from === to) continue;
    while (from > 0 && isLetter(from - 1) && isLetter(from)) from--;
    while (to < line.length && isLetter(to) && isLetter(to - 1)) to++;
    const before = out.at(-1);
    if (before && from <= before.to) out[out.length - 1] = { from: before.from, to: Math.max(before.to, to) };
    else out.push({ from, to });
  }
  return out;
}

/** The patterns of all examples, those with more slots first; none that takes an example otherwise than it was marked. */
function patternsOf(examples: readonly Example[], reading: Reading): Pattern[] | undefined {
  const known = new Map<string, Pattern>();
  for (const example of examples)
    for (const pattern of ownPatterns(example, reading)) known.set(JSON.stringify(pattern), pattern);
  let patterns = [...known.values()].sort((a, b) => b.length - a.length);
  for (const { line, parts } of examples) {
    const found = (pattern: Pattern) => matcherOf({ patterns: [pattern] }).match(line);
    patterns = patterns.filter((pattern) => isSame(found(pattern) ?? parts, parts));
    if (!patterns.some(found)) return undefined;
  }
  return patterns;
}

function isSame(one: readonly Part[], other: readonly Part[]): boolean {
  return (
    one.length === other.length && one.every(({ from, to }, at) => from === other[at]!.from && to === other[at]!.to)
  );
}

/** The example as it is, then without its tail, piece by piece. */
function ownPatterns(example: Example, reading: Reading): Pattern[] {
  const pieces = piecesOf(example);
  const full = slotsOf(example.line, pieces, reading);
  const lastKept = pieces.findLastIndex(({ isKept }) => isKept);
  const patterns = [full];
  for (let end = pieces.length; end > lastKept + 1;) {
    end--;
    while (end > lastKept + 1 && pieces[end - 1]!.is === 'sign') end--;
    const gone = pieces.slice(end);
    if (gone.every(({ is }) => is === 'sign')) continue;
    const shorter = slotsOf(example.line, pieces.slice(0, end), reading);
    const slots = withoutTail(shorter, gone);
    if (isTelling(slots)) patterns.push(slots);
  }
  return patterns;
}

/** A token of the example as it is used: whole parts are one piece, words cut by a mark are two. */
interface ExamplePiece extends Part {
  readonly is: Token['is'];
  readonly sign?: SignId;
  readonly isKept: boolean;
  /** Parted from its neighbour by a mark alone. */
  readonly isCut?: boolean;
}

function piecesOf({ line, parts }: Example): ExamplePiece[] {
  const pieces: ExamplePiece[] = [];
  const tokens = lineTokens(line);
  let at = 0;
  const pushBetween = (from: number, to: number) => {
    for (const token of tokens) {
      const a = Math.max(from, token.from);
      const b = Math.min(to, token.to);
      if (a >= b) continue;
      // Words that touch what follows end in a sign: it is a piece of its own.
      const touches = token.is === 'text' && b < line.length && !isBlank(line[b]);
      pushToken(line, pieces, { ...token, from: a, to: b }, a > token.from || b < token.to || touches);
    }
  };
  for (const part of parts) {
    pushBetween(at, part.from);
    const whole = tokens.find(({ from, to, is }) => from === part.from && to === part.to && is !== 'sign');
    pieces.push({ is: whole?.is ?? 'text', ...part, isKept: true });
    at = part.to;
  }
  pushBetween(at, line.length);
  return pieces;
}

/** Of words that a mark cut off, a sign at the cut is a piece of its own. */
function pushToken(line: string, pieces: ExamplePiece[], token: Token, isCut: boolean): void {
  if (!isCut || token.is === 'sign') {
    pieces.push({ ...token, isKept: false });
    return;
  }
  let { from, to } = withoutBlanks(line, token.from, token.to);
  const push = (piece: Omit<ExamplePiece, 'isKept'>) => {
    if (piece.from < piece.to) pieces.push({ ...piece, isKept: false });
  };
  const head = signOf(line[from]);
  if (head && pieces.at(-1)?.isKept) {
    push({ is: 'sign', sign: head, from, to: from + 1 });
    ({ from, to } = withoutBlanks(line, from + 1, to));
  }
  const tail = from < to ? signOf(line[to - 1]) : undefined;
  push({ is: 'text', ...withoutBlanks(line, from, tail ? to - 1 : to), isCut: !head && !tail });
  if (tail) push({ is: 'sign', sign: tail, from: to - 1, to });
}

function slotsOf(line: string, pieces: readonly ExamplePiece[], reading: Reading): Slot[] {
  const slots: Slot[] = [];
  for (const [at, piece] of pieces.entries()) {
    const before = pieces[at - 1];
    if (piece.is === 'sign') slots.push(...signSlots(line, pieces, at));
    else {
      const isApart = before !== undefined && isBlank(line[before.to]);
      if (before && before.is !== 'sign' && isApart)
        slots.push(isKnown(before) || isKnown(piece) ? { is: 'loose' } : { is: 'blank' });
      slots.push(...wordSlots(line, piece, reading));
    }
  }
  return withSureEdges(withExclusions(slots, reading), pieces);
}

/** Where nothing but a sign at its edge tells a line from any other, that sign has to be there. */
function withSureEdges(slots: readonly Slot[], pieces: readonly ExamplePiece[]): Slot[] {
  const areWords = slots.every(({ is }) => is === 'text' || is === 'blank' || is === 'loose');
  return slots.map((slot, at): Slot => {
    if (!areWords || slot.is !== 'loose' || !slot.optional) return slot;
    const [edge, inner] = at === 0 ? pieces : pieces.slice(-2).reverse();
    return inner!.is === 'sign' || !edge!.sign ? { is: 'loose' } : { is: 'sign', sign: edge!.sign };
  });
}

function isKnown({ is }: ExamplePiece): boolean {
  return is !== 'text' && is !== 'sign';
}

function signSlots(line: string, pieces: readonly ExamplePiece[], at: number): Slot[] {
  const { sign, from, to } = pieces[at]!;
  const before = pieces[at - 1];
  const after = pieces[at + 1];
  // Several signs in a row are one joint, of any signs.
  if (before?.is === 'sign') return [];
  const run = pieces.slice(at).findIndex(({ is }) => is !== 'sign');
  const isRow = after?.is === 'sign';
  const next = run < 0 ? undefined : pieces[at + run];
  const leader = sign === 'leader' ? ({ leader: true } as const) : undefined;
  if (!before || !next) return [{ is: 'loose', optional: true, ...leader }];
  // A sign between letters and figures is one of a word: it stands as it is.
  const isInside = !isBlank(line[from - 1]) && !isBlank(line[to]);
  if (isInside && !isRow && sign !== 'leader' && !SURE_CHARS.includes(line[from]!))
    return [{ is: 'literal', text: line.slice(from, to) }];
  if (isKnown(before) || isKnown(next) || isRow) return [{ is: 'loose', ...leader }];
  return [{ is: 'sign', sign: sign! }];
}

function wordSlots(line: string, piece: ExamplePiece, reading: Reading): Slot[] {
  const keep = piece.isKept ? ({ keep: true } as const) : undefined;
  const words = line.slice(piece.from, piece.to);
  if (isKnown(piece)) {
    const is = piece.is as Typed;
    return [{ is, ...(is === 'figure' && /[.)]$/.test(words) && { ending: words.at(-1)! }), ...keep }];
  }
  if (keep || !piece.isCut) return [{ is: 'text', ...keep }];
  // Words beside a mark with nothing between: these very words with their figures, or as many.
  const parts = words.split(/[ \t\u00a0]+/);
  if (reading === 'anyWords') return [{ is: 'words', count: parts.length }];
  return parts.flatMap((part, at): Slot[] => {
    const slots = Array.from(part.matchAll(/\d+|\D+/g), ([text]): Slot =>
      /^\d/.test(text) ? { is: 'figure' } : { is: 'literal', text },
    );
    return at === 0 ? slots : [{ is: 'blank' }, ...slots];
  });
}

/** Gives words what they cannot hold: the sign behind them, and the one before them where the last is meant or it comes again. */
function withExclusions(slots: readonly Slot[], reading: Reading): Slot[] {
  return slots.map((slot, at): Slot => {
    if (slot.is !== 'text') return slot;
    const before = slots[at - 1];
    const after = slots[at + 1];
    const without = new Set<SignId>();
    const isRepeated = before?.is === 'sign' && after?.is === 'sign' && before.sign === after.sign;
    if (after?.is === 'sign' && (reading !== 'last' || isRepeated || after.sign === 'gap')) without.add(after.sign);
    if (before?.is === 'sign' && (reading === 'last' || isRepeated || before.sign === 'gap')) without.add(before.sign);
    return without.size > 0 ? { ...slot, without: [...without] } : slot;
  });
}

/** Slots whose last words cannot hold what the tail that is missing was told by. */
function withoutTail(slots: readonly Slot[], gone: readonly ExamplePiece[]): Slot[] {
  return slots.map((slot, at): Slot => {
    if (at < slots.length - 1 || slot.is !== 'text') return slot;
    const signs = gone.flatMap(({ sign }) => (sign ? [sign] : []));
    const bare = gone.filter(isKnown).map(({ is }) => is as Typed);
    const closed: TextSlot = { ...slot, without: [...new Set([...(slot.without ?? []), ...signs])] };
    return bare.length > 0 ? { ...closed, bare: [...new Set(bare)] } : closed;
  });
}

/** Whether a pattern says enough to be tried on any line: more than words, and more than a figure before them. */
function isTelling(slots: readonly Slot[]): boolean {
  return slots.some(({ is }) => is === 'time' || is === 'date' || is === 'link' || is === 'bracket' || is === 'sign');
}
