import { HTML_TAG } from '../text/html-tags.ts';
import { isDigit, isSpace, isWordUnit } from '../text/characters.ts';
import { inAnyLanguage } from '../text/language.ts';

const BULLETS = '•‣◦▪▫●○■□・–—-+·';
const SURE_BULLETS = '•‣◦▪▫●○■□・';
/** Stars, one for each level of an outline; and other signs, doubled to mark a line: "!! Mind the step". */
const STARS = /^(?:\*{1,5}|([!?/%+~^;])\1{1,3})(?=\s+\S)/;
const STARTS_STARS = '*!?/%+~^;';
/** Signs that open items where a space follows; at the end those of symbol fonts, in the range where their signs are put. */
const SPACED_BULLETS = /[➢➤➔►▶▸▹◆◇❖❑❏✓✔✗✘☐☑☒☞\uf020-\uf0ff]/;
const NUMBERED =
  /^(?:\(?(?:\d{1,3}|\p{L}|[ivx]{1,5})\)(?=\s+\S)|[٠-٩۰-۹०-९]{1,3}[.)-](?=\s+\S)|[א-תء-ي가-힣]\.(?=\s+\S)|\d{1,3}\.(?=\s+\S)|[ivxIVX]{2,5}\.(?=\s+\S)|\d{1,2}(?:\.\d{1,2}){1,4}\.?(?=\s+\p{Lu})|\d{1,2}(?:\.\d{1,2}){2,4}\.?(?=\s+\p{Ll})|§ ?\d+|\[[ xX✓]\](?=\s+\S)|\( \)(?=\s+\S)|(?:\d{1,2}|[一二三四五六七八九十]{1,3})[、．](?=\S)|[（(][一二三四五六七八九十]{1,3}[）)]|（?\d{1,2}）|\(?\d{1,2}[.)](?=[\p{Script=Han}\p{Script=Hiragana}\p{Script=Katakana}「『])|[①-⑳])/u;

/** What else than a figure or a letter a numbered marker begins with. */
const OPENING_MARKERS = '([§（一二三四五六七八九十①②③④⑤⑥⑦⑧⑨⑩⑪⑫⑬⑭⑮⑯⑰⑱⑲⑳٠١٢٣٤٥٦٧٨٩۰۱۲۳۴۵۶۷۸۹०१२३४५६७८९';

/** Length of the list marker or section number that opens source[from, to), 0 if there is none. */
export function markerLength(source: string, from: number, to: number): number {
  const char = source[from]!;
  if (SURE_BULLETS.includes(char)) return 1;
  const stars = STARTS_STARS.includes(char) ? STARS.exec(source.slice(from, Math.min(to, from + 8))) : null;
  if (stars) return stars[0].length;
  if (BULLETS.includes(char) || SPACED_BULLETS.test(char))
    return isSpace(source.charCodeAt(from + 1)) && from + 2 < to ? 1 : 0;
  if (char === 'o' && isRingBullet(source, from)) return 1;
  const code = source.charCodeAt(from);
  if (!isDigit(code) && !OPENING_MARKERS.includes(char) && !isMarkerLetter(source, from)) return 0;
  return NUMBERED.exec(source.slice(from, Math.min(to, from + 24)))?.[0].length ?? 0;
}

/** The letter with which plain texts draw a ring: set in, with more than one space behind it. */
function isRingBullet(source: string, from: number): boolean {
  return /^[ \t]/.test(source.slice(from - 1, from)) && /^(?: {2,3}|\t)\S/.test(source.slice(from + 1, from + 5));
}

function isMarkerLetter(source: string, from: number): boolean {
  for (let at = from + 1; at < from + 6; at++) {
    const char = source[at];
    if (char === ')' || char === '.') return true;
    if (char === undefined || char === ' ') return false;
  }
  return false;
}

/** Whether the sign at `from` opens list items and hardly anything else. */
export function isSureBullet(source: string, from: number): boolean {
  const char = source[from]!;
  const isDoubled = char !== '*' && STARTS_STARS.includes(char) && source[from + 1] === char;
  return SURE_BULLETS.includes(char) || SPACED_BULLETS.test(char) || isDoubled;
}

/** Whether a line is nothing but the sign of a list item. */
export function isBulletAlone(source: string, from: number, to: number): boolean {
  return to - from === 1 && (SURE_BULLETS.includes(source[from]!) || SPACED_BULLETS.test(source[from]!));
}

