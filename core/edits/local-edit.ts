import { verbatim, type Piece } from './piece.ts';

/** A replacement in the text of some pieces: offsets are those of that text, half-open. */
export interface LocalEdit {
  readonly from: number;
  readonly to: number;
  readonly insert: string;
}

/** Edits that become one replacement, since they share a replaced piece; [from, to) cuts through no replaced piece. */
interface Group {
  readonly from: number;
  to: number;
  readonly first: number;
  last: number;
  readonly edits: LocalEdit[];
}

/**
 * Applies edits over the text of pieces and gives new pieces. Edits are in order and do not overlap. Where an edit cuts into a
 * replaced piece the whole piece takes part in the new replacement, since no part of it has a place of its own in the source.
 *
 * Law: the new pieces tile the same source range, and their text is the old text with the edits made.
 */
export function applyLocalEdits(
  text: string,
  pieces: readonly Piece[],
  edits: readonly LocalEdit[],
  pass: string,
): Piece[] {
  const starts = startsOf(pieces);
  const out: Piece[] = [];
  let at = 0;
  let index = 0;
  for (const group of groupEdits(pieces, starts, edits)) {
    for (; index < group.first; at = starts[++index]!) pushPart(out, pieces[index]!, at - starts[index]!);
    if (at < group.from) pushVerbatim(out, pieces[index]!, at - starts[index]!, group.from - starts[index]!);
    out.push(merge(text, pieces, starts, group, pass));
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
  const { from, to } = merge('', pieces, starts, group!, '');
  return { from, to };
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

function merge(text: string, pieces: readonly Piece[], starts: Uint32Array, group: Group, pass: string): Piece {
  let inserted = '';
  let at = group.from;
  for (const edit of group.edits) {
    inserted += text.slice(at, edit.from) + edit.insert;
    at = edit.to;
  }
  inserted += text.slice(at, group.to);
  const passes = new Set<string>();
  for (const piece of pieces.slice(group.first, group.last + 1)) for (const name of piece.passes) passes.add(name);
  passes.add(pass);
  const first = pieces[group.first]!;
  const last = pieces[group.last]!;
  return {
    from: first.text === undefined ? first.from + group.from - starts[group.first]! : first.from,
    to: last.text === undefined ? last.from + group.to - starts[group.last]! : last.to,
    text: inserted,
    passes: [...passes],
  };
}

/** Pushes a piece from `cut` on; only verbatim pieces are ever cut. */
function pushPart(out: Piece[], piece: Piece, cut: number): void {
  if (cut === 0) out.push(piece);
  else pushVerbatim(out, piece, cut, piece.to - piece.from);
}

function pushVerbatim(out: Piece[], piece: Piece, from: number, to: number): void {
  if (from < to) out.push(verbatim(piece.from + from, piece.from + to));
}
