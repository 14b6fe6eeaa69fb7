import { onPagesOfAnyLanguage, pageWords } from '../../text/language.ts';
import { isOfferOfPage, isPhraseOfPage } from './web-phrases.ts';

/*
 * The labels that web pages put around a text: menus, buttons, counters. A line counts as a label only where all of it is one. The words
 * are those of the languages' files.
 */

const SKIPS = pageWords('skips');
const BUTTONS = pageWords('buttons', 'skips');
const HOME = pageWords('home');
const RIGHTS = pageWords('rights');
const CONTENTS = pageWords('contents');
const SECTIONS = pageWords('sections');
const ACTIONS = pageWords('actions');
const LABELS: ReadonlySet<string> = new Set([...BUTTONS, ...RIGHTS, ...pageWords('labels')]);
/** They may as well be headings of an article: labels only beside others. */
const MENU_WORDS = pageWords('home', 'menu', 'beside', 'actions', 'contents');
/** What stands beside an article as well as in a menu. */
const OF_AN_ARTICLE = pageWords('beside', 'actions', 'contents', 'buttons');

const COUNTER = new RegExp(
  String.raw`^\d{1,3}(?:[.,]\d{3})*\s?k?\s?(?:${onPagesOfAnyLanguage('counted')})$|^viewed \d[\d.,]*\s?k? times$`,
);
/** The line that ends a page: "© 2026 …". */
const COPYRIGHT = /^(?:©|\(c\)|copyright\b).*(?:19|20)\d\d/;
const SEPARATOR = /\s*[|·•»›]\s*|\s+[>→/]\s+/;
const LONGEST = 160;
/** Separators that make a line a path of links, when one of its parts is a label; of so few parts most must be. */
const FEWEST_LINKS = 3;

/** What a line may be on a web page; 'rights' says whose it is, which a book says as well. */
export type WebLabel = 'sure' | 'rights' | 'maybe' | 'no';

/**
 * Whether a line is nothing but labels, counters, or a path of links with a label in it: 'sure', 'rights' where these are all it is
 * about, or 'maybe' for words of menus alone.
 */
export function readWebLabel(line: string): WebLabel {
  if (line.length > LONGEST) return 'no';
  // Longer than any label, they are told by how they begin.
  if (isOfferOfPage(line)) return 'sure';
  if (isPlainlyLonger(line)) return 'no';
  if (beginsLikeNone(line)) return isPhraseOfPage(line) ? 'sure' : 'no';
  const parts = folded(line)
    .trim()
    .replace(/\s{2,}/g, ' | ')
    .replace(/\s/g, ' ')
    .split(SEPARATOR)
    .map((part) => part.replace(EDGES, ''))
    .filter((part) => part !== '');
  const sure = parts.filter((part) => isSureLabel(part)).length;
  if (sure > 0 && parts.every((part) => RIGHTS.has(part) || COPYRIGHT.test(part))) return 'rights';
  if (leadsFromHome(line, parts) || areLanguages(parts) || isMenuRow(line) || isPhraseOfPage(line)) return 'sure';
  const labels = parts.filter((part) => isSureLabel(part) || MENU_WORDS.has(part)).length;
  if (labels === 0) return 'no';
  // "News | Local"
  if (parts.every((part) => MENU_WORDS.has(part) || SECTIONS.has(part)) && labels < parts.length) return 'sure';
  if (labels === parts.length) return sure > 0 || parts.length > 1 ? 'sure' : 'maybe';
  if (labels * 2 <= parts.length && !SIGN.test(line.trim().slice(1)) && !areLinksInRow(line)) return 'no';
  return parts.length > FEWEST_LINKS || (parts.length === FEWEST_LINKS && labels * 2 > FEWEST_LINKS) ? 'sure' : 'no';
}

/** What parts labels and is no space; the first sign of a line parts nothing. */
const SIGN = /[|·•»›>→/]/;
const SHARE_OF_CAPITALS = 0.8;

/**
 * "Home   Boats   Tides   Eels": nothing but wide spaces part them, which may part all words of prose, too. Links begin with capitals, and have
 * small letters.
 */
function areLinksInRow(line: string): boolean {
  const words = line.trim().split(WIDE_SPACES);
  const capitals = words.filter((word) => /^[^\p{L}]*\p{Lu}/u.test(word)).length;
  return capitals >= words.length * SHARE_OF_CAPITALS && /\p{Ll}/u.test(line);
}

const WIDE_SPACES = /\s{2,}|\t/;

/** "Home > Lamps > Storm lamps", "You are here: Home > Lamps": where a page stands among the others. */
function leadsFromHome(line: string, parts: readonly string[]): boolean {
  const path = line.replace(SAYS_WHERE, '');
  return parts.length > 1 && HOME.has(parts[0]!.replace(SAYS_WHERE, '')) && /^\s*\p{L}+\s*[>›»→/]/u.test(path);
}

const SAYS_WHERE = /^\s*\p{L}[\p{L} ]{1,24}: /u;

/** "EN | DE | FR": the languages of a site, by their codes (ISO 639-1). */
function areLanguages(parts: readonly string[]): boolean {
  return parts.length > 1 && parts.every((part) => CODES.has(part));
}

const CODES: ReadonlySet<string> = new Set(
  'ar cs da de el en es fi fr he hi hu it ja ko nl no pl pt ru sv tr uk zh'.split(' '),
);

