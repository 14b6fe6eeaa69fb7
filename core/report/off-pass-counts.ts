import type { Cleaning } from '../cleaning/cleaning.ts';
import { textOfBlock } from '../cleaning/block-text.ts';
import { signsOf } from '../text/signs.ts';
import { FINDING_PASSES, PASSES } from '../passes/index.ts';
import { hasWorkIn, isFindingPass, passAtWork } from '../passes/pass.ts';
import { applyPassSwitch, isPassOn, settingsOf } from '../style/style.ts';
import { revise } from '../cleaning/clean.ts';
import { digestOf } from './digest.ts';

const BLOCKS_A_STEP = 50;

/** Passes that decide lines and seams are asked by cleaning again: in longer texts, in UTF-16 units, that would hold others up. */
const LONGEST_CLEANED_AGAIN = 1_000_000;

/**
 * How many edits each pass that is off would make in the clean text as it is, by pass id; passes that decide lines and seams are
 * left out in long texts. Stops after every few blocks, so that whoever runs it can answer others in between.
 */
export function* countOffPasses(cleaning: Cleaning): Generator<undefined, Record<string, number>> {
  const { source, style, context, blocks } = cleaning;
  const off = FINDING_PASSES.filter(({ id }) => !isPassOn(style, id)).map((pass) =>
    passAtWork(pass, settingsOf(style, pass)),
  );
  const counts = Object.fromEntries(off.map(({ pass }) => [pass.id, 0]));
  for (const [at, block] of blocks.entries()) {
    if (at % BLOCKS_A_STEP === BLOCKS_A_STEP - 1) yield;
    const text = textOfBlock(source, block);
    const signs = signsOf(text.text);
    for (const work of off) {
      if (!hasWorkIn(work, block.kind, signs)) continue;
      counts[work.pass.id]! += work.pass.find(text, context, work.settings).length;
    }
  }
  if (source.length > LONGEST_CLEANED_AGAIN) return counts;
  for (const { id } of PASSES.filter((pass) => !isFindingPass(pass) && !isPassOn(style, pass.id))) {
    yield;
    counts[id] = digestOf(revise(cleaning, applyPassSwitch(style, id, true), cleaning.choices)).counts[id] ?? 0;
  }
  return counts;
}
