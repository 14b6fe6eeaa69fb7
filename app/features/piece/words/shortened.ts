/** A text of at most so many UTF-16 units, and "…" for what is left out; no character is cut in two. */
export function shortened(text: string, longest: number): string {
  if (text.length <= longest) return text;
  return `${text.slice(0, longest).replace(/[\ud800-\udbff]$/, '')}…`;
}
