import type { Cleaning } from '../cleaning/cleaning.ts';
import { textOfPieces } from '../edits/piece.ts';
import { linesWrap } from '../seams/decide.ts';
import { LineKind } from '../lines/line-kind.ts';
import { cutTo } from '../text/shortened.ts';

/** What sort of mess a source is, told by what was found in it. */
export const SOURCE_KINDS = ['captions', 'pages', 'wrapped', 'unwrapped'] as const;

export type SourceKind = (typeof SOURCE_KINDS)[number];

export function kindOfSource({ table, decided }: Cleaning): SourceKind {
  if (table.captions.found) return 'captions';
  if (table.kind.some((kind) => kind === LineKind.pageNumber || kind === LineKind.runningHead)) return 'pages';
  return linesWrap(decided) && decided.measure.widestCharacters > 0 ? 'wrapped' : 'unwrapped';
}

const LONGEST_TITLE = 48;
const SHORTEST_TITLE = 20;
/** Before a title there may be a name or a date. */
const BLOCKS_LOOKED_AT = 3;
/** Of a heading or a quotation in Markdown. */
const MARKDOWN_MARK = /^(?:#{1,6}|>) +/;

/** A title for the piece: the heading that it begins with, or else its first words. Empty for an empty text. */
export function suggestTitle({ source, blocks }: Cleaning): string {
  const first = blocks.slice(0, BLOCKS_LOOKED_AT).find(({ kind }) => kind === 'heading') ?? blocks[0];
  if (!first) return '';
  const text = textOfPieces(source, first.pieces).split('\n')[0]!.replace(MARKDOWN_MARK, '').trim();
  if (text.length <= LONGEST_TITLE) return text;
  const cut = text.lastIndexOf(' ', LONGEST_TITLE);
  return `${cutTo(text, cut > SHORTEST_TITLE ? cut : LONGEST_TITLE).replace(/[\s,;:–—-]+$/, '')}…`;
}
