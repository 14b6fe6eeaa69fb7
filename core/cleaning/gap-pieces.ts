import { REMOVAL_CERTAINTY } from '../lines/doubted-removals.ts';
import { LineKind, type RemovalDoubt } from '../lines/line-kind.ts';
import type { LineTable } from '../lines/line-table.ts';
import { BY_HAND, replaced, verbatim, type Piece } from '../edits/piece.ts';
import { Decision } from '../seams/seam-table.ts';
import { passOfLine } from '../passes/index.ts';
import { signsOfPair } from '../text/signs.ts';
import { findAsides, type Aside, type SaidByHand } from '../blocks/asides.ts';

/** What the gaps of a text are rendered with: the decisions in force, and which of the gap passes are on. */
export interface GapRules {
  readonly source: string;
  readonly table: LineTable;
  /** The lines that stand in the clean text, and what happens between each and the next: they are counted by their place here. */
  readonly standing: Uint32Array;
  readonly decision: Uint8Array;
  /** What joins a line and the next, where they are joined. */
  glueAt(at: number): string;
  /** What stands between paragraphs: one or two line feeds. */
  readonly separator: string;
  readonly saidByHand: SaidByHand;
  /** Whether a person found right what a pass takes out of this range. */
  isApproved(pass: string, from: number, to: number): boolean;
  /** Asides go behind the paragraph that they interrupt, not elsewhere. */
  readonly asidesBehind: boolean;
  /** Whether the passes of spaces at line edges and of blank lines may work in a range of the source. */
  trimsEdges(from: number, to: number): boolean;
  trimsBlankLines(from: number, to: number): boolean;
  /** Columns before most lines of the text. */
  readonly usualIndent: number;
}

/** The pieces of a block, and the signs that their text may have; undefined where those have to be looked for. */
interface BlockWords {
  readonly pieces: readonly Piece[];
  readonly signs: number | undefined;
}

/** The words of the standing lines first..last and the gaps inside them, as pieces that tile the block. */
export function blockPieces(rules: GapRules, first: number, last: number): BlockWords {
  const { table, standing } = rules;
  const pieces: Piece[] = [];
  const asides: Aside[] = [];
  let signs: number | undefined = 0;
  for (let kept = first; kept <= last; kept++) {
    const line = standing[kept]!;
    if (signs !== undefined) signs |= table.signs[line]!;
    let to = table.to[line]!;
    const mends = kept < last && rules.decision[kept] === Decision.mend;
    if (mends) to--;
    if (table.from[line]! < to) pieces.push(verbatim(table.from[line]!, to));
    if (kept === last) break;
    if (rules.decision[kept] !== Decision.keep && isEmptyGap(table, line, standing[kept + 1]!)) {
      const start = table.from[standing[kept + 1]!]!;
      const glue = mends ? '' : rules.glueAt(kept);
      pieces.push(replaced(to, start, glue, mends ? 'split-words' : 'wrapped-lines'));
      if (signs !== undefined) signs |= signsAcross(rules.source, to, start, glue);
      continue;
    }
    signs = undefined;
    // One by one: a gap may have more pieces than a call may have arguments.
    for (const piece of gapInside(rules, kept, to)) pieces.push(piece);
    // What interrupts a sentence goes behind the block; between lines that are kept as lines it stays where it is.
    if (!rules.asidesBehind || rules.decision[kept] === Decision.keep) continue;
    for (const aside of findAsides(rules.source, table, line, standing[kept + 1]!, rules)) asides.push(aside);
  }
  const end = table.to[standing[last]!]!;
  for (const aside of asides) pieces.push(asideAt(end, end, rules.separator, aside));
  return { pieces, signs };
}

const NOTE_BY_HAND = ['footnotes', BY_HAND];

function asideAt(from: number, to: number, separator: string, { text, isByHand }: Aside): Piece {
  const piece = replaced(from, to, separator + text, 'footnotes');
  return isByHand ? { ...piece, passes: NOTE_BY_HAND } : piece;
}

