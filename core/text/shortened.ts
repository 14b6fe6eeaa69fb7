/** The first UTF-16 units of a text, so many at the most; no character is cut in two. */
export function cutTo(text: string, longest: number): string {
  return text.slice(0, longest).replace(/[\ud800-\udbff]$/, '');
}

/** A text of at most so many UTF-16 units, and "…" for what is left out. */
export function shortened(text: string, longest: number): string {
  return text.length <= longest ? text : `${cutTo(text, longest)}…`;
}
