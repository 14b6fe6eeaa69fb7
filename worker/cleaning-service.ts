import {
  allPieces,
  columnsInOrder,
  countOffPasses,
  editRow,
  findDifferences,
  findSideBySide,
  linesOfStep,
  openOutput,
  readBlocks,
  revise,
  rowAt,
  someLines,
  stepForPortion,
  stepForStet,
  textBetween,
  textByPieces,
  toHtml,
  toRecord,
  toSourceRanges,
  USUAL_SHAPE,
  viewEdit,
  viewPortion,
  viewRow,
  weighParagraphings,
  writeOutput,
  type RowPatch,
} from '../core/index.ts';
import type { CleaningService, Patch } from './protocol.ts';
import { linesOf, summarize, type Session } from './session.ts';

const LINES_OF_PREVIEW = 24;

/** The cleaning itself and its rows. */
export function cleaningService(session: Session): CleaningService {
  const patchOf = (rows: RowPatch): Patch => ({ rows, summary: summarize(session.now()) });
  return {
    open: async (...asked) => patchOf(await session.open(...asked)),
    change: (...asked) => patchOf(session.change(...asked)),
    rows(from, to) {
      const { cleaning, plan } = session.now();
      const first = Math.max(0, from);
      const count = Math.max(0, Math.min(to, plan.count) - first);
      return Array.from({ length: count }, (_, at) => viewRow(cleaning, plan, first + at));
    },
    editRow(row, edit) {
      const { cleaning, plan } = session.now();
      return editRow(cleaning, plan, rowAt(plan, row), edit);
    },
    textBetween(from, to) {
      const { cleaning, plan } = session.now();
      return textBetween(cleaning, plan, from, to);
    },
    portion: (portion) => viewPortion(session.now().cleaning, portion),
    portionStep: (portion, action) => stepForPortion(session.now().cleaning, portion, action),
    editAt: ({ from, to }) => viewEdit(session.now().cleaning, from, to),
    stetAt: ({ from, to }, alike) => stepForStet(session.now().cleaning, from, to, alike),
    stepLines: (steps) => steps.map((step) => linesOfStep(session.now().cleaning, step)),
    compare(style, choices) {
      const { cleaning } = session.now();
      return findDifferences(cleaning, revise(cleaning, style, choices));
    },
    read: (from, to) => readBlocks(session.now().cleaning, from, to),
    copy(shape = USUAL_SHAPE) {
      const { cleaning } = session.now();
      const text = writeOutput(cleaning, 'text', shape) as string;
      return { text, html: toHtml(openOutput(cleaning, shape, '')) };
    },
    record: (title) => `${JSON.stringify(toRecord(session.now().cleaning, title))}\n`,
    output: (id, shape, title) => writeOutput(session.now().cleaning, id, shape, title),
    columns() {
      const { cleaning } = session.now();
      // A format with columns of its own has put them in order.
      if (cleaning.table.layout) return undefined;
      const stretches = findSideBySide(linesOf(cleaning));
      const [first] = stretches;
      if (!first) return undefined;
      const { source } = cleaning;
      const inOrder = columnsInOrder(source, stretches);
      const shown = (text: string) => someLines(text, first.from, LINES_OF_PREVIEW);
      return { lines: [first.from + 1, stretches.at(-1)!.to], inOrder, now: shown(source), then: shown(inOrder) };
    },
    text: () => textByPieces(session.now().cleaning),
    sourceRanges: (ranges) => toSourceRanges(allPieces(session.now().cleaning), ranges),
    rangeOfLines(first, last) {
      const { index } = session.now().cleaning.table;
      const at = (line: number) => Math.min(Math.max(line, 1), index.count) - 1;
      return index.count === 0 ? { from: 0, to: 0 } : { from: index.from[at(first)]!, to: index.next[at(last)]! };
    },
    offPassCounts: () => inSteps(session, countOffPasses(session.now().cleaning)),
    paragraphings: () => inSteps(session, weighParagraphings(session.now())),
  };
}

/** Does long work step by step, so that other questions are answered between; undefined where the cleaning changes meanwhile. */
async function inSteps<T>(session: Session, work: Generator<unknown, T>): Promise<T | undefined> {
  const { cleaning } = session.now();
  for (;;) {
    const step = work.next();
    if (step.done) return step.value;
    await new Promise((resolve) => setTimeout(resolve));
    if (session.now().cleaning !== cleaning) return undefined;
  }
}