/** Whether nothing but white space lies between two lines. */
function isEmptyGap({ kind, from, to, leadTo, tailFrom }: LineTable, line: number, next: number): boolean {
  if (tailFrom[line]! > 0 || leadTo[next]! > 0) return false;
  for (let at = line + 1; at < next; at++) {
    if (kind[at] !== LineKind.blank || leadTo[at]! > 0 || from[at]! < to[at]!) return false;
  }
  return true;
}

/** The signs that appear where what stands before and after a gap is glued together. */
function signsAcross(source: string, end: number, start: number, glue: string): number {
  const before = source.charCodeAt(end - 1);
  const after = source.charCodeAt(start);
  if (glue === '') return signsOfPair(before, after);
  const space = glue.charCodeAt(0);
  return signsOfPair(before, space) | signsOfPair(space, after);
}

function gapInside(rules: GapRules, seam: number, from: number): Piece[] {
  const to = rules.table.from[rules.standing[seam + 1]!]!;
  const decision = rules.decision[seam]!;
  if (decision === Decision.keep) return gapBetween(rules, seam, from, to, '\n');
  const pass = decision === Decision.mend ? 'split-words' : 'wrapped-lines';
  const glue = decision === Decision.mend ? '' : rules.glueAt(seam);
  const parts = cutAtDroppedLines(rules, from, to, seam);
  return parts.map((part, at) => takenOut(rules, part, part.pass ?? pass, at === 0 ? glue : ''));
}

/** The gap between two lines that stay apart: line ends as wanted, dropped lines gone, edges trimmed. */
export function gapBetween(rules: GapRules, seam: number, from: number, to: number, separator: string): Piece[] {
  if (
    seam >= 0 &&
    seam + 1 < rules.standing.length &&
    isEmptyGap(rules.table, rules.standing[seam]!, rules.standing[seam + 1]!)
  ) {
    return whiteSpace(rules, from, to, separator, seam);
  }
  const pieces: Piece[] = [];
  let wanted = separator;
  for (const part of cutAtDroppedLines(rules, from, to, seam)) {
    if (part.aside !== undefined && rules.asidesBehind) {
      // Between two paragraphs an aside is a paragraph of its own.
      pieces.push(asideAt(part.from, part.to, wanted, part.aside));
      wanted = separator;
    } else if (part.isMark) {
      pieces.push(verbatim(part.from, part.to));
    } else if (part.pass !== undefined) {
      pieces.push(takenOut(rules, part, part.pass, ''));
    } else {
      pieces.push(...whiteSpace(rules, part.from, part.to, wanted, seam));
      wanted = '';
    }
  }
  return pieces;
}

/** White space around line ends: the edges belong to one pass, the line ends to another. */
function whiteSpace(rules: GapRules, from: number, end: number, wanted: string, seam: number): Piece[] {
  const { source } = rules;
  const to = startOfIndent(rules, end, seam);
  if (to < end) return [...(from < to ? whiteSpace(rules, from, to, wanted, -1) : []), verbatim(to, end)];
  let a = from;
  let b = to;
  while (a < to && !isBreakUnit(source.charCodeAt(a))) a++;
  while (b > a && !isBreakUnit(source.charCodeAt(b - 1))) b--;
  if (a === b) {
    if (from === to) return [];
    // Spaces may be all that stands for a line end.
    const trims = wanted === '' ? rules.trimsEdges(from, to) : rules.trimsBlankLines(from, to);
    return trims ? [replaced(from, to, wanted, 'edge-spaces')] : [verbatim(from, to)];
  }
  const pieces: Piece[] = [];
  if (from < a) pieces.push(rules.trimsEdges(from, a) ? replaced(from, a, '', 'edge-spaces') : verbatim(from, a));
  const ends = source.slice(a, b);
  if (ends === wanted || !rules.trimsBlankLines(a, b)) pieces.push(verbatim(a, b));
  else pieces.push(replaced(a, b, wanted, 'blank-lines'));
  if (b < to) pieces.push(rules.trimsEdges(b, to) ? replaced(b, to, '', 'edge-spaces') : verbatim(b, to));
  return pieces;
}

