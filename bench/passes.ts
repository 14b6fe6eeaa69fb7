import { DEFAULT_STYLE, FINDING_PASSES, settingsOf, textOfPieces, type Cleaning, type Pass } from '../core/index.ts';
import { textOfBlock } from '../core/cleaning/block-text.ts';
import { hasWorkIn, passAtWork, type PassAtWork } from '../core/passes/pass.ts';
import { signsOf } from '../core/text/signs.ts';

/** How long the work of one pass takes over all blocks of a cleaning, in ms: the best of three rounds. */
export interface PassTime {
  readonly pass: Pass;
  readonly milliseconds: number;
}

/** The time of each pass that works inside blocks, over the clean text as it is, longest first. */
export function timePasses(cleaning: Cleaning): PassTime[] {
  const blocks = cleaning.blocks.map((block) => {
    const text = textOfPieces(cleaning.source, block.pieces);
    return { kind: block.kind, signs: signsOf(text), text: textOfBlock(cleaning.source, block, text) };
  });
  const timeOf = (work: PassAtWork) => {
    const start = performance.now();
    for (const { kind, signs, text } of blocks) {
      if (hasWorkIn(work, kind, signs)) work.pass.find(text, cleaning.context, work.settings);
    }
    return performance.now() - start;
  };
  return FINDING_PASSES.map((pass) => passAtWork(pass, settingsOf(DEFAULT_STYLE, pass)))
    .map((work) => ({ pass: work.pass, milliseconds: Math.min(...[1, 2, 3].map(() => timeOf(work))) }))
    .sort((a, b) => b.milliseconds - a.milliseconds);
}
