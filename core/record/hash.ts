import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex, utf8ToBytes } from '@noble/hashes/utils.js';

/** The SHA-256 of a text in UTF-8, in hexadecimal figures. */
export function hashOf(text: string): string {
  return bytesToHex(sha256(utf8ToBytes(text)));
}
