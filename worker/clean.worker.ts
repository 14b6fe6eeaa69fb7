import { expose } from 'comlink';
import {
  clean,
  cleanText,
  countEdits,
  detectLanguage,
  findDoubts,
  kindOfSource,
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

/** The state of the worker: the cleaning that its page is looking at. */
const current: { cleaning?: Cleaning; plan?: RowPlan } = {};

function keep(cleaning: Cleaning): Summary {
  const plan = planRows(cleaning);
  current.cleaning = cleaning;
  current.plan = plan;
  return {
    plan,
    counts: countEdits(cleaning),
    tally: cleaning.tally,
    doubts: findDoubts(cleaning).length,
    lines: cleaning.table.index.count,
    blocks: cleaning.blocks.length,
    kind: kindOfSource(cleaning),
    measure: cleaning.decided.convention.wraps ? cleaning.decided.measure.widestCharacters : 0,
    suggestedTitle: suggestTitle(cleaning),
  };
}

const LISTED: readonly Language[] = ['en', 'de', 'fr', 'es'];

/** The word list of a language, from the server that the page came from; undefined where it has none or cannot be reached. */
async function fetchWords(language: Language): Promise<WordList | undefined> {
  if (!LISTED.includes(language)) return undefined;
  try {
    const answer = await fetch(`/words/${language}.bin`);
    return answer.ok ? { bits: new Uint8Array(await answer.arrayBuffer()) } : undefined;
  } catch {
    // Without a list the text's own vocabulary decides.
    return undefined;
  }
}

function opened(): { cleaning: Cleaning; plan: RowPlan } {
  const { cleaning, plan } = current;
  if (!cleaning || !plan) throw new RangeError('no text has been opened in this worker');
  return { cleaning, plan };
}

const service: CleanService = {
  open: async (source, style, choices, onStage) => {
    const words = await fetchWords(detectLanguage(source));
    return keep(clean(source, style, choices, { words, onStage }));
  },
  change: (style, choices) => keep(revise(opened().cleaning, style, choices)),
  rows(from, to) {
    const { cleaning, plan } = opened();
    const views = [];
    for (let row = Math.max(0, from); row < Math.min(to, plan.count); row++) views.push(viewRow(cleaning, plan, row));
    return views;
  },
  copy: () => ({ text: cleanText(opened().cleaning), html: toHtml(opened().cleaning) }),
};

expose(service);
