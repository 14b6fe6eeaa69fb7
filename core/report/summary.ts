import type { Block } from '../cleaning/block.ts';
import type { Cleaning } from '../cleaning/cleaning.ts';
import { textOfPieces } from '../edits/piece.ts';
import { linesWrap } from '../seams/decide.ts';
import { LineKind } from '../lines/line-kind.ts';
import { inAnyLanguage } from '../text/language.ts';
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

/** In characters: as much of a text as the head of a mail takes. */
const LONGEST_HEAD = 2000;
const SUBJECT = new RegExp(`^(?:${inAnyLanguage('subjects')})[ \\u00a0]?[:：][^\\S\\n]*(?<subject>\\S.*)$`, 'imu');

/**
 * A title for the piece: the subject of the mail or the heading that it begins with, or else its first words. Empty for an empty text.
 */
export function suggestTitle({ source, blocks }: Cleaning): string {
  const looked = blocks.slice(0, BLOCKS_LOOKED_AT);
  const title = subjectOfMail(source, looked) ?? titleOf(source, looked);
  if (title.length <= LONGEST_TITLE) return title;
  const cut = title.lastIndexOf(' ', LONGEST_TITLE);
  return `${cutTo(title, cut > SHORTEST_TITLE ? cut : LONGEST_TITLE).replace(/[\s,;:–—-]+$/, '')}…`;
}

/** Mail begins with lines of a name and a colon, one of which has its subject. */
function subjectOfMail(source: string, blocks: readonly Block[]): string | undefined {
  const head = blocks.map(({ pieces }) => textOfPieces(source, pieces)).join('\n');
  return SUBJECT.exec(cutTo(head, LONGEST_HEAD))?.groups!.subject!.trim();
}

function titleOf(source: string, blocks: readonly Block[]): string {
  const first = blocks.find(({ kind }) => kind === 'heading') ?? blocks[0];
  return first ? textOfPieces(source, first.pieces).split('\n')[0]!.replace(MARKDOWN_MARK, '').trim() : '';
}
