import type { Cleaning } from '../cleaning/cleaning.ts';
import { endOfText, outputBlocks, type OutputBlock } from './output-blocks.ts';
import { polished } from './polish.ts';
import type { OutputShape } from './shape.ts';

/** A clean text that is to go out. */
export interface Output {
  readonly blocks: readonly OutputBlock[];
  /** What follows the last words. */
  readonly end: string;
  /** A language tag; empty where the language is not known. */
  readonly language: string;
  readonly title: string;
}

/** The clean text with the marks and gaps that a shape asks for; `title` is that of the piece. */
export function openOutput(cleaning: Cleaning, shape: OutputShape, title: string): Output {
  const { context } = cleaning;
  const blocks = outputBlocks(cleaning).map((block) => plainer(polished(block, shape, context), shape));
  const language = context.language === 'other' ? '' : context.language;
  return { blocks, end: endOfText(cleaning), language, title };
}

/** A block without what the shape does not keep. */
function plainer(block: OutputBlock, shape: OutputShape): OutputBlock {
  const { keepsEmphasis, keepsHeadings, keepsLinks, keepsLists } = shape;
  const kind =
    (block.kind === 'heading' && !keepsHeadings) || (block.kind === 'list-item' && !keepsLists)
      ? 'paragraph'
      : block.kind;
  if (keepsEmphasis && keepsLinks) return { ...block, kind };
  const runs = block.runs.map(({ text, link, ...look }) => ({
    text,
    ...(keepsEmphasis ? look : {}),
    ...(keepsLinks && link !== undefined ? { link } : {}),
  }));
  return { ...block, kind, runs };
}