const PATH = /^\p{L}[^>›»/]{1,30}(?: [>›»/] \p{L}[^>›»/]{1,40}){2,5}(?<![.!?])$/u;

/** Whether a line at the head of a page may say where it stands among the others: "Jobs > Saltfern > Keepers". */
export function isPath(line: string): boolean {
  return line.length <= LONGEST && PATH.test(line.trim());
}

const FEWEST_SECTIONS = 4;

/**
 * "Home About Recipes Contact", "Culture Books Film Gardens": words of menus that nothing but spaces part, the first of which leads home,
 * or parts of a newspaper.
 */
function isMenuRow(line: string): boolean {
  const text = folded(line).trim();
  // Cheap refusal: hardly a line begins with such a word.
  const first = text.slice(0, Math.max(0, text.search(/\s/)));
  if (!MENU_WORDS.has(first) && !SECTIONS.has(first)) return false;
  const words = text.split(/\s+/);
  if (words.length < FEWEST_LINKS) return false;
  const known = words.filter((word) => MENU_WORDS.has(word)).length;
  if (HOME.has(words[0]!)) return known * 2 >= words.length;
  return words.length >= FEWEST_SECTIONS && words.every((word) => MENU_WORDS.has(word) || SECTIONS.has(word));
}

const LONGEST_LABEL = Math.max(...[...LABELS, ...MENU_WORDS].map((label) => label.length));

/** Cheap refusal: one part, longer than any label, and neither a counter nor a copyright. */
function isPlainlyLonger(line: string): boolean {
  if (line.length <= LONGEST_LABEL || !/^[abd-z]/i.test(line) || !/[a-z.,-]$/.test(line)) return false;
  for (let at = 0; at < line.length; at++) {
    const code = line.charCodeAt(at);
    if (
      code === 0x20
        ? line.charCodeAt(at + 1) === 0x20
        : code < 0x20 ||
          code === 0x7c ||
          (code > 0x7e && code !== 0x2019 && code !== 0x201c && code !== 0x201d && (code < 0xc0 || code > 0x24f))
    )
      return false;
  }
  return true;
}

const FIRST_WORDS: ReadonlySet<string> = new Set(
  [...LABELS, ...MENU_WORDS, ...SECTIONS].map((label) => label.split(' ', 1)[0]!.replace(/[.:!]+$/, '')),
);
/** A letter begins the line, and it has neither a sign that parts labels nor a figure. */
const PLAIN = /^\p{L}[^\d©|·•»›>→/]*$/u;
const WIDE_SPACE = /\s\s|\t/;

/** Cheap refusal: a line of words whose first begins no label. */
function beginsLikeNone(line: string): boolean {
  const space = line.search(/[\s:!*…]/);
  const first = folded(space < 0 ? line : line.slice(0, space));
  return !FIRST_WORDS.has(first) && PLAIN.test(line) && !WIDE_SPACE.test(line);
}

/**
 * How many labels of buttons or adverts, which in a text of any form are none of its words, a line is: several where nothing else stands
 * in it, and else none.
 */
export function buttonsIn(line: string): number {
  if (line.length > LONGEST) return 0;
  const parts = folded(line).trim().split(PARTS_OF_ROW);
  return parts.every((part) => BUTTONS.has(part.replace(EDGES, ''))) ? parts.length : 0;
}

/** What leads about the whole of a site, so that what stands above it is no part of the text: not the buttons and counters of an article. */
export function isNavigation(line: string): boolean {
  const text = folded(line).trim().replace(EDGES, '');
  if (SKIPS.has(text)) return true;
  if (OF_AN_ARTICLE.has(text) || COUNTER.test(text)) return false;
  if (isOfferOfPage(line) || isPhraseOfPage(line)) return false;
  return readWebLabel(line) !== 'no';
}

/** Whether a line leads to the first page of a site and says nothing else: "Home". */
export function leadsHome(line: string): boolean {
  return line.length <= LONGEST_LABEL && HOME.has(folded(line).trim().replace(EDGES, ''));
}

/** Whether a line is nothing but a part of a newspaper: "Weather". */
export function isSection(line: string): boolean {
  return SECTIONS.has(folded(line).trim());
}

/** Whether a line stands above the list of the headings of a page. */
export function isContentsLabel(line: string): boolean {
  return line.length <= LONGEST_LABEL && CONTENTS.has(folded(line).trim().replace(EDGES, ''));
}

const PARTS_OF_ROW = /\s*[|·•]\s*|\s{2,}|\t/;

/** Whether a line is a row of words on buttons: "Quote  Reply", "Like · Share". */
export function isButtonRow(line: string): boolean {
  const parts = folded(line).trim().split(PARTS_OF_ROW);
  return parts.length > 1 && parts.every((part) => ACTIONS.has(part));
}

/** Whether a line is nothing but the word on a button, if the text is known to be a page. */
export function isPageButton(line: string): boolean {
  return ACTIONS.has(folded(line));
}

/** In small letters, with straight apostrophes; a Turkish "İ" becomes a plain "i". */
function folded(text: string): string {
  return text
    .toLowerCase()
    .replace(/’/g, "'")
    .replace(/i\u0307/g, 'i');
}

const EDGES = /^[\s✕×☰←→↑↓‹«<>]+|[\s:!*…✕×←→↑↓›»>▾▼]+$/g;

function isSureLabel(part: string): boolean {
  return LABELS.has(part) || COUNTER.test(part) || COPYRIGHT.test(part);
}
