import {
  clean,
  cleanText,
  countEdits,
  countOffPasses,
  detectLanguage,
  editRow,
  exportLedger,
  filterLedger,
  findDifferences,
  findDoubtedLines,
  findDoubts,
  findEditDoubts,
  findFindings,
  allPieces,
  kindOfSource,
  linesOfStep,
  linesWrap,
  listDoubts,
  openLedger,
  planRows,
  readBlocks,
  revise,
  rowAt,
  stepFor,
  stepForAnswer,
  stepForPortion,
  stepForRepeated,
  stepForStet,
  suggestTitle,
  textBetween,
  toHtml,
  toSourceRanges,
  viewDoubt,
  viewEdit,
  viewEntry,
  viewPortion,
  viewRow,
  type Cleaning,
  type Doubt,
  type Language,
  type Ledger,
  type LedgerFilter,
  type Likenesses,
  type RowPlan,
  type WordList,
} from '../core/index.ts';
import type { CleanService, DoubtOrder, NextDoubt, Summary } from './protocol.ts';

interface Opened {
  readonly cleaning: Cleaning;
  readonly plan: RowPlan;
  /** Made when it is first asked for. */
  ledger?: Ledger;
  doubts?: readonly Doubt[];
  /** Kept as long as the evidence stays the same. */
  readonly likenesses: Likenesses;
  readonly filtered: Map<string, Uint32Array>;
}

/** What the service gets from outside; both may come back empty. */
export interface ServiceMeans {
  fetchWords(language: Language): Promise<WordList | undefined>;
  nameCharacters(codePoints: readonly number[]): Promise<Record<number, string>>;
}

const LISTED: readonly Language[] = ['en', 'de', 'fr', 'es'];

