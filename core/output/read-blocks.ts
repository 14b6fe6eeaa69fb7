import type { Cleaning } from '../cleaning/cleaning.ts';
import { outputBlocks, type OutputBlock } from './output-blocks.ts';
import type { Run } from './runs.ts';

/** A paragraph of the clean text, for reading alone. */
export interface ReadBlock extends Pick<OutputBlock, 'kind' | 'text'> {
  /** Its words by their look; undefined where all look alike. */
  readonly runs?: readonly Run[];
}

/** The blocks [from, to) of the clean text. What was gathered behind the last block comes with it, as a footnote. */
export function readBlocks(cleaning: Cleaning, from: number, to: number): ReadBlock[] {
  return outputBlocks(cleaning, from, to).map(({ kind, text, runs }) => ({
    kind,
    text,
    ...(runs.some(hasLook) && { runs }),
  }));
}

function hasLook({ isEmphasis, isStrong, isCode, link }: Run): boolean {
  return isEmphasis === true || isStrong === true || isCode === true || link !== undefined;
}
