import { analyse } from 'chardet';
import { characterOfByte } from '../text/windows-1252.ts';

export type Decoded =
  | { readonly ok: true; readonly text: string; readonly encoding: string }
  | { readonly ok: false; readonly problem: 'not-text' };

const LOOKED_AT = 8192;
const MOST_CONTROL_CHARACTERS = 0.05;
/** Of a file that says nothing of its encoding so many bytes are looked at to guess it. */
const GUESSED_FROM = 200_000;

/**
 * The text of a file: in the encoding that is asked for; else as its byte order mark says, as UTF-8 where all of it is that, as it
 * says itself in its head (HTML, XML), or as is most likely. A byte order mark is kept as a character, so that the text holds all
 * that the file held. Encodings are named as in the Encoding Standard.
 */
export function decodeText(bytes: Uint8Array, asked?: string): Decoded {
  if (asked !== undefined && isEncoding(asked)) return decodeAs(asked, bytes);
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return decodeAs('utf-16le', bytes);
  if (bytes[0] === 0xfe && bytes[1] === 0xff) return decodeAs('utf-16be', bytes);
  const wide = wideUnits(bytes);
  if (wide !== undefined) return decodeAs(wide, bytes);
  if (isBinary(bytes)) return { ok: false, problem: 'not-text' };
  try {
    const text = new TextDecoder('utf-8', { fatal: true, ignoreBOM: true }).decode(bytes);
    // Escape sequences are ASCII to UTF-8.
    const isEscaped = text.includes('\u001b$') || text.includes('\u001b(');
    if (!isEscaped) return { ok: true, text, encoding: 'utf-8' };
  } catch {
    // Some other encoding.
  }
  return decodeAs(declaredIn(bytes) ?? guess(bytes), bytes);
}

/** Every second byte of ASCII in UTF-16 is 0, be there a mark or not. */
function wideUnits(bytes: Uint8Array): 'utf-16le' | 'utf-16be' | undefined {
  const head = bytes.subarray(0, LOOKED_AT & ~1);
  if (head.length < 4 || bytes.length % 2 !== 0) return undefined;
  const zeros = [0, 0];
  for (const [at, byte] of head.entries()) if (byte === 0) zeros[at & 1]!++;
  const half = head.length / 2;
  if (zeros[1]! > 0.7 * half && zeros[0]! < 0.05 * half) return 'utf-16le';
  return zeros[0]! > 0.7 * half && zeros[1]! < 0.05 * half ? 'utf-16be' : undefined;
}

const DECLARED =
  /<meta[^>]{0,200}\bcharset\s*=\s*["']?\s*([\w-]{2,30})|<\?xml[^>]{0,100}\bencoding\s*=\s*["']([\w-]{2,30})/i;

function declaredIn(bytes: Uint8Array): string | undefined {
  const [, meta, xml] = DECLARED.exec(new TextDecoder('latin1').decode(bytes.subarray(0, 4096))) ?? [];
  const name = meta ?? xml;
  return name !== undefined && isEncoding(name) && !/^utf-?(?:8|16)/i.test(name) ? name : undefined;
}

/** The most likely encoding. Between kin of Latin-1 the bytes say too little: then it is Windows-1252. */
function guess(bytes: Uint8Array): string {
  const found = analyse(bytes.subarray(0, GUESSED_FROM)).filter(({ name }) => isEncoding(name));
  const best = found[0];
  if (!best || best.name === 'UTF-8' || best.name.startsWith('UTF-')) return 'windows-1252';
  if (/^ISO-8859-[129]$|^windows-125[024]$/.test(best.name))
    return best.confidence > 60 && best.lang !== undefined && EASTERN.has(best.lang) ? best.name : 'windows-1252';
  return best.confidence >= LEAST_CONFIDENCE ? best.name : 'windows-1252';
}

const LEAST_CONFIDENCE = 25;
const EASTERN: ReadonlySet<string> = new Set(['cs', 'hu', 'pl', 'ro', 'tr']);

/** Whether the Encoding Standard knows an encoding by this name. */
export function isEncoding(label: string): boolean {
  try {
    new TextDecoder(label);
    return true;
  } catch {
    return false;
  }
}

function decodeAs(label: string, bytes: Uint8Array): Decoded {
  const text = new TextDecoder(label, { ignoreBOM: true }).decode(bytes);
  const isLatin = /^(?:windows-1252|iso-8859-1|latin1|us-ascii|ascii)$/i.test(label);
  return {
    ok: true,
    text: isLatin ? withWindowsSigns(text) : text,
    encoding: isLatin ? 'windows-1252' : label.toLowerCase(),
  };
}

/** Some versions of Node decode "windows-1252" as Latin-1, so the part in which they differ is put right here. */
function withWindowsSigns(text: string): string {
  return text.replace(/[\u0080-\u009f]/g, (unit) => characterOfByte(unit.charCodeAt(0)));
}

/** Many control characters among the first bytes: no text. A stray NUL in a text is no reason to refuse it. */
function isBinary(bytes: Uint8Array): boolean {
  const head = bytes.subarray(0, LOOKED_AT);
  let odd = 0;
  for (const byte of head) if (byte < 0x09 || (byte > 0x0d && byte < 0x20 && byte !== 0x1b)) odd++;
  return head.length > 0 && odd / head.length > MOST_CONTROL_CHARACTERS;
}
