import type { Look } from '../layout/looks.ts';

/**
 * A run of text on one side. `passes` are those that changed it, none where it stands as it is. In the source a run is kept,
 * changed into something else, or gone; in the clean text an empty run is the place where something went.
 */
export interface Run {
  /** Where it stands in the source, or what it stands for. */
  readonly from: number;
  readonly to: number;
  readonly text: string;
  readonly passes: readonly string[];
  readonly fate: 'kept' | 'changed' | 'gone';
  /** The change is in doubt. */
  readonly doubt?: boolean;
  /** In the clean text: how the words look, as their format says. */
  readonly look?: Look;
}
