/** Tries of one search; where they are used up, what has been found by then is given. */
const MOST_TRIES = 3000;

/**
 * A small part of a text of which something still is so: whole lines are taken away as long as it is, then words, then characters,
 * in halves, quarters and so on (delta debugging, Zeller and Hildebrandt 2002).
 */
export function smallest(text: string, isSo: (text: string) => boolean): string {
  let tries = MOST_TRIES;
  const ask = (parts: readonly string[]) => tries-- > 0 && isSo(parts.join(''));
  let found = text;
  for (const cut of [/[^\n]*\n|[^\n]+/g, /\S+\s*|\s+/g, /[^]/gu]) {
    found = withoutParts(found.match(cut) ?? [], ask).join('');
  }
  return found;
}

function withoutParts(all: readonly string[], isSo: (parts: readonly string[]) => boolean): readonly string[] {
  let parts = all;
  for (let size = Math.ceil(parts.length / 2); size >= 1; size = size === 1 ? 0 : Math.ceil(size / 2)) {
    for (let at = 0; at < parts.length;) {
      const rest = [...parts.slice(0, at), ...parts.slice(at + size)];
      if (isSo(rest)) parts = rest;
      else at += size;
    }
  }
  return parts;
}
