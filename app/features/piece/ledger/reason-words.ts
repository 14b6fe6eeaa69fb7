import { Decision, findPass, passOfReason, type LedgerLine } from '../../../../core/index.ts';
import { reasonWords, SPLIT_WORDS } from '../words/seam-words.ts';

/** Why an edit was made, and how certain it is, as one sentence or two. */
export function reasonOf({ passes, certainty, why, seam }: LedgerLine): string {
  const sure = certainty === undefined ? '' : ` ${Math.min(99, Math.round(certainty * 100))} % certain.`;
  if (seam) {
    const split = seam.split && seam.decision === Decision.mend ? [SPLIT_WORDS[seam.split]] : [];
    const reasons = [...split, ...reasonWords(seam.reasons, seam.decision).for];
    return `${reasons.length > 0 ? `Since ${reasons.join('; ')}.` : ''}${sure}`.trim();
  }
  const pass = why ? passOfReason(passes, why) : passes.map(findPass).find((one) => one !== undefined);
  const doubt = why ? pass?.reasons?.[why] : undefined;
  return `${pass?.summary ?? ''}${doubt ? ` But ${doubt}.` : ''}${sure}`.trim();
}
