import type { NamedFindings } from '../../../../worker/protocol.ts';
import type { PieceView } from '../state/piece-context.ts';

/** What is shared by the parts of the findings. */
export interface FindingsPart {
  readonly piece: PieceView;
  readonly findings: NamedFindings;
}
