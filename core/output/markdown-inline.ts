import type { Run } from './runs.ts';

/* The words of a block in Markdown (CommonMark 0.31): signs that would be taken for markup are escaped. */

/** Runs of words, with the signs of their looks and links. */
export function toInline(runs: readonly Run[]): string {
  const parts: string[] = [];
  for (const [at, run] of runs.entries()) {
    const behind = parts.at(-1) ?? '';
    const part = inlineOf(run, behind, runs[at + 1]?.text ?? '');
    // A link behind an exclamation mark would be a picture.
    if (part.startsWith('[') && /(?<!\\)!$/.test(behind)) parts[parts.length - 1] = `${behind.slice(0, -1)}\\!`;
    if (part !== '') parts.push(part);
  }
  return parts.join('');
}

/** `behind`: what was written last. `next`: the text that follows. */
function inlineOf({ text, isEmphasis, isStrong, isCode, link }: Run, behind: string, next: string): string {
  const [, before, words, after] = /^(\s*)([^]*?)(\s*)$/.exec(text)!;
  if (words === '') return text;
  if (isCode && !text.includes('`') && !behind.endsWith('`') && !next.startsWith('`'))
    return `${before}${linked(`\`${words}\``, link)}${after}`;
  const escaped = escapeInline(words!);
  if (!isStrong && !isEmphasis) return `${before}${linked(escaped, link)}${after}`;
  const isLinked = link !== undefined && link !== '';
  const left = isLinked ? '[' : before === '' ? (behind.at(-1) ?? '') : ' ';
  const right = isLinked ? ']' : after === '' ? (next[0] ?? '') : ' ';
  const canTell = left !== '*' && opens(left, escaped[0]!) && opens(right, escaped.at(-1)!);
  const [opening, closing] = canTell
    ? [`${isStrong ? '**' : ''}${isEmphasis ? '*' : ''}`, `${isEmphasis ? '*' : ''}${isStrong ? '**' : ''}`]
    : [
        `${isStrong ? '<strong>' : ''}${isEmphasis ? '<em>' : ''}`,
        `${isEmphasis ? '</em>' : ''}${isStrong ? '</strong>' : ''}`,
      ];
  return `${before}${linked(`${opening}${escaped}${closing}`, link)}${after}`;
}

const PUNCTUATION = /[\p{P}\p{S}]/u;

/**
 * Whether a sign of emphasis between a character outside and one inside is one: beside punctuation inside there must be a blank or
 * punctuation outside ("left-flanking" and "right-flanking" in CommonMark). Where it is none, a tag says the same.
 */
function opens(outside: string, inside: string): boolean {
  return !PUNCTUATION.test(inside) || outside === '' || /\s/.test(outside) || PUNCTUATION.test(outside);
}

const LETTER = /[\p{L}\p{N}]/u;
const SPECIAL = /[\\`*_[\]<>]|~(?=~)|(?<=~)~|&(?=#?\w*;|$)/g;

export function escapeInline(text: string): string {
  return text.replace(SPECIAL, (sign, at: number) => {
    const [left, right] = [text[at - 1] ?? '', text[at + 1] ?? ''];
    // A lone sign within a word or between spaces is no markup; at an end, signs of emphasis may stand beside it.
    if (sign === '_' && LETTER.test(left) && LETTER.test(right)) return sign;
    if (sign === '*' && /\s/.test(left) && /\s/.test(right)) return sign;
    if (sign === '<' && right !== '' && !/[A-Za-z/!?]/.test(right)) return sign;
    if (sign === '>' && at > 0) return sign;
    return `\\${sign}`;
  });
}

/** What would begin a heading, a list, a quotation, a table, code or a rule at the beginning of a line, or make a heading of it. */
export function escapeStarts(words: string): string {
  return words
    .replace(/^(\s*)(#{1,6}(?=\s|$)|[-+*](?=\s|$)|[>|]|=+\s*$|-+\s*$|~{3,})/gm, '$1\\$2')
    .replace(/^(\s*\d{1,9})([.)])(?=\s|$)/gm, '$1\\$2');
}

function linked(words: string, link: string | undefined): string {
  return link === undefined || link === ''
    ? words
    : `[${words}](${/[\s()]/.test(link) ? `<${link.replace(/[<>\n]/g, encodeURIComponent)}>` : link})`;
}