/** Whether a line is a rule: four or more of one sign and nothing else. Stars apart ("* * *") are a section break, not a rule. */
export function isRule(source: string, from: number, to: number): boolean {
  if (to - from < 4) return false;
  const char = source[from]!;
  if (!'=-_~*#+—–─━'.includes(char)) return false;
  for (let at = from; at < to; at++) if (source[at] !== char) return false;
  return true;
}

const LONGEST_SPECKLE = 24;
const SPECKLE = /^[.,;:'`´^~|\\/°·"_\s-]+$/;

/** Whether a line is nothing but specks that a scanner took for signs: small ones of two kinds or more, apart from one another. */
export function isSpeckle(source: string, from: number, to: number): boolean {
  if (to - from < 3 || to - from > LONGEST_SPECKLE || isWordUnit(source.charCodeAt(from))) return false;
  const text = source.slice(from, to);
  return SPECKLE.test(text) && /\s/.test(text) && new Set(text.replace(/\s/g, '')).size > 1;
}

const SECTION_BREAK = /^(?:([*•·.~–—-])(?:\s+\1){1,6}|\*{1,3}|[-–—=~_]{2,3}|[⁂❦❧☙§]|#{1,3}|⁂(?:\s+⁂)*)$/;

/** Whether a line parts two sections by signs alone: "* * *", "- - -", "⁂", "#", "--". */
export function isSectionBreak(source: string, from: number, to: number): boolean {
  return to - from <= 15 && !isWordUnit(source.charCodeAt(from)) && SECTION_BREAK.test(source.slice(from, to));
}

const FIGURES = inAnyLanguage('figures');
const FIGURE_CAPTION = new RegExp(
  String.raw`^(?:${FIGURES})\s?(?:\d{1,3}(?:[.-]\d{1,3})*|[IVXLC]{1,6})(?:[.:)]\s|\s[–—-]\s|\u3000|[.:]?$)`,
);
const FIRST_OF_FIGURES: ReadonlySet<string> = new Set(FIGURES.match(/(?<=^|\|)[^(]/g));

/** Whether a line begins the caption of a figure or a table: "Figure 3. …", "Abb. 2: …". */
export function isFigureCaption(source: string, from: number, to: number): boolean {
  return FIRST_OF_FIGURES.has(source[from]!) && FIGURE_CAPTION.test(source.slice(from, Math.min(to, from + 40)));
}

/** Nothing but tags and character references for spaces: "<p>&nbsp;</p>". Offsets of the words of the line. */
export function isEmptyMarkup(source: string, from: number, to: number): boolean {
  const first = source[from];
  if ((first !== '<' && first !== '&') || to - from > LONGEST_MARKUP) return false;
  return EMPTY_MARKUP.test(source.slice(from, to));
}

const LONGEST_MARKUP = 200;
const EMPTY_MARKUP = new RegExp(String.raw`^(?:${HTML_TAG}|&(?:nbsp|#160|#xa0);|\s)+$`, 'i');

const LONGEST_FORMULA = 80;

/** A sign between two terms; "<" and ">" quote, point and mark up, too. */
const RELATION = /(?:^|\s)[=≤≥≈≠≡∝→∈](?:\s|$)|[\p{L}\d)|] [<>] [\p{L}\d(|]/u;

/** Whether a line is a formula: an equation or the like with at most one word in it. */
export function isFormula(text: string): boolean {
  if (text.length > LONGEST_FORMULA || !RELATION.test(text)) return false;
  return (text.match(/\p{L}{4,}/gu)?.length ?? 0) <= 1 && /[\d(+*/^·−-]/.test(text);
}

/** "tidegate --open --until 18:40": a program and a long option of it, and no sentence. */
const COMMAND = /^[a-z][\w./-]*(?: \S+)*? --[a-z][\w-]*(?:[ =]|$)(?:.*[^.!?])?$/;
const LONGEST_COMMAND = 300;

/** Whether a line is a command with a long option. */
export function isCommand(text: string): boolean {
  return text.length <= LONGEST_COMMAND && text.includes(' --') && COMMAND.test(text);
}

/** Shorter ones are told as lines that stand by themselves. */
const SHORTEST_LONG_COMMAND = 72;

/** Whether a line is a command that is longer than lines of prose, which it would seem to belong to. */
export function isLongCommand(text: string): boolean {
  return text.length >= SHORTEST_LONG_COMMAND && isCommand(text);
}
