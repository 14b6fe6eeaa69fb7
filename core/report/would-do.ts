import type { Cleaning } from '../cleaning.ts';
import { textOfPieces } from '../edits/piece.ts';
import { PASSES } from '../passes/index.ts';
import { worksIn, type Pass } from '../passes/pass.ts';
import { applyPassSwitch, isPassOn, settingsOf } from '../style/style.ts';
import { revise } from '../clean.ts';
import { countEdits } from './report.ts';

const BLOCKS_A_STEP = 50;

/** Passes that decide lines and seams are asked by cleaning again: in longer texts, in UTF-16 units, that would hold others up. */
const LONGEST_CLEANED_AGAIN = 1_000_000;

/**
 * How many edits each pass that is off would make in the clean text as it is, by pass id; passes that decide lines and seams are
 * left out in long texts. Stops after every few blocks, so that whoever runs it can answer others in between.
 */
export function* countWouldDo(cleaning: Cleaning): Generator<undefined, Record<string, number>> {
  const { source, style, context, blocks } = cleaning;
  const off = PASSES.filter((pass: Pass) => pass.find && !isPassOn(style, pass.id)).map((pass: Pass) => ({
    pass,
    settings: settingsOf(style, pass),
  }));
  const counts = Object.fromEntries(off.map(({ pass }) => [pass.id, 0]));
  for (const [at, block] of blocks.entries()) {
    if (at % BLOCKS_A_STEP === BLOCKS_A_STEP - 1) yield;
    const text = textOfPieces(source, block.pieces);
    for (const { pass, settings } of off) {
      if (!worksIn(pass, block.kind) || pass.needs?.test(text) === false) continue;
      counts[pass.id]! += pass.find!(text, context, settings, block.from).length;
    }
  }
  if (source.length > LONGEST_CLEANED_AGAIN) return counts;
  for (const { id } of PASSES.filter((pass: Pass) => !pass.find && !isPassOn(style, pass.id))) {
    yield;
    counts[id] = countEdits(revise(cleaning, applyPassSwitch(style, id, true), cleaning.choices))[id] ?? 0;
  }
  return counts;
}
