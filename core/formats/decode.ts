import { characterOfByte } from '../text/windows-1252.ts';

export type Decoded =
  { readonly ok: true; readonly text: string } | { readonly ok: false; readonly problem: 'not-text' };

const LOOKED_AT = 8192;
const MOST_CONTROL_CHARACTERS = 0.05;

/**
 * The text of a file: UTF-8, UTF-16 where a byte order mark says so, else Windows-1252, which any bytes can be read as. A byte
 * order mark is kept as a character, so that the text holds all that the file held.
 */
export function decodeText(bytes: Uint8Array): Decoded {
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return decodeAs('utf-16le', bytes);
  if (bytes[0] === 0xfe && bytes[1] === 0xff) return decodeAs('utf-16be', bytes);
  if (isBinary(bytes)) return { ok: false, problem: 'not-text' };
  try {
    return { ok: true, text: new TextDecoder('utf-8', { fatal: true, ignoreBOM: true }).decode(bytes) };
  } catch {
    return { ok: true, text: decodeWindows1252(bytes) };
  }
}

/** Some versions of Node decode "windows-1252" as Latin-1, so the part in which they differ is put right here. */
function decodeWindows1252(bytes: Uint8Array): string {
  const text = new TextDecoder('windows-1252').decode(bytes);
  return text.replace(/[\u0080-\u009f]/g, (unit) => characterOfByte(unit.charCodeAt(0)));
}

function decodeAs(label: string, bytes: Uint8Array): Decoded {
  return { ok: true, text: new TextDecoder(label, { ignoreBOM: true }).decode(bytes) };
}

/** Many control characters among the first bytes: no text. A stray NUL in a text is no reason to refuse it. */
function isBinary(bytes: Uint8Array): boolean {
  const head = bytes.subarray(0, LOOKED_AT);
  let odd = 0;
  for (const byte of head) if (byte < 0x09 || (byte > 0x0d && byte < 0x20 && byte !== 0x1b)) odd++;
  return head.length > 0 && odd / head.length > MOST_CONTROL_CHARACTERS;
}
