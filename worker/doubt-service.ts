import { stepForAnswer, viewDoubts, type Cleaning, type Doubt } from '../core/index.ts';
import type { DoubtOrder, DoubtService, NextDoubt } from './protocol.ts';
import type { Session } from './session.ts';

/** The questions, one at a time. */
export function doubtService(session: Session): DoubtService {
  const choose = (order: DoubtOrder, putOff: readonly string[], doubts = session.doubts()) =>
    chooseDoubt(session.now().cleaning, doubts, order, putOff);
  return {
    ask: (order, putOff) => choose(order, putOff),
    answer(key, answer, alike, order, putOff, answered) {
      const doubts = session.doubts();
      const one = doubts.find((doubt) => doubt.key === key);
      const meant = doubts.filter((doubt) => doubt === one || (alike && doubt.alike === one?.alike));
      const gone = new Set([...answered, ...meant.map((doubt) => doubt.key)]);
      return {
        step: stepForAnswer(session.now().cleaning, meant, answer),
        settled: meant.map((doubt) => doubt.key),
        next: choose(
          order,
          putOff,
          doubts.filter((doubt) => !gone.has(doubt.key)),
        ),
      };
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
  const first = later.size > 0 ? doubts.filter(({ key }) => !later.has(key)) : doubts;
  const asked = first.length > 0 ? first : doubts;
  const [view, ...following] = viewDoubts(cleaning, inOrder(asked, order, 1 + FOLLOWING), doubts);
  return { left: doubts.length, view, following };
}

/** So many doubts are told beyond the one that is asked about: a person may answer faster than a text of megabytes changes. */
const FOLLOWING = 4;

/** The first few doubts. */
function inOrder(doubts: readonly Doubt[], order: DoubtOrder, count: number): readonly Doubt[] {
  if (order === 'reading') return doubts.slice(0, count);
  if (order === 'hardest') return [...doubts].sort((a, b) => a.certainty - b.certainty).slice(0, count);
  const alike = new Map<string, number>();
  for (const doubt of doubts) alike.set(doubt.alike, (alike.get(doubt.alike) ?? 0) + 1);
  return [...doubts].sort((a, b) => alike.get(b.alike)! - alike.get(a.alike)!).slice(0, count);
}
