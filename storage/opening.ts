import { cutTo } from '../core/index.ts';

/** In UTF-16 units. */
const LONGEST = 48;
const LOOKED_AT = 2_000;

/**
 * The first words of a text, 48 UTF-16 units at the most: by them a piece is known until its first cleaning gives a title. Empty
 * where there are no words at its head.
 */
export function openingOf(source: string): string {
  const line = /\S[^\n\r]*\p{L}[^\n\r]*/u.exec(source.slice(0, LOOKED_AT))?.[0] ?? '';
  return cutTo(line.replace(/\s+/g, ' '), LONGEST).trim();
}
