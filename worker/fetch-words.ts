import type { Language, WordList } from '../core/index.ts';

/** The word list of a language, from the server that the page came from; undefined where it cannot be had. */
export async function fetchWords(language: Language): Promise<WordList | undefined> {
  try {
    const answer = await fetch(`/words/${language}.bin`);
    return answer.ok ? { bits: new Uint8Array(await answer.arrayBuffer()) } : undefined;
  } catch {
    // Without a list the text's own vocabulary decides.
    return undefined;
  }
}
