import { LOOK_TREES } from './look-model.ts';
import { binOf, explainTrees, oddsOfTrees, unpackTrees } from './look-trees.ts';
import { FEWEST_FOR_HABITS, looker, LOOKS, SURE_AT_FIRST, type FirstLook, type LookName } from './second-look.ts';

const TREES = unpackTrees(LOOK_TREES);

/** The log odds that the second look adds at a seam; 0 where the first was sure, or there is nothing to look at again. */
export function lookAgain(look: FirstLook): (seam: number) => number {
  if (!looksAgain(look)) return () => 0;
  const binsAt = binner(look);
  return (seam) => (isSure(look, seam) ? 0 : oddsOfTrees(TREES, binsAt(seam)));
}

/** What each thing that is looked at adds to the log odds at a seam. */
export function explainLook(look: FirstLook, seam: number): ReadonlyMap<LookName, number> {
  if (!looksAgain(look) || isSure(look, seam)) return new Map();
  return explainTrees(TREES, binner(look)(seam));
}

/**
 * Whether there is a second look at a text. Where a format, a person or the pauses of captions tell where paragraphs begin, that is not
 * weighed against the habits of the text.
 */
export function looksAgain({ context }: FirstLook): boolean {
  const { table, seams, mark, elements } = context;
  if (mark !== undefined || elements !== undefined || table.captions.found) return false;
  return seams.count >= FEWEST_FOR_HABITS;
}

function isSure({ odds }: FirstLook, seam: number): boolean {
  return Math.abs(odds[seam]!) >= SURE_AT_FIRST;
}

function binner(look: FirstLook): (seam: number) => Uint8Array {
  const bins = new Uint8Array(LOOKS.length);
  const lookAt = looker(look, (at, measured) => {
    bins[at] = binOf(TREES, at, measured);
  });
  return (seam) => {
    lookAt(seam);
    return bins;
  };
}
