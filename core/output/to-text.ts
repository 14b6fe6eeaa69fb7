import type { Output } from './open-output.ts';
import type { OutputBlock } from './output-blocks.ts';
import type { OutputShape } from './shape.ts';
import { wrap } from './wrap.ts';

const INDENT = '    ';

/** The output as plain text. Law: in the usual shape it is the clean text. */
export function toText({ blocks, end }: Output, shape: OutputShape): string {
  let text = '';
  let before: OutputBlock | undefined;
  for (const block of blocks) {
    text += gapOf(block, before, shape.apart);
    const indent = shape.apart === 'indent' && isIndented(block, before) ? INDENT : '';
    text += isLaidOut(block) ? indent + block.text : wrap(indent + block.text, shape.wrap);
    before = block;
  }
  return ended(text + end, shape);
}

/** What stands between two blocks. */
function gapOf({ gap, kind }: OutputBlock, before: OutputBlock | undefined, apart: OutputShape['apart']): string {
  if (before === undefined || apart === 'blank') return gap;
  // A heading stands apart where paragraphs are told by their indents.
  if (apart === 'indent' && (kind === 'heading' || before.kind === 'heading')) return gap;
  return gap.replace(/\n{2,}/g, '\n');
}

/** A paragraph that follows another one. */
function isIndented({ kind }: OutputBlock, before: OutputBlock | undefined): boolean {
  return kind === 'paragraph' && before !== undefined && before.kind !== 'heading' && before.kind !== 'section-break';
}

/** Lines that are broken where they are meant to be. */
export function isLaidOut({ kind }: OutputBlock): boolean {
  return kind === 'code' || kind === 'table' || kind === 'contents' || kind === 'verse';
}

const LINE_ENDS = { lf: '\n', crlf: '\r\n', cr: '\r' } as const;

/** A text with the line ends of a shape, the last one as it says. */
export function ended(text: string, { lineEnds, endsLastLine }: OutputShape): string {
  const whole = endsLastLine && text !== '' && !text.endsWith('\n') ? `${text}\n` : text;
  return lineEnds === 'lf' ? whole : whole.replace(/\n/g, LINE_ENDS[lineEnds]);
}
