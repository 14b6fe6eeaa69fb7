/** A line of more bytes than this is not kept. */
export const LONGEST_LINE = 100_000_000;

/** A line of so many times that length is taken for one that never ends. */
const ENDLESS = 10;

/** The lines that are whole so far; one that is too long is given as undefined. */
export type Lines = readonly (string | undefined)[];

const LINE_FEED = 0x0a;

/**
 * Cuts bytes of UTF-8 into lines at line feeds alone: JSON may hold all other signs that end lines. Lines come together as they
 * arrive, so that whoever waits for an answer to one gets it. Empty lines are left out. Throws RangeError for a line that does not
 * end.
 */
export async function* splitLines(chunks: AsyncIterable<Uint8Array>, longest = LONGEST_LINE): AsyncGenerator<Lines> {
  const decoder = new TextDecoder();
  let begun: Uint8Array[] = [];
  let length = 0;
  const take = (bytes: Uint8Array) => {
    length += bytes.length;
    // What is too long is read to its end, and not kept.
    if (length <= longest) begun.push(bytes);
    else begun = [];
    if (length > ENDLESS * longest) throw new RangeError('there is no end to a line');
  };
  const end = (): Lines => {
    const line = length > longest ? undefined : decoder.decode(joined(begun)).trim();
    begun = [];
    length = 0;
    return line === '' ? [] : [line];
  };
  for await (const chunk of chunks) {
    const lines: (string | undefined)[] = [];
    let from = 0;
    for (let at = chunk.indexOf(LINE_FEED); at >= 0; at = chunk.indexOf(LINE_FEED, from)) {
      take(chunk.subarray(from, at));
      lines.push(...end());
      from = at + 1;
    }
    take(chunk.subarray(from));
    if (lines.length > 0) yield lines;
  }
  const last = end();
  if (last.length > 0) yield last;
}

function joined(parts: readonly Uint8Array[]): Uint8Array {
  if (parts.length === 1) return parts[0]!;
  const whole = new Uint8Array(parts.reduce((sum, { length }) => sum + length, 0));
  let at = 0;
  for (const part of parts) {
    whole.set(part, at);
    at += part.length;
  }
  return whole;
}
