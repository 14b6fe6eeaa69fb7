import { namesOfSounds } from '../../text/language.ts';

/** The names as they stand in brackets, small or with a capital: the heart of an expression that minds case. */
export const SOUND_NAMES = namesOfSounds()
  .map((name) => `[${name[0]!.toUpperCase()}${name[0]!}]${name.slice(1)}`)
  .join('|');

/** A sound with up to two words behind it: "music playing softly". For an expression by code points. */
export const SOUND_WORDS = String.raw`(?:${SOUND_NAMES})(?: \p{Ll}+){0,2}`;

const SOUND = new RegExp(`^${SOUND_WORDS}$`, 'u');

/** Whether what stands in brackets is written like the name of who speaks: each word with a capital, and none of sounds. */
export function looksLikeName(words: string): boolean {
  return /^(?:\p{Lu}[\p{Ll}.'’-]+)(?:\s\p{Lu}[\p{Ll}.'’-]*){0,3}$/u.test(words) && !SOUND.test(words);
}
