import {
  applyHistoryChange,
  applyRowPatch,
  clean,
  DEFAULT_STYLE,
  countGuesses,
  detectLanguage,
  digested,
  findLanguage,
  hasWordList,
  kindOfSource,
  linesWrap,
  listDoubts,
  NO_HISTORY,
  outcomeOf,
  planRows,
  revise,
  reviseRows,
  shareOfLeavingLines,
  suggestTitle,
  type Cleaning,
  type Digested,
  type Doubt,
  type History,
  type Language,
  type Ledger,
  type KnownDoubts,
  type Outcome,
  type RowPatch,
  type RowPlan,
  type TextLines,
  type WordList,
} from '../core/index.ts';
import type { Decided, Progress, SourceText, Summary } from './protocol.ts';

/** What the worker gets from outside; both may come back empty. */
export interface Means {
  fetchWords(language: Language): Promise<WordList | undefined>;
  nameCharacters(codePoints: readonly number[]): Promise<Record<number, string>>;
}

/** One text as it is cleaned now, with what was worked out of it so far. */
export interface Opened extends Digested {
  readonly history: History;
  readonly plan: RowPlan;
  /** Kept as long as the evidence stays the same. */
  readonly knownDoubts: KnownDoubts;
  /** Made when they are first asked for. */
  doubts?: readonly Doubt[];
  ledger?: Ledger;
  readonly filtered: Map<string, Uint32Array>;
}

/** The text that the worker holds: the services ask it, and only it changes what is held. */
export interface Session {
  /** Throws RangeError before a text was opened. */
  now(): Opened;
  doubts(): readonly Doubt[];
  open(text: SourceText, decided: Decided, onProgress: (progress: Progress) => void): Promise<RowPatch>;
  change(decided: Decided, onProgress: (progress: Progress) => void): RowPatch;
}

export function createSession({ fetchWords }: Pick<Means, 'fetchWords'>): Session {
  let current: Opened | undefined;
  const now = (): Opened => {
    if (!current) throw new RangeError('no text has been opened in this worker');
    return current;
  };
  return {
    now,
    doubts() {
      const opened = now();
      return (opened.doubts ??= listDoubts(opened, opened.knownDoubts));
    },
    async open({ source, layout }, decided, onProgress) {
      const history = applyHistoryChange(NO_HISTORY, decided.history);
      const { style, choices } = outcomeWithout(history, decided.slowRules);
      const language = detectLanguage(source);
      const words = hasWordList(language) ? await fetchWords(language) : undefined;
      const cleaning = clean(source, style, choices, {
        words,
        layout,
        onStage: (stage) => onProgress({ stage }),
        onRule: (rule) => onProgress({ rule }),
      });
      const opened = digested(cleaning);
      const plan = planRows(opened);
      current = { ...opened, history, plan, knownDoubts: new Map(), filtered: new Map() };
      return { kind: 'all', plan };
    },
    change(decided, onProgress) {
      const before = now();
      const history = applyHistoryChange(before.history, decided.history);
      const { style, choices } = outcomeWithout(history, decided.slowRules);
      const cleaning = revise(before.cleaning, style, choices, (rule) => onProgress({ rule }));
      const after = digested(cleaning, before);
      const patch = reviseRows(before.plan, before, after);
      const knownDoubts = before.cleaning.decided === cleaning.decided ? before.knownDoubts : new Map();
      current = { ...after, history, plan: applyRowPatch(before.plan, patch), knownDoubts, filtered: new Map() };
      return patch;
    },
  };
}

/** What the steps in force lead to, some own rules switched off. */
function outcomeWithout(history: History, slowRules: readonly string[]): Outcome {
  const { style, choices } = outcomeOf(history, DEFAULT_STYLE);
  if (slowRules.length === 0) return { style, choices };
  const off = Object.fromEntries(slowRules.map((id) => [id, false]));
  return { style: { ...style, passes: { ...style.passes, ...off } }, choices };
}

export function summarize({ cleaning, digest }: Digested): Summary {
  const { decided } = cleaning;
  return {
    counts: digest.counts,
    tally: cleaning.tally,
    doubts: digest.seams.length + digest.edits.length + digest.lines.length,
    lines: cleaning.table.index.count,
    blocks: cleaning.blocks.length,
    kind: kindOfSource(cleaning),
    measure: linesWrap(decided) ? decided.measure.widestCharacters : 0,
    leaving: shareOfLeavingLines(cleaning.table),
    suggestedTitle: suggestTitle(cleaning),
    failed: cleaning.failed,
    language: languageTag(cleaning),
    guesses: countGuesses({ cleaning, digest }),
  };
}

function languageTag({ context }: Cleaning): string {
  return findLanguage(context.language)?.id ?? '';
}

/** The source as its lines. */
export function linesOf({ source, table }: Cleaning): TextLines {
  const { index } = table;
  return { count: index.count, at: (line) => source.slice(index.from[line], index.to[line]) };
}
