/**
 * The words of a language as a Bloom filter: small, and never wrong about a word it holds; about one other word in three hundred
 * is taken for one. Words are compared in small letters.
 */
export interface WordList {
  readonly bits: Uint8Array;
}

const BITS_PER_WORD = 12;
const HASHES = 8;

/** Packs words. The bytes are the whole file; `toWordList` reads them. */
export function packWords(words: readonly string[]): Uint8Array {
  const bits = new Uint8Array(Math.max(1, Math.ceil((words.length * BITS_PER_WORD) / 8)));
  for (const word of words) {
    eachBit(word, bits.length * 8, (bit) => {
      bits[bit >> 3]! |= 1 << (bit & 7);
      return true;
    });
  }
  return bits;
}

/** Law: every packed word is held. */
export function hasWord({ bits }: WordList, word: string): boolean {
  return eachBit(word, bits.length * 8, (bit) => (bits[bit >> 3]! & (1 << (bit & 7))) !== 0);
}

/** Calls `visit` with the bits of a word until it says false: double hashing (Kirsch and Mitzenmacher 2006) over FNV-1a. */
function eachBit(word: string, size: number, visit: (bit: number) => boolean): boolean {
  const small = word.toLowerCase();
  let first = 0x811c9dc5;
  let second = 0x01000193;
  for (let at = 0; at < small.length; at++) {
    const code = small.charCodeAt(at);
    first = Math.imul(first ^ code, 0x01000193);
    second = Math.imul(second ^ code, 0x85ebca6b) ^ (second >>> 13);
  }
  for (let round = 0; round < HASHES; round++) {
    if (!visit(((first >>> 0) + round * ((second | 1) >>> 0)) % size)) return false;
  }
  return true;
}
