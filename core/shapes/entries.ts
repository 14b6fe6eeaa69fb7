import type { EntryMark, Part } from './line-shape.ts';
import { isDigit } from '../text/characters.ts';
import { isBlank, SIGN_CHARS, withoutBlanks, type SignId } from './signs.ts';
import { lineTokens, type Token } from './tokens.ts';

/** Cuts a line into its entries: between signs of one kind, or before each time. Linear in the length of the line. */
export function entriesOf(line: string, mark: EntryMark): Part[] {
  const cuts = mark === 'time' ? timesIn(line) : signsIn(line, mark);
  const entries: Part[] = [];
  let from = 0;
  for (const { from: end, to: next } of [...cuts, { from: line.length, to: line.length }]) {
    const entry = withoutBlanks(line, from, end);
    if (entry.from < entry.to) entries.push(entry);
    from = next;
  }
  return entries;
}

function timesIn(line: string): Part[] {
  return lineTokens(line)
    .filter(({ is }) => is === 'time')
    .map(({ from }) => ({ from, to: from }));
}

function signsIn(line: string, mark: SignId): Part[] {
  if (mark === 'gap' || mark === 'leader')
    return lineTokens(line).filter((token) => token.is === 'sign' && token.sign === mark);
  const found: Part[] = [];
  for (let at = 0; at < line.length; at++) {
    if (!SIGN_CHARS[mark].includes(line[at]!)) continue;
    const isApart = mark !== 'dash' || (isBlank(line[at - 1]) && isBlank(line[at + 1]));
    if (isApart) found.push({ from: at, to: at + 1 });
  }
  return found;
}

/** The first entry of a line that has a form, or else its first: words may stand before the first ("Stops: 00:10 The quay; …"). */
export function entryOfForm(line: string, mark: EntryMark, form: string): Part | undefined {
  const entries = entriesOf(line, mark);
  return entries.find(({ from, to }) => formOf(lineTokens(line.slice(from, to))) === form) ?? entries[0];
}

const FEWEST_ENTRIES = 3;
/** So many of the entries are alike. */
const ALIKE = 0.75;
const MARKS: readonly EntryMark[] = ['bar', 'bullet', 'semicolon', 'slash', 'gap', 'time', 'comma'];

/** What parts the entries of a line that holds several, and the form that most of them have; undefined where it holds one. */
export function readRow(line: string): { readonly mark: EntryMark; readonly form: string } | undefined {
  if (line.length > LONGEST_ROW) return undefined;
  for (const mark of MARKS) {
    if (!mayPart(line, mark)) continue;
    const entries = entriesOf(line, mark);
    if (entries.length < FEWEST_ENTRIES) continue;
    const { form, count } = mostFrequentForm(entries.map(({ from, to }) => formOf(lineTokens(line.slice(from, to)))));
    // Words alone may stand between commas in any prose.
    const isTelling = form.includes(' ') && /time|date|link|figure|bracket/.test(form);
    if (isTelling && count >= FEWEST_ENTRIES && count >= entries.length * ALIKE) return { mark, form };
  }
  return undefined;
}

function mostFrequentForm(forms: readonly string[]): { form: string; count: number } {
  const counts = new Map<string, number>();
  let best = { form: '', count: 0 };
  for (const form of forms) {
    const count = (counts.get(form) ?? 0) + 1;
    counts.set(form, count);
    if (count > best.count) best = { form, count };
  }
  return best;
}

/** Whether a mark stands in a line often enough: looked at before the line is cut up. */
function mayPart(line: string, mark: EntryMark): boolean {
  const wanted = mark === 'time' ? FEWEST_ENTRIES : FEWEST_ENTRIES - 1;
  let count = 0;
  for (let at = 0; at < line.length && count < wanted; at++) if (isMarkAt(line, at, mark)) count++;
  return count >= wanted;
}

function isMarkAt(line: string, at: number, mark: EntryMark): boolean {
  const char = line[at]!;
  if (mark === 'time') return char === ':' && isDigit(line.charCodeAt(at - 1)) && isDigit(line.charCodeAt(at + 1));
  if (mark === 'gap') return char === '\t' || (isBlank(char) && isBlank(line[at + 1]));
  return SIGN_CHARS[mark].includes(char);
}

const LONGEST_ROW = 20_000;

/** The kinds of the pieces of a line, signs by name where nothing known by its form stands beside them. */
export function formOf(tokens: readonly Token[]): string {
  const isTyped = (token: Token | undefined) => token !== undefined && token.is !== 'text' && token.is !== 'sign';
  return tokens
    .filter(({ is }, at) => is !== 'sign' || !(isTyped(tokens[at - 1]) || isTyped(tokens[at + 1])))
    .map(({ is, sign }) => sign ?? is)
    .join(' ');
}
