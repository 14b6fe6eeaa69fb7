/** An input that cannot be cleaned; the message says why, in one line. */
export class InputError extends Error {}

const LOOKED_AT = 8192;

/**
 * The text of a file: UTF-8, or UTF-16 where a byte order mark says so. A byte order mark is kept as a character.
 * Throws InputError for what is not text.
 */
export function decodeText(bytes: Uint8Array, name: string): string {
  const label = name === '-' ? 'standard input' : name;
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return new TextDecoder('utf-16le', { ignoreBOM: true }).decode(bytes);
  if (bytes[0] === 0xfe && bytes[1] === 0xff) return new TextDecoder('utf-16be', { ignoreBOM: true }).decode(bytes);
  if (isBinary(bytes)) throw new InputError(`${label} is not a text file`);
  try {
    return new TextDecoder('utf-8', { fatal: true, ignoreBOM: true }).decode(bytes);
  } catch {
    return new TextDecoder('windows-1252').decode(bytes);
  }
}

/** Many control characters, or one zero byte in twenty, among the first bytes: no text. A stray NUL in a text is no reason to refuse it. */
function isBinary(bytes: Uint8Array): boolean {
  const head = bytes.subarray(0, LOOKED_AT);
  let odd = 0;
  for (const byte of head) if (byte < 0x09 || (byte > 0x0d && byte < 0x20 && byte !== 0x1b)) odd++;
  return head.length > 0 && odd / head.length > 0.05;
}
