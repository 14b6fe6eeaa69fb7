/** The names of characters as Unicode has them, in small letters: "no-break space". The table is large and loaded when needed. */
export async function nameCharacters(codePoints: readonly number[]): Promise<Record<number, string>> {
  const { unicodeName } = await import('unicode-name');
  return Object.fromEntries(codePoints.map((code) => [code, readable(unicodeName(String.fromCodePoint(code)) ?? '')]));
}

function readable(name: string): string {
  return name.toLowerCase().replace(/^./, (first) => first.toUpperCase());
}
