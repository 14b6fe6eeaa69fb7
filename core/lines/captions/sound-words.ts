/** What captions call sounds, small or with a capital; the heart of an expression. */
export const SOUND_WORDS = String.raw`(?:[Mm]usic|[Aa]pplause|[Ll]aughter|[Ll]aughs|[Ll]aughing|[Cc]heering|[Cc]heers|[Cc]oughs|[Cc]oughing|[Ss]ighs|[Ss]ighing|[Ss]ilence|[Ii]naudible|[Cc]rosstalk|[Nn]oise|[Gg]asps|[Gg]roans|[Ss]obs)(?: [a-z]+){0,2}`;

const SOUND = new RegExp(`^${SOUND_WORDS}$`);

/** Whether what stands in brackets is written like the name of who speaks: each word with a capital, and none of sounds. */
export function looksLikeName(words: string): boolean {
  return /^(?:\p{Lu}[\p{Ll}.'’-]+)(?:\s\p{Lu}[\p{Ll}.'’-]*){0,3}$/u.test(words) && !SOUND.test(words);
}
