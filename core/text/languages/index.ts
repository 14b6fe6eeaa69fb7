import { ar } from './ar.ts';
import { cs } from './cs.ts';
import { da } from './da.ts';
import { de } from './de.ts';
import { el } from './el.ts';
import { en } from './en.ts';
import { es } from './es.ts';
import { fr } from './fr.ts';
import { he } from './he.ts';
import { hi } from './hi.ts';
import { it } from './it.ts';
import { ja } from './ja.ts';
import { ko } from './ko.ts';
import { nb } from './nb.ts';
import { nl } from './nl.ts';
import { pl } from './pl.ts';
import { pt } from './pt.ts';
import { ru } from './ru.ts';
import { sv } from './sv.ts';
import { tr } from './tr.ts';
import { uk } from './uk.ts';
import { zh } from './zh.ts';
import type { LanguageData } from './language-data.ts';

const ALL = [en, de, fr, es, it, pt, nl, sv, da, nb, pl, cs, ru, uk, el, tr, ar, he, hi, zh, ja, ko];

/** The languages that the engine knows, told by their small words or their script; where two fit as well, the first. */
export const LANGUAGES: readonly (LanguageData & { readonly id: KnownLanguage })[] = ALL;

export type KnownLanguage = (typeof ALL)[number]['id'];

/** What is known of a language; undefined for those that are not known at all. */
export function findLanguage(id: string): (LanguageData & { readonly id: KnownLanguage }) | undefined {
  return LANGUAGES.find((language) => language.id === id);
}

/** Whether there is a word list of a language. */
export function hasWordList(id: string): boolean {
  return (findLanguage(id)?.dictionaries.length ?? 0) > 0;
}
