/**
 * What the fonts of signs show, by the place of a sign in the font. Word processors write such signs as places in the font, and by
 * custom at U+F000 and on. Symbol is as in the Unicode Consortium's table of Adobe's encoding (SYMBOL.TXT); of Wingdings stand here
 * the marks that texts use.
 */
const SYMBOL = ' !∀#∃%&∋()∗+,−./0123456789:;<=>?≅ΑΒΧΔΕΦΓΗΙϑΚΛΜΝΟΠΘΡΣΤΥςΩΞΨΖ[∴]⊥_\u203eαβχδεφγηιϕκλμνοπθρστυϖωξψζ{|}∼';
const SYMBOL_FROM = 0x20;
const SYMBOL_HIGH = '€ϒ′≤⁄∞ƒ♣♦♥♠↔←↑→↓°±″≥×∝∂•÷≠≡≈…⏐⎯↵ℵℑℜ℘⊗⊕∅∩∪⊃⊇⊄⊂⊆∈∉∠∇®©™∏√⋅¬∧∨⇔⇐⇑⇒⇓◊〈®©™∑';
const SYMBOL_HIGH_FROM = 0xa0;

const WINGDINGS: ReadonlyMap<number, string> = new Map([
  [0x4a, '☺'],
  [0x6c, '●'],
  [0x6e, '■'],
  [0x6f, '□'],
  [0x71, '❑'],
  [0x75, '◆'],
  [0x76, '❖'],
  [0x9f, '•'],
  [0xa7, '▪'],
  [0xa8, '◻'],
  [0xd8, '➢'],
  [0xdf, '←'],
  [0xe0, '→'],
  [0xe1, '↑'],
  [0xe2, '↓'],
  [0xe8, '➔'],
  [0xf0, '⇨'],
  [0xfb, '✗'],
  [0xfc, '✓'],
  [0xfd, '☒'],
  [0xfe, '☑'],
]);

/** The sign that a font shows at a place; the character with that code in other fonts, and for signs that are not known here. */
export function signOfFont(font: string, code: number): string {
  const place = code >= 0xf000 && code <= 0xf0ff ? code - 0xf000 : code;
  const known = /^symbol/i.test(font)
    ? (SYMBOL[place - SYMBOL_FROM] ?? SYMBOL_HIGH[place - SYMBOL_HIGH_FROM])
    : /^wingdings$/i.test(font)
      ? WINGDINGS.get(place)
      : undefined;
  return known ?? String.fromCharCode(code);
}
