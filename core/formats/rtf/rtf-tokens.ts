/** What an RTF file is made of. */
export type RtfToken =
  | { readonly kind: 'open' | 'close' }
  | { readonly kind: 'word'; readonly word: string; readonly value?: number }
  /** A byte in the file's code page, written in figures. */
  | { readonly kind: 'byte'; readonly byte: number }
  | { readonly kind: 'text'; readonly text: string };

const TOKEN = /\\([a-z]{1,32})(-?\d{1,10})? ?|\\'([0-9a-f]{2})|\\([^a-z])|([{}])|[\r\n]+|([^\\{}\r\n]+)/gi;

/** Signs that are written as a control of one character. */
const SYMBOLS: Readonly<Record<string, string>> = {
  '~': '\u00a0',
  '-': '\u00ad',
  _: '\u2011',
  '\\': '\\',
  '{': '{',
  '}': '}',
};

/** Reads RTF as tokens (Rich Text Format Specification 1.9.1); `source` has a character for each byte. Binary data is passed over. */
export function* rtfTokens(source: string): Generator<RtfToken> {
  const expression = new RegExp(TOKEN);
  for (let match = expression.exec(source); match; match = expression.exec(source)) {
    const [, word, value, byte, symbol, brace, text] = match;
    if (word !== undefined) {
      if (word === 'bin') expression.lastIndex += Math.max(0, Number(value ?? 0));
      else yield { kind: 'word', word, value: value === undefined ? undefined : Number(value) };
    } else if (byte !== undefined) yield { kind: 'byte', byte: parseInt(byte, 16) };
    else if (symbol === '*') yield { kind: 'word', word: '*' };
    else if (symbol === '\n' || symbol === '\r') yield { kind: 'word', word: 'par' };
    else if (symbol !== undefined) {
      if (SYMBOLS[symbol] !== undefined) yield { kind: 'text', text: SYMBOLS[symbol] };
    } else if (brace !== undefined) yield { kind: brace === '{' ? 'open' : 'close' };
    else if (text !== undefined) yield { kind: 'text', text };
  }
}
