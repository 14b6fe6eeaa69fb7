import { assemble, type OnRule } from './assemble.ts';
import type { Cleaning } from './cleaning.ts';
import type { Choice } from '../choices/choice.ts';
import { permitsOf, type Permits } from '../choices/permits.ts';
import type { Layout } from '../layout/layout.ts';
import type { LineTable } from '../lines/line-table.ts';
import { readLines } from '../lines/read-lines.ts';
import { keepsLines, leaveLinesOut, putLinesInForce } from '../decided/lines-in-force.ts';
import { putPartsInForce } from '../decided/parts-in-force.ts';
import { putShapesInForce } from '../decided/shapes-in-force.ts';
import { passContext } from './pass-context.ts';
import { decideSeams, type Overrides } from '../seams/decide.ts';
import type { Lexicon } from '../seams/words/split-words.ts';
import { findNamed } from '../style/named-words.ts';
import { surviving } from './survive.ts';
import { shapesInForce } from '../style/shapes.ts';
import { lineOptionsOf, type Style } from '../style/style.ts';
import { findLanguage } from '../text/languages/index.ts';
import { indexWords, type WordIndex } from '../text/word-index.ts';
import type { WordList } from '../text/word-list.ts';

/** The stages of a cleaning, for showing progress. */
export type Stage = 'lines' | 'seams' | 'blocks';

export interface CleanOptions {
  /** The words of the text's language; without them split words are decided by the text alone. */
  readonly words?: WordList;
  /** Told as each stage begins. */
  readonly onStage?: (stage: Stage) => void;
  readonly onRule?: OnRule;
  /** What the format that the source came in told beside its words. */
  readonly layout?: Layout;
}

/**
 * Cleans a source. Deterministic; the outcome depends on nothing but source, style, choices and the word list. Linear in the
 * length of the source, but for the expressions of own rules, which take the time that they take.
 *
 * Laws: the pieces of gaps, blocks and tail tile the source; their sources strung together are the source; the tally holds.
 * A pass that fails is left out.
 */
export function clean(
  source: string,
  style: Style,
  choices: readonly Choice[] = [],
  options: CleanOptions = {},
): Cleaning {
  return surviving(style, [], (working) => cleanOnce(source, working, choices, options));
}

function cleanOnce(
  source: string,
  style: Style,
  choices: readonly Choice[],
  { words, onStage, onRule, layout }: CleanOptions,
): Cleaning {
  onStage?.('lines');
  const permits = permitsFor(source, style, choices);
  const read = readLines(source, lineOptionsOf(style), layout);
  putLinesInForce(source, read, permits);
  const allLines = putShapesInForce(source, putPartsInForce(read, choices), shapesInForce(style));
  onStage?.('seams');
  const index = indexWords(source);
  const decide = decider(source, index, lexiconOf(allLines, style, words), overridesOf(style, choices));
  const decided = decide(allLines);
  onStage?.('blocks');
  const context = passContext(source, allLines, index, words);
  const table = leaveLinesOut(allLines, choices);
  const decidedRemaining = table === allLines ? undefined : decide(table);
  const analysis = {
    source,
    style,
    choices,
    permits,
    words,
    context,
    index,
    allLines,
    table,
    decided,
    decidedRemaining,
  };
  return assemble(analysis, undefined, onRule);
}

/**
 * The cleaning of the same source after a change of choices or style. Law: gives what `clean` would; but blocks whose lines,
 * seams and choices are as before are taken over. What failed on the text before stays left out.
 */
export function revise(before: Cleaning, style: Style, choices: readonly Choice[], onRule?: OnRule): Cleaning {
  return surviving(style, before.failed, (working) => reviseOnce(before, working, choices, onRule));
}

function reviseOnce(before: Cleaning, style: Style, choices: readonly Choice[], onRule?: OnRule): Cleaning {
  const { source, words, index, allLines } = before;
  const sameLines =
    isSame(lineOptionsOf(style), lineOptionsOf(before.style)) &&
    isSame(shapesInForce(style), shapesInForce(before.style)) &&
    isSame(style.words, before.style.words) &&
    keepsLines(allLines, before.choices, choices);
  if (!sameLines) return cleanOnce(source, style, choices, { words, onRule, layout: allLines.layout });
  const overrides = overridesOf(style, choices);
  const decide = decider(source, index, lexiconOf(allLines, style, words), overrides);
  const sameOverrides = isSame(overrides, before.decided.overrides);
  const isSettled = sameOverrides && sameDrops(before.choices, choices);
  const table = isSettled ? before.table : leaveLinesOut(allLines, choices);
  const decidedRemaining = isSettled ? before.decidedRemaining : table === allLines ? undefined : decide(table);
  const decided = sameOverrides ? before.decided : decide(allLines);
  return assemble(
    { ...before, table, decidedRemaining, decided, style, choices, permits: permitsFor(source, style, choices) },
    before,
    onRule,
  );
}

/** Decides the seams of a text by its lines. */
function decider(source: string, index: WordIndex, lexicon: Lexicon, overrides: Overrides) {
  return (table: LineTable) => decideSeams(source, table, index, lexicon, overrides);
}

function sameDrops(before: readonly Choice[], after: readonly Choice[]): boolean {
  const drops = (choices: readonly Choice[]) => choices.filter(({ kind }) => kind === 'drop');
  return isSame(drops(before), drops(after));
}

function isSame(a: unknown, b: unknown): boolean {
  return JSON.stringify(a) === JSON.stringify(b);
}

function permitsFor(source: string, { words }: Style, choices: readonly Choice[]): Permits {
  return permitsOf(choices, findNamed(source, words?.untouched ?? []));
}

function lexiconOf({ language, vocabulary }: LineTable, style: Style, words: WordList | undefined): Lexicon {
  const hyphenated = style.words?.hyphenated?.map((word) => word.toLowerCase());
  return {
    vocabulary,
    words,
    closesCompounds: findLanguage(language)?.closesCompounds,
    ...(hyphenated && { hyphenated: new Set(hyphenated) }),
  };
}

/** What the style, and a person, said of the whole text: the person has the last word. */
function overridesOf({ mark, words }: Style, choices: readonly Choice[]): Overrides {
  const overrides: { -readonly [K in keyof Overrides]: Overrides[K] } = {
    ...(mark && { mark }),
    ...(words?.openings && { openings: words.openings }),
  };
  for (const choice of choices) {
    if (choice.kind === 'mark') overrides.mark = choice.mark;
    if (choice.kind === 'measure') overrides.measure = choice.characters;
  }
  return overrides;
}
