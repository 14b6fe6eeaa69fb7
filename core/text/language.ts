import { isCjk } from './characters.ts';

export type Language = 'en' | 'de' | 'fr' | 'es' | 'cjk' | 'other';

/** Words too small to end a sentence or a line of sense, by language: articles, prepositions, conjunctions, auxiliaries. */
const FUNCTION_WORDS: Record<'en' | 'de' | 'fr' | 'es', readonly string[]> = {
  en: words(
    'the a an of and or nor but to in on at by for with from into upon that which who whose is are was were be been being has have had his her my their its our your as if than then not no so such very will would shall should can could may might must this these those when while where because although between through under over about without he she they we it i you who had do did does every some any more most other mr mrs ms dr st',
  ),
  de: words(
    'der die das den dem des ein eine einer eines einem einen und oder aber doch in im an am auf bei mit von vom zu zum zur für aus nach über unter um durch dass daß als wie wenn weil ob ist sind war waren wird werden wurde wurden hat haben hatte sein ihr seine ihre ich er sie es wir nicht nur auch so sehr sich man noch kein keine mehr diese dieser dieses',
  ),
  fr: words(
    'le la les un une des du de d l et ou mais donc or ni car à au aux en dans sur sous par pour avec sans vers chez entre que qui dont où quand si comme ce cet cette ces son sa ses leur leurs mon ma mes notre votre est sont était être a ont avait ne pas plus très il elle ils elles on nous vous je se',
  ),
  es: words(
    'el la los las un una unos unas de del y o pero que en a al con por para sin sobre entre desde hasta como si cuando donde es son era ser ha han había su sus mi mis tu no más muy se lo le les este esta estos estas',
  ),
};

function words(list: string): readonly string[] {
  return list.split(' ');
}

const ALL_FUNCTION_WORDS: ReadonlySet<string> = new Set(Object.values(FUNCTION_WORDS).flat());

/** Whether a word is one that leans on the next: "the", "of", "und", "dans". Case is ignored. */
export function isFunctionWord(word: string): boolean {
  return word.length <= 8 && ALL_FUNCTION_WORDS.has(word.toLowerCase());
}

/** Words at the beginning of a sentence that lean on the one before it: pronouns, "but", "then", in all four languages. */
const REFERRING: ReadonlySet<string> = new Set(
  words(
    'he she it they his her their its this these that those him them such but and or nor yet so then thus hence therefore otherwise however moreover furthermore er es sie ihr sein seine dies diese dieser dieses damit dadurch dabei dazu daher dann und aber oder denn doch jedoch außerdem il elle ils elles ce cet cette ces cela ceci celui celle ceux leur leurs son sa ses et mais ou donc puis ainsi alors él ella ellos ellas este esta estos estas esto eso su sus y pero o pues así entonces',
  ),
);

/** Whether a sentence that begins with this word refers back to the one before. Case is ignored. */
export function refersBack(word: string): boolean {
  return word.length <= 11 && REFERRING.has(word.toLowerCase());
}

/** Short forms that carry a stop without ending a sentence, in English, German, French and Spanish; without their stop. */
const ABBREVIATIONS: ReadonlySet<string> = new Set(
  words(
    'mr mrs ms mx dr prof rev hon st messrs capt col gen lt sgt maj cpl vs e.g i.e cf viz no nos vol vols p pp fig figs ch sec ed eds al approx dept jan feb mar apr jun jul aug sep sept oct nov dec mon tue wed thu fri sat sun z.b d.h u.a bzw ca nr hr fr hrsg bd s vgl str mme mlle m mm av env sr sra srta ud uds pág núm',
  ),
);

/** Whether a word (without its stop) is a known short form or an initial, so that a stop after it ends nothing. */
export function isAbbreviation(word: string): boolean {
  if (word.length === 1) return word !== 'I' && word.toLowerCase() !== word.toUpperCase();
  if (ABBREVIATIONS.has(word.toLowerCase())) return true;
  return /^(\p{L}\.)+\p{L}$/u.test(word);
}

/** Latin letters, figures and signs as wide as a Chinese sign: text of any language may be set in them. */
function isFullWidth(code: number): boolean {
  return code >= 0xff01 && code <= 0xff5e;
}

const SAMPLE = 20_000;
const CJK_SHARE = 0.15;

/** The language of a text, told by its script and its small words; 'other' when neither speaks. Reads at most 20,000 characters. */
export function detectLanguage(text: string): Language {
  const sample = text.slice(0, SAMPLE);
  // White space does not count, whatever characters its line ends have.
  const signs = sample.replace(/\s/g, '').length;
  let cjk = 0;
  for (let at = 0; at < sample.length; at++)
    if (isCjk(sample.charCodeAt(at)) && !isFullWidth(sample.charCodeAt(at))) cjk++;
  if (signs > 0 && cjk / signs > CJK_SHARE) return 'cjk';
  const tokens = sample.toLowerCase().match(/\p{L}+/gu) ?? [];
  let best: Language = 'other';
  let bestShare = 0.08;
  for (const language of ['en', 'de', 'fr', 'es'] as const) {
    const known = new Set(FUNCTION_WORDS[language]);
    let hits = 0;
    for (const token of tokens) if (known.has(token)) hits++;
    const share = tokens.length === 0 ? 0 : hits / tokens.length;
    if (share > bestShare) {
      best = language;
      bestShare = share;
    }
  }
  return best;
}
