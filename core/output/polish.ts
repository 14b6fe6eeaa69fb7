import type { LocalEdit } from '../edits/local-edit.ts';
import type { PassContext } from '../passes/pass.ts';
import { quotes } from '../passes/quotes.ts';
import { isAbbreviation } from '../text/vocabulary.ts';
import type { OutputBlock } from './output-blocks.ts';
import type { Run } from './runs.ts';
import type { OutputShape } from './shape.ts';

/** The end of a sentence, the spaces behind it, and the beginning of the next. */
const SENTENCE_GAP = /(\p{L}+|[)\]\d])([.!?…]+[”’"'»)\]]*)( +)(?=[“‘"'«([]?\p{Lu})/gu;

/** A block with the quotation marks and the gaps between sentences that a shape asks for. Code and tables stay as they are. */
export function polished(block: OutputBlock, shape: OutputShape, context: PassContext): OutputBlock {
  if (shape.quotes === 'as-is' && shape.sentenceGap === 'as-is') return block;
  if (block.kind === 'code' || block.kind === 'table') return block;
  let made = block;
  if (shape.quotes !== 'as-is') {
    const found = { text: made.text, from: 0, joins: () => [] };
    made = edited(made, quotes.find(found, context, { form: shape.quotes }));
  }
  return shape.sentenceGap === 'as-is' ? made : edited(made, sentenceGaps(made.text, shape.sentenceGap));
}

function sentenceGaps(text: string, gap: 'one' | 'two'): LocalEdit[] {
  const insert = gap === 'one' ? ' ' : '  ';
  const edits: LocalEdit[] = [];
  for (const { 0: match, 1: word, 2: stop, 3: spaces, index } of text.matchAll(SENTENCE_GAP)) {
    if (spaces === insert || (stop!.startsWith('.') && isAbbreviation(word!))) continue;
    edits.push({ from: index + match.length - spaces!.length, to: index + match.length, insert });
  }
  return edits;
}

/** A block with edits made in its text: what is put in has the look of the words that it takes the place of. */
function edited(block: OutputBlock, edits: readonly LocalEdit[]): OutputBlock {
  if (edits.length === 0) return block;
  const runs: Run[] = [];
  let start = 0;
  let next = 0;
  for (const run of block.runs) {
    const end = start + run.text.length;
    let text = '';
    let at = start;
    for (; next < edits.length && edits[next]!.from < end; next++) {
      const { from, to, insert } = edits[next]!;
      text += block.text.slice(at, from) + insert;
      at = to;
    }
    if (at < end) text += block.text.slice(at, end);
    runs.push({ ...run, text });
    start = Math.max(end, at);
  }
  return { ...block, runs, text: runs.map(({ text }) => text).join('') };
}