/** Where the indent of the line after a gap begins, if it must stay as in code and tables; the gap's end for other lines. */
function startOfIndent({ table, standing }: GapRules, end: number, seam: number): number {
  const line = standing[seam + 1];
  if (line === undefined || table.from[line] !== end) return end;
  const kind = table.kind[line];
  return kind === LineKind.code || kind === LineKind.tableRow ? table.index.from[line]! : end;
}

function isBreakUnit(code: number): boolean {
  return (code >= 0x0a && code <= 0x0d) || code === 0x85 || code === 0x2028 || code === 0x2029;
}

/** What a blank line may hold: the mark of a quoted line, a time, or tags with nothing between them. */
function partsOfBlank(table: LineTable, line: number): GapPart[] {
  const { index, from, to, leadTo, edgePass, removalDoubts } = table;
  if (leadTo[line]! > 0)
    return [{ from: index.from[line]!, to: leadTo[line]!, pass: edgePass, doubt: removalDoubts.get(line) }];
  return from[line]! < to[line]! ? [{ from: from[line]!, to: to[line]!, pass: 'stray-tags' }] : [];
}

interface GapPart {
  readonly from: number;
  readonly to: number;
  /** The pass that takes this part out; undefined for white space. */
  readonly pass?: string;
  readonly aside?: Aside;
  /** It stays where a paragraph begins with it. */
  readonly isMark?: boolean;
  /** Why taking it out may be wrong. */
  readonly doubt?: RemovalDoubt;
}

/** The piece of a part that a pass takes out; with its doubt, where there is one. */
function takenOut(rules: GapRules, { from, to, doubt }: GapPart, pass: string, glue: string): Piece {
  const piece = replaced(from, to, glue, pass);
  if (doubt === undefined || rules.isApproved(pass, from, to)) return piece;
  return { ...piece, certainty: REMOVAL_CERTAINTY, why: doubt };
}

/** Cuts a gap into white space, dropped lines and the time code before the next line's words. */
function cutAtDroppedLines(rules: GapRules, from: number, to: number, seam: number): GapPart[] {
  const { table, standing } = rules;
  const parts: GapPart[] = [];
  let at = from;
  const push = (part: GapPart) => {
    if (at < part.from) parts.push({ from: at, to: part.from });
    parts.push(part);
    at = part.to;
  };
  const { index, kind, leadTo, tailFrom, edgePass, removalDoubts } = table;
  const lastLine = seam + 1 < standing.length ? standing[seam + 1]! : index.count;
  const firstLine = seam < 0 ? 0 : standing[seam]! + 1;
  const above = firstLine - 1;
  if (seam >= 0 && tailFrom[above]! > 0)
    push({ from, to: index.to[above]!, pass: edgePass, doubt: removalDoubts.get(above) });
  for (let line = firstLine; line < lastLine; line++) {
    if (kind[line] === LineKind.aside) {
      const [aside] = findAsides(rules.source, table, line, lastLine, rules);
      push({ from: aside!.from, to: aside!.to, pass: 'footnotes', aside: aside! });
      while (line + 1 < lastLine && table.from[line + 1]! < aside!.to) line++;
      continue;
    }
    if (kind[line] === LineKind.blank) partsOfBlank(table, line).forEach(push);
    const pass = kind[line] === LineKind.byHand ? BY_HAND : passOfLine(kind[line]!);
    if (pass !== undefined && table.from[line]! < table.to[line]!)
      push({ from: table.from[line]!, to: table.to[line]!, pass, doubt: removalDoubts.get(line) });
  }
  if (lastLine < index.count && leadTo[lastLine]! > 0 && index.from[lastLine]! < to) {
    const doubt = removalDoubts.get(lastLine);
    push({ from: index.from[lastLine]!, to, pass: edgePass, doubt, isMark: table.keepsMarks });
  }
  if (at < to || parts.length === 0) parts.push({ from: at, to });
  return parts;
}
