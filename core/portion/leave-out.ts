import type { Choice } from '../choices/choice.ts';
import { rewritesOf, rewritesWithin } from '../choices/rewrites.ts';
import type { Cleaning } from '../cleaning/cleaning.ts';
import { oneStep, type Step } from '../history/history.ts';
import { isDropped } from '../lines/line-kind.ts';
import { isBlankUnit, isSpace, isWordUnit } from '../text/characters.ts';
import { lineAt } from '../text/line-index.ts';
import { firstWhere } from '../text/first-where.ts';
import { Decision } from '../seams/seam-table.ts';
import { piecesIn, trimmed, type Portion } from './in-portion.ts';
import { wholeWords } from './whole-words.ts';

/**
 * The step that takes the words of a source range out of the text: whole lines leave as lines, of a line that stays in part the
 * words go, with the space on one side of them. Undefined where there is nothing but white space.
 */
export function leaveOut(cleaning: Cleaning, portion: Portion): Step | undefined {
  const bare = trimmed(cleaning.source, portion);
  if (bare.from >= bare.to) return undefined;
  const { source, table } = cleaning;
  const { from, to } = withWhatWent(cleaning, wholeWords(cleaning, bare));
  const first = lineAt(table.index, from);
  const last = lineAt(table.index, to - 1);
  // A line that a pass has taken out has no part that stays.
  const staysBefore = !isDropped(table.kind[first]!) && hasWords(cleaning, table.from[first]!, from);
  const staysBehind = !isDropped(table.kind[last]!) && hasWords(cleaning, to, table.to[last]!);
  const choices: Choice[] = [];
  // Between two words that come together the space stays.
  const glues = staysBehind && isWordUnit(source.charCodeAt(to));
  const start = staysBefore && !glues ? spacesBefore(source, from) : from;
  const isOne = isInOneParagraph(cleaning, first, last) && (staysBefore || staysBehind);
  const keepsSpace = isOne && staysBefore;
  const end = staysBehind && !keepsSpace ? spacesBehind(source, to) : to;
  if (isOne) choices.push(gone(start, end));
  else {
    if (staysBefore) choices.push(gone(start, table.to[first]!));
    const firstWhole = staysBefore ? first + 1 : first;
    const lastWhole = staysBehind ? last - 1 : last;
    if (firstWhole <= lastWhole)
      choices.push({ kind: 'drop', from: table.index.from[firstWhole]!, to: table.index.to[lastWhole]! });
    if (staysBehind) choices.push(gone(table.from[last]!, end));
  }
  return oneStep(choices.map((choice) => ({ kind: 'choose', choice })));
}

/** Grows a range to hold what passes took out right beside it: whether they still would depends on the words there. */
function withWhatWent(cleaning: Cleaning, { from, to }: Portion): Portion {
  const { index, from: lineFroms, to: lineTos } = cleaning.table;
  const lineFrom = lineFroms[lineAt(index, from)]!;
  const lineTo = lineTos[lineAt(index, to - 1)]!;
  const went = [...piecesIn(cleaning, lineFrom, lineTo)].filter(
    (piece) => piece.text === '' && piece.from >= lineFrom && piece.to <= lineTo,
  );
  let a = from;
  for (const piece of went.toReversed()) if (piece.to === a) a = piece.from;
  let b = to;
  for (const piece of went) if (piece.from === b) b = piece.to;
  return { from: a, to: b };
}

/** Whether the lines first..last that stand are joined, one to the next. */
function isInOneParagraph({ decided, decision }: Cleaning, first: number, last: number): boolean {
  const { line } = decided.seams;
  for (let kept = firstWhere(line.length, (at) => line[at]! > first); line[kept]! <= last; kept++)
    if (decision[kept - 1] !== Decision.join && decision[kept - 1] !== Decision.mend) return false;
  return true;
}

/** Whether something to see stands in a range that a person has not left out before. */
function hasWords({ source, choices }: Cleaning, from: number, to: number): boolean {
  const cuts = rewritesWithin(rewritesOf(choices.filter(leavesOut)), from, to);
  let at = from;
  for (const cut of [...cuts, { from: to, to }]) {
    for (; at < Math.min(cut.from, to); at++) if (!isBlankUnit(source.charCodeAt(at))) return true;
    at = Math.max(at, cut.to);
  }
  return false;
}

function gone(from: number, to: number): Choice {
  return { kind: 'rewrite', from, to, text: '' };
}

/** Whether a choice takes words out of the text and puts none in their place. */
export function leavesOut(choice: Choice): boolean {
  return choice.kind === 'drop' || (choice.kind === 'rewrite' && choice.text === '');
}

function spacesBefore(source: string, from: number): number {
  let at = from;
  while (at > 0 && isSpace(source.charCodeAt(at - 1))) at--;
  return at;
}

function spacesBehind(source: string, to: number): number {
  let at = to;
  while (at < source.length && isSpace(source.charCodeAt(at))) at++;
  return at;
}
