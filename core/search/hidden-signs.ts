/**
 * How characters that cannot be seen are shown and typed: by the symbols of ISO/IEC 9995-7 and the Unicode control pictures
 * where there is one, else by name in angle brackets, without spaces. Text in this form can stand in a field of one line.
 */
export const HIDDEN_SIGNS: readonly { readonly char: string; readonly sign: string; readonly name: string }[] = [
  { char: ' ', sign: '␣', name: 'Space' },
  { char: '\u00a0', sign: '⍽', name: 'No-break space' },
  { char: '\t', sign: '⇥', name: 'Tab' },
  { char: '\n', sign: '␊', name: 'Line end' },
  { char: '\u202f', sign: '⟨narrow-no-break-space⟩', name: 'Narrow no-break space' },
  { char: '\u2009', sign: '⟨thin-space⟩', name: 'Thin space' },
  { char: '\u00ad', sign: '⟨soft-hyphen⟩', name: 'Soft hyphen' },
  { char: '\u200b', sign: '⟨zero-width-space⟩', name: 'Zero-width space' },
  { char: '\u2011', sign: '⟨no-break-hyphen⟩', name: 'No-break hyphen' },
  { char: '\u200d', sign: '⟨zero-width-joiner⟩', name: 'Zero-width joiner' },
  { char: '\r', sign: '␍', name: 'Carriage return' },
];

const SIGN_OF = new Map(HIDDEN_SIGNS.map(({ char, sign }) => [char, sign]));
const CHAR_OF = new Map(HIDDEN_SIGNS.map(({ char, sign }) => [sign, char]));
const SIGNS = new RegExp(HIDDEN_SIGNS.map(({ sign }) => sign).join('|'), 'g');

/** Writes hidden characters as signs; others without a picture as their code point, "⟨U+200E⟩". */
export function showHidden(text: string): string {
  return text.replace(/[\p{Cc}\p{Cf}\p{Z}\u2011]/gu, (char) => SIGN_OF.get(char) ?? `⟨U+${hexOf(char)}⟩`);
}

/** Reads signs back into characters. Law: readHidden(showHidden(text)) is text, for text that has no such signs itself. */
export function readHidden(shown: string): string {
  return shown
    .replace(SIGNS, (sign) => CHAR_OF.get(sign)!)
    .replace(/⟨U\+([\dA-F]{4,6})⟩/g, (whole, hex: string) => {
      const code = parseInt(hex, 16);
      return code <= 0x10ffff ? String.fromCodePoint(code) : whole;
    });
}

function hexOf(char: string): string {
  return char.codePointAt(0)!.toString(16).toUpperCase().padStart(4, '0');
}
