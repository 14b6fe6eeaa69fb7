import {
  clean,
  cleanText,
  countEdits,
  countWouldDo,
  detectLanguage,
  findDoubts,
  kindOfSource,
  linesWrap,
  planRows,
  revise,
  suggestTitle,
  toHtml,
  viewRow,
  type Cleaning,
  type Language,
  type RowPlan,
  type WordList,
} from '../core/index.ts';
import type { CleanService, Summary } from './protocol.ts';

interface Opened {
  readonly cleaning: Cleaning;
  readonly plan: RowPlan;
}

const LISTED: readonly Language[] = ['en', 'de', 'fr', 'es'];

/** The worker's side of the protocol: keeps one cleaning and answers questions about it. `fetchWords` may come back empty. */
export function createService(fetchWords: (language: Language) => Promise<WordList | undefined>): CleanService {
  let current: Opened | undefined;

  const keep = (cleaning: Cleaning): Summary => {
    const plan = planRows(cleaning);
    current = { cleaning, plan };
    return summarize(cleaning, plan);
  };
  const opened = (): Opened => {
    if (!current) throw new RangeError('no text has been opened in this worker');
    return current;
  };

  return {
    async open(source, style, choices, onStage) {
      const language = detectLanguage(source);
      const words = LISTED.includes(language) ? await fetchWords(language) : undefined;
      return keep(clean(source, style, choices, { words, onStage }));
    },
    change: (style, choices) => keep(revise(opened().cleaning, style, choices)),
    rows(from, to) {
      const { cleaning, plan } = opened();
      const first = Math.max(0, from);
      const count = Math.max(0, Math.min(to, plan.count) - first);
      return Array.from({ length: count }, (_, at) => viewRow(cleaning, plan, first + at));
    },
    async wouldDo() {
      const { cleaning } = opened();
      const counting = countWouldDo(cleaning);
      for (;;) {
        const step = counting.next();
        if (step.done) return step.value;
        await new Promise((resolve) => setTimeout(resolve));
        if (current?.cleaning !== cleaning) return undefined;
      }
    },
    copy: () => ({ text: cleanText(opened().cleaning), html: toHtml(opened().cleaning) }),
  };
}

function summarize(cleaning: Cleaning, plan: RowPlan): Summary {
  const { decided } = cleaning;
  return {
    plan,
    counts: countEdits(cleaning),
    tally: cleaning.tally,
    doubts: findDoubts(cleaning).length,
    lines: cleaning.table.index.count,
    blocks: cleaning.blocks.length,
    kind: kindOfSource(cleaning),
    measure: linesWrap(decided) ? decided.measure.widestCharacters : 0,
    suggestedTitle: suggestTitle(cleaning),
  };
}
