import { Decision, findPass, passOfReason, type LedgerLine } from '../../../../core/index.ts';
import { reasonWords, sentenceOf, SPLIT_WORDS } from '../words/seam-words.ts';
import { certaintyWords } from '../words/certainty-words.ts';

/** Why an edit was made, and how certain it is, as one sentence or two. */
export function reasonOf({ passes, certainty, why, seam }: LedgerLine): string {
  const sure = certainty === undefined ? '' : ` ${certaintyWords(certainty)}.`;
  if (seam) {
    const split = seam.split && seam.decision === Decision.mend ? [SPLIT_WORDS[seam.split]] : [];
    const reasons = [...split, ...reasonWords(seam.reasons, seam.decision).for];
    return `${sentenceOf(reasons[0], seam.decision)}${sure}`.trim();
  }
  const pass = why ? passOfReason(passes, why) : passes.map(findPass).find((one) => one !== undefined);
  const doubt = why ? pass?.reasons?.[why] : undefined;
  return `${pass?.summary ?? ''}${doubt ? ` But ${doubt}.` : ''}${sure}`.trim();
}
