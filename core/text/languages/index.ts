import { de } from './de.ts';
import { en } from './en.ts';
import { es } from './es.ts';
import { fr } from './fr.ts';
import type { LanguageData } from './language-data.ts';

const ALL = [en, de, fr, es];

/** The languages that the engine knows, told by their small words; where two fit as well, the first. */
export const LANGUAGES: readonly (LanguageData & { readonly id: KnownLanguage })[] = ALL;

export type KnownLanguage = (typeof ALL)[number]['id'];

/** What is known of a language; undefined for those that are known by their script alone, or not at all. */
export function findLanguage(id: string): (LanguageData & { readonly id: KnownLanguage }) | undefined {
  return LANGUAGES.find((language) => language.id === id);
}
