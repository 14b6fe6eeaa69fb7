import { clean } from '../core/cleaning/clean.ts';
import type { Piece } from '../core/edits/piece.ts';
import { allPieces, cleanText } from '../core/cleaning/output.ts';
import { foldHead, readPageLabel } from '../core/lines/pages/page-label.ts';
import { readWebLabel } from '../core/lines/web/web-labels.ts';
import { isDoubtful } from '../core/report/digest.ts';
import { DEFAULT_STYLE } from '../core/style/style.ts';

/** Times with their settings, and what stands before the words in a script of captions. */
const OF_CAPTION_FILES = /[\d:.,]+ --> .*|^Dialogue:(?:[^,\n]*,)*/gm;
/** The tags of captions that are written as markup, and those that have nothing but values in quotes. */
const MARKUP = /<[?/]?(?:xml|tt|head|body|div|p|text)\b[^<>]*>|<[a-z\d]+(?:\s+[a-z:-]+\s?=\s?"[^"<>]*")+\s?\/?>/gi;
const ENTITY = /&#?\w+;/g;
const WORD = /\p{L}{4,}/gu;

export function wordsOf(text: string): string[] {
  return (text.normalize('NFKC').replace(ENTITY, ' ').match(WORD) ?? []).map((word) => word.toLowerCase());
}

/**
 * Words that leave a text though they stand nowhere else in it, without a doubt and without a proof that they are none of it;
 * undefined where there are none.
 */
export function lostInSilence(source: string): string | undefined {
  const cleaning = clean(source, DEFAULT_STYLE);
  const left = new Set(wordsOf(cleanText(cleaning)));
  const heads = new Map<string, number>();
  for (const line of source.split(/\r\n?|\n/)) {
    const head = foldHead(line.trim());
    heads.set(head, (heads.get(head) ?? 0) + 1);
  }
  for (const piece of allPieces(cleaning)) {
    if (piece.text === undefined || isDoubtful(DEFAULT_STYLE, piece)) continue;
    const gone = source.slice(piece.from, piece.to).replace(OF_CAPTION_FILES, ' ');
    const put = wordsOf(piece.text);
    const lost = wordsOf(gone).filter((word) => !left.has(word) && !put.includes(word));
    if (lost.length === 0 || isProved(piece, gone, source, heads)) continue;
    // Two halves of a word have become one.
    const isInside = (words: string) => left.has(words) || [...left].some((whole) => whole.includes(words));
    if (isInside(lost.join('')) || lost.every(isInside)) continue;
    return `${piece.passes.join(', ')}: ${JSON.stringify(gone)}`;
  }
  return undefined;
}

/** Whether the form of what leaves says that it is none of the text. */
function isProved({ passes }: Piece, gone: string, source: string, heads: ReadonlyMap<string, number>): boolean {
  const by = (pass: string) => passes.includes(pass);
  return (
    (by('page-furniture') && readPageLabel(gone.trim())?.rest === '') ||
    (by('page-furniture') && (heads.get(foldHead(gone.trim())) ?? 0) > 1) ||
    (by('web-labels') && readWebLabel(gone) !== 'no') ||
    ((by('sound-cues') || by('caption-repeats')) && /[[(♪*（［【]/.test(gone)) ||
    ((by('time-codes') || by('stray-tags')) && wordsOf(gone.replace(MARKUP, ' ')).length === 0) ||
    (by('time-codes') && /^WEBVTT|^NOTE|^STYLE|^Dialogue:|^\[|<v|align:/m.test(source)) ||
    (by('reference-marks') && /^(?:\s|<br>)*(?:\[(?:[\p{Ll}\p{Lo}\d .?¿]+|\p{L}+\.? \| [\p{L}. ]+)\])+/u.test(gone))
  );
}
