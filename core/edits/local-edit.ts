import { BY_HAND, passAlone, verbatim, type Piece } from './piece.ts';

/** A replacement in the text of some pieces: offsets are those of that text, half-open. */
export interface LocalEdit {
  readonly from: number;
  readonly to: number;
  readonly insert: string;
  /** The probability that the edit is right, and the reason by its name in the pass; not there where nothing speaks against it. */
  readonly certainty?: number;
  readonly why?: string;
}

/** Edits that become one replacement, since they share a replaced piece; [from, to) cuts through no replaced piece. */
interface Group {
  readonly from: number;
  to: number;
  readonly first: number;
  last: number;
  readonly edits: LocalEdit[];
}

/** What a person decided about the edits of one pass, by the source range that they replace. */
export interface Rulings {
  mayEdit(from: number, to: number): boolean;
  isApproved(from: number, to: number): boolean;
}

/**
 * Applies edits over the text of pieces and gives new pieces; those that the rulings do not allow are left out. Edits are in
 * order and do not overlap. Where an edit cuts into a replaced piece the whole piece takes part in the new replacement, since no
 * part of it has a place of its own in the source.
 *
 * Law: the new pieces tile the same source range, and their text is the old text with the edits made.
 */
export function applyLocalEdits(
  text: string,
  pieces: readonly Piece[],
  edits: readonly LocalEdit[],
  pass: string,
  rulings?: Rulings,
): Piece[] {
  const starts = startsOf(pieces);
  const out: Piece[] = [];
  let at = 0;
  let index = 0;
  for (const group of groupEdits(pieces, starts, edits)) {
    const made = merge(text, pieces, starts, group, pass, rulings);
    if (!made) continue;
    for (; index < group.first; at = starts[++index]!) pushPart(out, pieces[index]!, at - starts[index]!);
    if (at < group.from) pushVerbatim(out, pieces[index]!, at - starts[index]!, group.from - starts[index]!);
    out.push(made);
    at = group.to;
    index = at === starts[group.last + 1] ? group.last + 1 : group.last;
  }
  for (; index < pieces.length; at = starts[++index]!) pushPart(out, pieces[index]!, at - starts[index]!);
  return out;
}

/** The source range that an edit over the text of pieces would replace, replaced pieces whole. */
export function sourceRange(pieces: readonly Piece[], edit: LocalEdit): { from: number; to: number } {
  const starts = startsOf(pieces);
  const [group] = groupEdits(pieces, starts, [edit]);
  return rangeOf(pieces, starts, group!);
}

/** Where each piece begins in the text, and where the last ends. */
function startsOf(pieces: readonly Piece[]): Uint32Array {
  const starts = new Uint32Array(pieces.length + 1);
  for (const [at, piece] of pieces.entries())
    starts[at + 1] = starts[at]! + (piece.text?.length ?? piece.to - piece.from);
  return starts;
}

function groupEdits(pieces: readonly Piece[], starts: Uint32Array, edits: readonly LocalEdit[]): Group[] {
  const groups: Group[] = [];
  let first = 0;
  for (const edit of edits) {
    while (first < pieces.length - 1 && starts[first + 1]! <= edit.from) first++;
    let last = first;
    while (last < pieces.length - 1 && starts[last + 1]! < edit.to) last++;
    const from = pieces[first]!.text === undefined ? edit.from : starts[first]!;
    const to = pieces[last]!.text === undefined ? edit.to : starts[last + 1]!;
    const group = groups.at(-1);
    if (group && from < group.to) {
      group.to = Math.max(group.to, to);
      group.last = Math.max(group.last, last);
      group.edits.push(edit);
    } else groups.push({ from, to, first, last, edits: [edit] });
  }
  return groups;
}

/** The piece that a group of edits makes; undefined where a person does not want it. */
function merge(
  text: string,
  pieces: readonly Piece[],
  starts: Uint32Array,
  group: Group,
  pass: string,
  rulings: Rulings | undefined,
): Piece | undefined {
  const { from, to } = rangeOf(pieces, starts, group);
  if (rulings?.mayEdit(from, to) === false) return undefined;
  const [only] = group.edits;
  // By far the most edits stand alone in text that nothing changed before.
  if (group.edits.length === 1 && only!.certainty === undefined && pieces[group.first]!.text === undefined) {
    if (group.first === group.last) return { from, to, text: only!.insert, passes: passAlone(pass) };
  }
  let inserted = '';
  let at = group.from;
  for (const edit of group.edits) {
    inserted += text.slice(at, edit.from) + edit.insert;
    at = edit.to;
  }
  inserted += text.slice(at, group.to);
  const merged = pieces.slice(group.first, group.last + 1);
  if (merged.some(isWritten)) return undefined;
  const earlier = merged.flatMap((piece) => piece.passes);
  const passes = earlier.length === 0 ? passAlone(pass) : [...new Set([...earlier, pass])];
  const least = leastCertain(rulings?.isApproved(from, to) ? merged : [...merged, ...group.edits]);
  return { from, to, text: inserted, passes, ...least };
}

/** What a person wrote stays as it is, wherever it stands. */
function isWritten({ text, passes }: Piece): boolean {
  return text !== undefined && text !== '' && passes.includes(BY_HAND);
}

function rangeOf(pieces: readonly Piece[], starts: Uint32Array, group: Group): { from: number; to: number } {
  const first = pieces[group.first]!;
  const last = pieces[group.last]!;
  return {
    from: first.text === undefined ? first.from + group.from - starts[group.first]! : first.from,
    to: last.text === undefined ? last.from + group.to - starts[group.last]! : last.to,
  };
}

interface Certain {
  readonly certainty?: number;
  readonly why?: string;
}

function leastCertain(all: readonly Certain[]): Certain | undefined {
  let least: Certain | undefined;
  for (const { certainty, why } of all) {
    if (certainty !== undefined && certainty < (least?.certainty ?? 1)) least = { certainty, why };
  }
  return least;
}

/** Pushes a piece from `cut` on; only verbatim pieces are ever cut. */
function pushPart(out: Piece[], piece: Piece, cut: number): void {
  if (cut === 0) out.push(piece);
  else pushVerbatim(out, piece, cut, piece.to - piece.from);
}

function pushVerbatim(out: Piece[], piece: Piece, from: number, to: number): void {
  if (from < to) out.push(verbatim(piece.from + from, piece.from + to));
}
