/** Bytes 0x80 to 0x9F of Windows-1252 (WHATWG Encoding Standard): a character each. All other bytes are those of Latin-1. */
const HIGH = '€\u0081‚ƒ„…†‡ˆ‰Š‹Œ\u008dŽ\u008f\u0090‘’“”•–—˜™š›œ\u009džŸ';

/** The characters of the bytes 0x80 to 0x9F, in order. */
export const HIGH_CHARACTERS: string = HIGH;

/** The character that Windows-1252 has at a byte. */
export function characterOfByte(byte: number): string {
  return HIGH[byte - 0x80] ?? String.fromCharCode(byte);
}

/** The byte that stands for a character in Windows-1252; the character's own code where none does. */
export function byteOfCharacter(char: string): number {
  const high = HIGH.indexOf(char);
  return high >= 0 ? 0x80 + high : char.charCodeAt(0);
}
