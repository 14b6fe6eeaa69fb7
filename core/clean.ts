import { assemble } from './assemble.ts';
import type { Cleaning } from './cleaning.ts';
import { passOfLine } from './blocks/build-blocks.ts';
import type { Choice, StetChoice } from './choices/choice.ts';
import { measureLine } from './lines/line-features.ts';
import { LineKind, type LineOptions } from './lines/line-kind.ts';
import type { LineTable } from './lines/line-table.ts';
import { PASSES } from './passes/index.ts';
import type { Pass } from './passes/pass.ts';
import { readLines } from './lines/read-lines.ts';
import { decideSeams } from './seams/decide.ts';
import { numbersOfFootnotes } from './lines/footnotes.ts';
import { isSameMark, type ParagraphMark } from './seams/paragraph-mark.ts';
import type { Lexicon } from './seams/split-words.ts';
import { isPassOn, type Style } from './style/style.ts';
import { detectLanguage, type Language } from './text/language.ts';
import { findGluedNotes } from './text/note-marks.ts';
import { lineAt } from './text/line-index.ts';
import { indexWords } from './text/word-index.ts';
import type { WordList } from './text/word-list.ts';

/** The stages of a cleaning, for showing progress. */
export type Stage = 'lines' | 'seams' | 'blocks';

export interface CleanOptions {
  /** The words of the text's language; without them split words are decided by the text alone. */
  readonly words?: WordList;
  /** Told as each stage begins. */
  readonly onStage?: (stage: Stage) => void;
}

/**
 * Cleans a source. Deterministic; the outcome depends on nothing but source, style, choices and the word list. Linear in the
 * length of the source.
 *
 * Laws: the pieces of gaps, blocks and tail tile the source; their sources strung together are the source; the tally holds.
 */
export function clean(
  source: string,
  style: Style,
  choices: readonly Choice[] = [],
  { words, onStage }: CleanOptions = {},
): Cleaning {
  onStage?.('lines');
  const table = readLines(source, lineOptions(style));
  keepStetLines(source, table, choices);
  onStage?.('seams');
  const language = detectLanguage(source);
  const index = indexWords(source);
  const decided = decideSeams(source, table, index, lexiconOf(language, words), markOf(choices));
  onStage?.('blocks');
  const context = {
    language,
    captions: table.captions.found,
    words,
    gluedNotes: findGluedNotes(source, numbersOfFootnotes(source, table)),
  };
  return assemble({ source, style, choices, words, context, index, idle: idlePasses(source, style), table, decided });
}

/**
 * The cleaning of the same source after a change of choices or style. Law: gives what `clean` would; but blocks whose lines,
 * seams and choices are as before are taken over.
 */
export function revise(before: Cleaning, style: Style, choices: readonly Choice[]): Cleaning {
  const { source, words, context, index, idle, table, decided } = before;
  const sameLines =
    JSON.stringify(lineOptions(style)) === JSON.stringify(lineOptions(before.style)) &&
    JSON.stringify(lineStets(choices)) === JSON.stringify(lineStets(before.choices));
  if (!sameLines) return clean(source, style, choices, { words });
  const mark = markOf(choices);
  if (isSameMark(mark, before.decided.mark)) {
    return assemble({ source, style, choices, words, context, index, idle, table, decided }, before);
  }
  const decidedAnew = decideSeams(source, table, index, lexiconOf(context.language, words), mark);
  return assemble({ source, style, choices, words, context, index, idle, table, decided: decidedAnew });
}

/** The passes that are on and have nothing to do in this source. */
function idlePasses(source: string, style: Style): ReadonlySet<string> {
  const on = PASSES.filter((pass: Pass) => isPassOn(style, pass.id));
  return new Set(on.filter((pass: Pass) => pass.needs?.test(source) === false).map((pass) => pass.id));
}

function lexiconOf(language: Language, words: WordList | undefined): Lexicon {
  return { words, closesCompounds: language === 'de' };
}

/** What a person said marks the paragraphs of the text. */
function markOf(choices: readonly Choice[]): ParagraphMark | undefined {
  return choices.find((choice) => choice.kind === 'mark')?.mark;
}

function lineOptions(style: Style): LineOptions {
  return {
    furniture: isPassOn(style, 'page-furniture'),
    timeCodes: isPassOn(style, 'time-codes'),
    repeats: isPassOn(style, 'caption-repeats'),
    soundCues: isPassOn(style, 'sound-cues'),
    rules: isPassOn(style, 'rules'),
    footnotes: isPassOn(style, 'footnotes'),
    webLabels: isPassOn(style, 'web-labels'),
    lineNumbers: isPassOn(style, 'line-numbers'),
  };
}

const LINE_PASSES: ReadonlySet<string> = new Set([
  'page-furniture',
  'time-codes',
  'caption-repeats',
  'sound-cues',
  'rules',
  'footnotes',
  'web-labels',
]);

function lineStets(choices: readonly Choice[]): StetChoice[] {
  return choices.filter((choice): choice is StetChoice => choice.kind === 'stet' && LINE_PASSES.has(choice.pass));
}

/** A dropped line that a person wants to stand becomes prose again. */
function keepStetLines(source: string, table: LineTable, choices: readonly Choice[]): void {
  for (const stet of lineStets(choices)) {
    for (let line = lineAt(table.index, stet.from); line < table.index.count && table.from[line]! < stet.to; line++) {
      if (passOfLine(table.kind[line]!) !== stet.pass || table.to[line]! <= stet.from) continue;
      table.kind[line] = LineKind.prose;
      measureLine(source, table, line);
    }
  }
}
