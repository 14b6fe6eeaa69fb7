import { byteOfCharacter, HIGH_CHARACTERS } from '../text/windows-1252.ts';
import { Sign } from '../text/signs.ts';
import { replaceMatches, type InlinePass } from './pass.ts';

const CONTINUATION = `[\\u00a0-\\u00bf${HIGH_CHARACTERS}]`;
/** The lead bytes of letters and signs in common use: others may be letters before a quotation mark. */
const MISREAD = new RegExp(`(?:[ÂÃÅ]${CONTINUATION}|â${CONTINUATION}{2})`, 'g');

/** UTF-8 that was read as Windows-1252, back to what was meant; undefined where the bytes make no sense. */
function reread(text: string): string | undefined {
  const bytes = [...text].map(byteOfCharacter);
  const [lead = 0, second = 0, third] = bytes;
  const code =
    third === undefined
      ? ((lead & 0x1f) << 6) | (second & 0x3f)
      : ((lead & 0x0f) << 12) | ((second & 0x3f) << 6) | (third & 0x3f);
  const isInUse = third === undefined ? code >= 0xa0 : code >= 0x2010 && code <= 0x22ff;
  return isInUse ? String.fromCharCode(code) : undefined;
}

export const misreadBytes = {
  works: 'inline',
  id: 'misread-bytes',
  title: 'Garbled characters',
  summary: 'Puts right what came through a wrong character set: “â€™” becomes an apostrophe, “Ã©” an é.',
  group: 'characters',
  onByDefault: true,
  examples: [
    { before: 'The millerâ€™s cafÃ© is shut.', after: 'The miller’s café is shut.' },
    { before: 'Dans le café « Au Château » est une âme.', after: 'Dans le café « Au Château » est une âme.' },
  ],
  signs: Sign.misreadLead,
  find: ({ text }) => replaceMatches(text, MISREAD, ([match]) => reread(match)),
} as const satisfies InlinePass;
