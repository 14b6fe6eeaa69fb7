import {
  BY_HAND,
  firstDifference,
  misfitLines,
  previewShape,
  viewGroups,
  writtenLines,
  type Step,
} from '../core/index.ts';
import type { ShapeService } from './protocol.ts';
import { linesOf, type Session } from './session.ts';

/** Lines that look alike, and what a line shape would do to them. */
export function shapeService(session: Session): ShapeService {
  const lines = () => linesOf(session.now().cleaning);
  return {
    groups: () => viewGroups(lines()),
    preview: (shape) => previewShape(shape, lines()),
    difference: (one, other) => firstDifference(one, other, lines()),
    written: (shape) => writtenLines(shape, lines()),
    step(shape) {
      const { index } = session.now().cleaning.table;
      // Whoever applies a shape has seen which lines it does not fit: they are not asked about again.
      const seen = misfitLines(shape, lines()).map((line): Step => {
        const place = { from: index.from[line]!, to: index.to[line]! };
        return { kind: 'choose', choice: { kind: 'approve', ...place, pass: BY_HAND } };
      });
      const step: Step = { kind: 'set-shape', shape };
      return seen.length === 0 ? step : { kind: 'together', steps: [step, ...seen] };
    },
  };
}
