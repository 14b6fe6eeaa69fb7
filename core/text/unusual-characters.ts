/** What a character is that an editor would want to know of. */
export type CharacterClass =
  'space' | 'invisible' | 'control' | 'line-end' | 'broken' | 'form' | 'accent' | 'foreign' | 'emoji' | 'sign';

const USUAL = '“”‘’„‚«»‹›–—…¿¡£€°';
const LINE_ENDS = '\r\v\f\u0085\u2028\u2029';

/** The class of a code point, undefined for those that prose is made of. `script` matches the letters of the text's own script. */
export function classOfCharacter(code: number, script: RegExp): CharacterClass | undefined {
  const char = String.fromCodePoint(code);
  if (LINE_ENDS.includes(char)) return 'line-end';
  if (char === '\t' || /\p{Cc}/u.test(char)) return 'control';
  if (/\p{Zs}/u.test(char)) return char === ' ' ? undefined : 'space';
  if (/\p{Cf}/u.test(char)) return 'invisible';
  if (code === 0xfffd || /[\p{Co}\p{Cn}\p{Cs}]/u.test(char)) return 'broken';
  if (/[\p{Emoji_Presentation}\ufe0f]/u.test(char) || isPicture(char)) return 'emoji';
  if (USUAL.includes(char) || isEastAsianMark(char, script)) return undefined;
  if (char.normalize('NFKC') !== char) return 'form';
  if (/\p{M}/u.test(char)) return 'accent';
  if (/\p{L}/u.test(char)) return script.test(char) ? undefined : 'foreign';
  return code < 0x80 || /\p{N}/u.test(char) ? undefined : 'sign';
}

/** A picture that may be shown in colours; the first of them are signs such as ©. */
function isPicture(char: string): boolean {
  return char >= '\u231a' && /\p{Extended_Pictographic}/u.test(char);
}

/** Marks of Chinese and Japanese, and the full-width forms of texts in their scripts. */
function isEastAsianMark(char: string, script: RegExp): boolean {
  return /[\u3001-\u303f]/.test(char) || (script.source === ANY_SCRIPT.source && /[\uff01-\uff65]/.test(char));
}

/** Matches the letters of texts whose script is none of those that letters are mistaken in. */
export const ANY_SCRIPT = /\p{L}/u;
