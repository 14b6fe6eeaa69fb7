import type { BlockKind } from '../blocks/block-kind.ts';
import type { Cleaning } from '../cleaning/cleaning.ts';
import { addPlace, type Place } from '../edits/place.ts';
import { partOf } from '../lines/part.ts';

/** The parts of a text that are all of one kind other than plain paragraphs. */
export interface PartFinding {
  readonly kind: Exclude<BlockKind, 'paragraph'>;
  /** Runs of neighbouring blocks: so many parts, and the blocks in them. */
  readonly parts: number;
  readonly blocks: number;
  /** Parts, or pieces of them, that are what they are since a person said so. */
  readonly said: number;
  readonly places: readonly Place[];
}

/** In the order in which each kind comes first. Linear in the number of blocks. */
export function findParts({ blocks, decided, allLines }: Cleaning): PartFinding[] {
  const found = new Map<PartFinding['kind'], { parts: number; blocks: number; said: number; places: Place[] }>();
  for (let first = 0; first < blocks.length;) {
    const { kind } = blocks[first]!;
    let end = first + 1;
    while (end < blocks.length && blocks[end]!.kind === kind) end++;
    if (kind !== 'paragraph') {
      const finding = found.get(kind) ?? { parts: 0, blocks: 0, said: 0, places: [] };
      found.set(kind, finding);
      finding.parts++;
      finding.blocks += end - first;
      const isSaid = ({ firstKept }: { firstKept: number }) =>
        partOf(allLines, decided.seams.line[firstKept]!) !== undefined;
      if (blocks.slice(first, end).some(isSaid)) finding.said++;
      addPlace(finding.places, blocks[first]!.from, blocks[end - 1]!.to);
    }
    first = end;
  }
  return [...found].map(([kind, finding]) => ({ kind, ...finding }));
}
