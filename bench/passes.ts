import { DEFAULT_STYLE, PASSES, settingsOf, textOfPieces, type Cleaning, type Pass } from '../core/index.ts';

/** How long the work of one pass takes over all blocks of a cleaning, in ms: the best of three rounds. */
export interface PassTime {
  readonly pass: Pass;
  readonly milliseconds: number;
}

/** The time of each pass that works inside blocks, over the clean text as it is, longest first. */
export function timePasses(cleaning: Cleaning): PassTime[] {
  const texts = cleaning.blocks.map(({ pieces, from }) => ({ text: textOfPieces(cleaning.source, pieces), from }));
  return PASSES.filter((pass: Pass) => pass.find)
    .map((pass: Pass) => ({ pass, milliseconds: Math.min(...[1, 2, 3].map(() => timeOf(pass, texts, cleaning))) }))
    .sort((a, b) => b.milliseconds - a.milliseconds);
}

function timeOf(pass: Pass, texts: readonly { text: string; from: number }[], { context }: Cleaning): number {
  const settings = settingsOf(DEFAULT_STYLE, pass);
  const start = performance.now();
  for (const { text, from } of texts) {
    if (pass.needs?.test(text) !== false) pass.find!(text, context, settings, from);
  }
  return performance.now() - start;
}