/** The worker's side of the protocol: keeps one cleaning and answers questions about it. */
export function createService({ fetchWords, nameCharacters }: ServiceMeans): CleanService {
  let current: Opened | undefined;

  const keep = (cleaning: Cleaning): Summary => {
    const plan = planRows(cleaning);
    const likenesses = current?.cleaning.decided === cleaning.decided ? current.likenesses : new Map();
    current = { cleaning, plan, filtered: new Map(), likenesses };
    return summarize(cleaning, plan);
  };
  const opened = (): Opened => {
    if (!current) throw new RangeError('no text has been opened in this worker');
    return current;
  };
  const doubtsOf = (): readonly Doubt[] => {
    const now = opened();
    return (now.doubts ??= listDoubts(now.cleaning, now.likenesses));
  };
  const ledgerOf = (filter: LedgerFilter): { ledger: Ledger; entries: Uint32Array } => {
    const now = opened();
    const ledger = (now.ledger ??= openLedger(now.cleaning));
    const key = `${filter.pass} ${filter.only}`;
    let entries = now.filtered.get(key);
    if (!entries) now.filtered.set(key, (entries = filterLedger(ledger, filter)));
    return { ledger, entries };
  };

  return {
    async open(source, style, choices, onProgress) {
      const language = detectLanguage(source);
      const words = LISTED.includes(language) ? await fetchWords(language) : undefined;
      const cleaning = clean(source, style, choices, {
        words,
        onStage: (stage) => onProgress({ stage }),
        onRule: (rule) => onProgress({ rule }),
      });
      return keep(cleaning);
    },
    change: (style, choices, onProgress) =>
      keep(revise(opened().cleaning, style, choices, (rule) => onProgress({ rule }))),
    rows(from, to) {
      const { cleaning, plan } = opened();
      const first = Math.max(0, from);
      const count = Math.max(0, Math.min(to, plan.count) - first);
      return Array.from({ length: count }, (_, at) => viewRow(cleaning, plan, first + at));
    },
    editRow(row, edit) {
      const { cleaning, plan } = opened();
      return editRow(cleaning, plan, rowAt(plan, row), edit);
    },
    textBetween(from, to) {
      const { cleaning, plan } = opened();
      return textBetween(cleaning, plan, from, to);
    },
    portion: (portion) => viewPortion(opened().cleaning, portion),
    portionStep: (portion, action) => stepForPortion(opened().cleaning, portion, action),
    editAt: ({ from, to }) => viewEdit(opened().cleaning, from, to),
    stepLines: (steps) => steps.map((step) => linesOfStep(opened().cleaning, step)),
    compare(style, choices) {
      const { cleaning } = opened();
      return findDifferences(cleaning, revise(cleaning, style, choices));
    },
    read: (from, to) => readBlocks(opened().cleaning, from, to),
    stetAt: ({ from, to }, alike) => stepForStet(opened().cleaning, from, to, alike),
    rangeOfLines(first, last) {
      const { index } = opened().cleaning.table;
      const at = (line: number) => Math.min(Math.max(line, 1), index.count) - 1;
      return index.count === 0 ? { from: 0, to: 0 } : { from: index.from[at(first)]!, to: index.next[at(last)]! };
    },
    async offPassCounts() {
      const { cleaning } = opened();
      const counting = countOffPasses(cleaning);
      for (;;) {
        const step = counting.next();
        if (step.done) return step.value;
        await new Promise((resolve) => setTimeout(resolve));
        if (current?.cleaning !== cleaning) return undefined;
      }
    },
    copy: () => ({ text: cleanText(opened().cleaning), html: toHtml(opened().cleaning) }),
    text: () => cleanText(opened().cleaning),
    sourceRanges: (ranges) => toSourceRanges(allPieces(opened().cleaning), ranges),
    nextDoubt: (order, putOff) => chooseDoubt(opened().cleaning, doubtsOf(), order, putOff),
    answerDoubt(key, answer, alike, order, putOff) {
      const { cleaning } = opened();
      const doubts = doubtsOf();
      const one = doubts.find((doubt) => doubt.key === key);
      const meant = doubts.filter((doubt) => doubt === one || (alike && doubt.alike === one?.alike));
      const gone = new Set(meant);
      const left = doubts.filter((doubt) => !gone.has(doubt));
      return {
        step: stepForAnswer(cleaning, meant, answer),
        settled: meant.map((doubt) => doubt.key),
        next: chooseDoubt(cleaning, left, order, putOff),
      };
    },
    async findings() {
      const findings = findFindings(opened().cleaning);
      return { ...findings, names: await nameCharacters(findings.characters.map(({ codePoint }) => codePoint)) };
    },
    repeatedStep: (text, action) => stepForRepeated(opened().cleaning, text, action),
    ledger(filter) {
      const countOf = (wanted: LedgerFilter) => ledgerOf(wanted).entries.length;
      return {
        count: countOf(filter),
        all: countOf({}),
        doubts: countOf({ only: 'doubts' }),
        byHand: countOf({ only: 'by-hand' }),
        removed: countOf({ only: 'removed' }),
      };
    },
    ledgerLines(filter, from, to) {
      const { ledger, entries } = ledgerOf(filter);
      return Array.from(entries.subarray(from, to), (at) => viewEntry(ledger, at));
    },
    ledgerStep(filter, action, chosen) {
      const { ledger, entries } = ledgerOf(filter);
      return stepFor(ledger, chosen ?? entries, action);
    },
    ledgerExport(filter, format) {
      const { ledger, entries } = ledgerOf(filter);
      return exportLedger(ledger, entries, format);
    },
  };
}

/** The doubt to be asked about: those that were put off come last. */
function chooseDoubt(
  cleaning: Cleaning,
  doubts: readonly Doubt[],
  order: DoubtOrder,
  putOff: readonly string[],
): NextDoubt {
  const later = new Set(putOff);
  const first = doubts.filter(({ key }) => !later.has(key));
  const asked = first.length > 0 ? first : doubts;
  const doubt = order === 'reading' ? asked[0] : hardest(asked);
  return { left: doubts.length, ...(doubt && { view: viewDoubt(cleaning, doubt, doubts) }) };
}

function hardest(doubts: readonly Doubt[]): Doubt | undefined {
  return doubts.reduce<Doubt | undefined>(
    (least, doubt) => (least && least.certainty <= doubt.certainty ? least : doubt),
    undefined,
  );
}

function summarize(cleaning: Cleaning, plan: RowPlan): Summary {
  const { decided } = cleaning;
  return {
    plan,
    counts: countEdits(cleaning),
    tally: cleaning.tally,
    doubts: findDoubts(cleaning).length + findEditDoubts(cleaning).length + findDoubtedLines(cleaning).length,
    lines: cleaning.table.index.count,
    blocks: cleaning.blocks.length,
    kind: kindOfSource(cleaning),
    measure: linesWrap(decided) ? decided.measure.widestCharacters : 0,
    suggestedTitle: suggestTitle(cleaning),
    language: LISTED.includes(cleaning.context.language) ? cleaning.context.language : '',
  };
}
