import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { FindWords, Language, WordList } from '../core/index.ts';
import { PROJECT_ROOT } from './project-root.ts';

/** Finds word lists among those packed with the program; each is read once. */
export function openWordLists(): FindWords {
  const known = new Map<Language, WordList | undefined>();
  return (language) => {
    if (!known.has(language)) known.set(language, readWords(language));
    return known.get(language);
  };
}

function readWords(language: Language): WordList | undefined {
  try {
    return { bits: readFileSync(join(PROJECT_ROOT, 'public/words', `${language}.bin`)) };
  } catch {
    return undefined;
  }
}
