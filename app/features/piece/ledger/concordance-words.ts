import { showHidden } from '../../../../core/index.ts';

/** Surroundings for one line: line ends show as their sign, other spaces as they are. */
export function contextWords(text: string): string {
  return text.replace(/\n+/g, ' ␊ ').replace(/[\t\r]/g, ' ');
}

/** Whether there is nothing to be seen of a text but by signs. */
export function isHidden(text: string): boolean {
  return !/[^\p{Cc}\p{Cf}\p{Z}]/u.test(text);
}

/** What was changed: where it has nothing else to be seen by, its hidden characters as signs. */
export function keyWords(text: string): string {
  return /[\p{L}\p{N}]/u.test(text) && !/^\s|\s$/.test(text) ? contextWords(text) : showHidden(text);
}
