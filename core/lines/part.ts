import type { LineTable } from './line-table.ts';

/** What a person may say that a part of a text is. */
export const PART_KINDS = ['prose', 'list', 'verse', 'table', 'code'] as const;
export type PartKind = (typeof PART_KINDS)[number];

/** What a person said that a line is; undefined where they said nothing. */
export function partOf({ part }: LineTable, line: number): PartKind | undefined {
  return part?.[line] ? PART_KINDS[part[line] - 1] : undefined;
}
