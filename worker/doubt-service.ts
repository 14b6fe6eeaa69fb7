import { stepForAnswer, viewDoubt, type Cleaning, type Doubt } from '../core/index.ts';
import type { DoubtOrder, DoubtService, NextDoubt } from './protocol.ts';
import type { Session } from './session.ts';

/** The questions, one at a time. */
export function doubtService(session: Session): DoubtService {
  const choose = (order: DoubtOrder, putOff: readonly string[], doubts = session.doubts()) =>
    chooseDoubt(session.now().cleaning, doubts, order, putOff);
  return {
    ask: (order, putOff) => choose(order, putOff),
    answer(key, answer, alike, order, putOff) {
      const doubts = session.doubts();
      const one = doubts.find((doubt) => doubt.key === key);
      const meant = doubts.filter((doubt) => doubt === one || (alike && doubt.alike === one?.alike));
      const gone = new Set(meant);
      return {
        step: stepForAnswer(session.now().cleaning, meant, answer),
        settled: meant.map((doubt) => doubt.key),
        next: choose(
          order,
          putOff,
          doubts.filter((doubt) => !gone.has(doubt)),
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
