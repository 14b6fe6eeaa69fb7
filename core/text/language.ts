import { LANGUAGES, type KnownLanguage } from './languages/index.ts';
import type { LanguageData } from './languages/language-data.ts';

/** A language that is known, or 'other'. */
export type Language = KnownLanguage | 'other';

/** The words of a list in a language's data. */
export function wordsOf(list = ''): readonly string[] {
  return list === '' ? [] : list.split(' ');
}

/** What the languages say of one thing, as one expression: see LanguageData. */
export function inAnyLanguage(
  what: 'salutations' | 'closings' | 'subjects' | 'bylines' | 'figures' | 'pages' | 'pagesOf',
): string {
  return LANGUAGES.flatMap((language: LanguageData) => language[what] ?? []).join('|');
}

/** What the languages say of one thing about web pages, as one expression: see PageWords. */
export function onPagesOfAnyLanguage(
  what: 'marks' | 'notes' | 'counted' | 'offers' | 'calls' | 'filed' | 'elsewhere' | 'more' | 'cookies',
): string {
  return LANGUAGES.flatMap(({ page }: LanguageData) => page?.[what] ?? []).join('|');
}

/** What stands before names in any language: see LanguageData. */
export function titlesOfNames(): ReadonlySet<string> {
  return new Set(LANGUAGES.flatMap(({ titles }: LanguageData) => wordsOf(titles)));
}

/** What captions in any language call sounds: see LanguageData. */
export function namesOfSounds(): readonly string[] {
  return LANGUAGES.flatMap(({ sounds }: LanguageData) => wordsOf(sounds));
}

/** The words that pages in any language have for something: see PageWords. */
export function pageWords(
  ...kinds: (
    'home' | 'rights' | 'contents' | 'skips' | 'buttons' | 'labels' | 'menu' | 'beside' | 'actions' | 'sections'
  )[]
): ReadonlySet<string> {
  const lists = LANGUAGES.flatMap(({ page }: LanguageData) => kinds.map((kind) => page?.[kind] ?? ''));
  return new Set(lists.flatMap((list) => list.trim().split(/\s*[|\n]\s*/)).filter((word) => word !== ''));
}

const DIVISIONS: ReadonlySet<string> = new Set(LANGUAGES.flatMap(({ divisions }: LanguageData) => wordsOf(divisions)));

/** Whether a word stands before the numbers of the parts of a work, in some language: "chapter", "Kapitel". Case is ignored. */
export function isDivision(word: string): boolean {
  return DIVISIONS.has(word.toLowerCase());
}

const MONTHS: ReadonlySet<string> = new Set(LANGUAGES.flatMap(({ months }: LanguageData) => wordsOf(months)));

/** Whether a word names a month, in some language. Case is ignored. */
export function isMonth(word: string): boolean {
  return MONTHS.has(word.toLowerCase());
}

/** Every small word, with the languages that have it: one bit each, by their place in LANGUAGES, of which there are 31 at the most. */
const SMALL_WORDS: ReadonlyMap<string, number> = LANGUAGES.reduce((known, { functionWords }, place) => {
  for (const word of wordsOf(functionWords)) known.set(word, (known.get(word) ?? 0) | (1 << place));
  return known;
}, new Map<string, number>());

/** A text is read in this many stretches of so many characters, evenly spread: enough to tell its languages. */
const STRETCHES = 10;
const STRETCH = 2_000;
const LEAST_SHARE = 0.08;
const SCRIPT_SHARE = 0.15;
/** Of the small words of the language that has most of them in a stretch: less is chance. */
const NEXT_BEST = 0.6;

/** What a text is written in. */
export interface LanguagesTold {
  /** That of most of the text. */
  readonly main: Language;
  /** All that some part of it is written in, one bit each by place in LANGUAGES; 0 where no word tells any. */
  readonly all: number;
}

/** The languages of a text, told by its small words and scripts. Reads at most 20,000 characters. */
export function tellLanguages(text: string): LanguagesTold {
  const total = new Uint32Array(LANGUAGES.length);
  let tokens = 0;
  let all = 0;
  const stretches = stretchesOf(text);
  for (const stretch of stretches) {
    const hits = new Uint32Array(LANGUAGES.length);
    tokens += countSmallWords(stretch, hits);
    const most = Math.max(...hits);
    for (let place = 0; place < hits.length; place++) {
      if (hits[place]! > 0 && hits[place]! >= most * NEXT_BEST) all |= 1 << place;
      total[place]! += hits[place]!;
    }
  }
  const script = tellScript(stretches.join(''));
  if (script) return { main: script, all };
  const best = total.indexOf(Math.max(...total));
  return { main: total[best]! > tokens * LEAST_SHARE ? LANGUAGES[best]!.id : 'other', all };
}

/** The language of most of a text; 'other' where neither its small words nor its script tell. Reads at most 20,000 characters. */
export function detectLanguage(text: string): Language {
  return tellLanguages(text).main;
}

function stretchesOf(text: string): readonly string[] {
  const step = Math.max(STRETCH, Math.floor(text.length / STRETCHES));
  const count = Math.min(STRETCHES, Math.ceil(text.length / step));
  return Array.from({ length: count }, (_, at) => text.slice(at * step, at * step + STRETCH).toLowerCase());
}

/** Counts the small words of each language, and gives how many words there are. */
function countSmallWords(text: string, hits: Uint32Array): number {
  let tokens = 0;
  for (const [token] of text.matchAll(/[\p{L}\p{M}]+/gu)) {
    tokens++;
    for (let bits = SMALL_WORDS.get(token) ?? 0; bits !== 0; bits &= bits - 1) hits[31 - Math.clz32(bits & -bits)]!++;
  }
  return tokens;
}

const SCRIPTS = LANGUAGES.flatMap(({ id, script }: LanguageData & { readonly id: KnownLanguage }) =>
  script ? [{ id, script: new RegExp(script, 'gu') }] : [],
);

/** The language whose script has a fair share of a text: one of its signs says as much as several Latin letters. */
function tellScript(sample: string): KnownLanguage | undefined {
  // White space does not count, whatever characters its line ends have.
  const signs = sample.replace(/\s/g, '').length;
  const shares = SCRIPTS.map(({ id, script }) => ({ id, count: sample.match(script)?.length ?? 0 }));
  const all = shares.reduce((sum, { count }) => sum + count, 0);
  if (all <= signs * SCRIPT_SHARE) return undefined;
  // Japanese has its own signs between the Chinese ones, and Chinese none of them.
  const own = shares.filter(({ id, count }) => id !== 'zh' && count > all * 0.1).sort((a, b) => b.count - a.count)[0];
  return own?.id ?? 'zh';
}
