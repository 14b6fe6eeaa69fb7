import { textAt, type KeptLines } from '../kept-lines.ts';
import { Flag, type LineTable } from '../line-table.ts';
import { areClose, cutsWithin, FEWEST_LINES_A_PAGE, type PageNumber } from './page-candidates.ts';
import { foldHead } from './page-label.ts';

/*
 * Chains of page numbers: those that grow with the lines, about the same number of lines to a page, and what proves that they are of pages.
 */

const MOST_LINES_A_PAGE = 90;
/** Where the number stands beside the same words each time, or at page breaks: pages of two columns. */
const MOST_LINES_A_MARKED_PAGE = 180;
const FEWEST_LINES_A_MARKED_PAGE = 3;
const PREDECESSORS_TRIED = 40;

/**
 * Of the numbers in a chain, that cut a sentence: most pages do. The numbers of chapters and the dates of a diary grow as regularly, and
 * one of them may stand before a small letter by chance. Chapters may be shorter than pages, and so have the longer chain: then that of
 * the pages is the next, of which more is asked.
 */
const PROOFS = [
  { share: 0.2, fewest: 1 },
  { share: 0.25, fewest: 3 },
] as const;

/** The longest chain, or the longest of what that leaves, that is proved to be of pages; empty where neither is. */
export function provedChain(
  source: string,
  table: LineTable,
  kept: KeptLines,
  candidates: readonly PageNumber[],
): readonly PageNumber[] {
  let left = candidates;
  for (const proof of PROOFS) {
    const chain = longestChain(left);
    const mayName = chain.length > 1 && mayNameThings(chain);
    const isName = mayName && chain[0]!.rest.split(' ').length <= MOST_WORDS_OF_A_NAME;
    const isProved =
      isAtBreaks(chain) ||
      areHeadsFarApart(chain) ||
      (!isName && isPageChain(chain, proof)) ||
      standBesideSameWords(source, table, kept, chain);
    // Two headings of a list may count on, far from their numbers, too.
    const isDoubted = mayName || (chain.length < SURE_HEADS && !isAtBreaks(chain) && chain.some(isInSmallLetters));
    if (isProved && isMostOfItsKind(left, chain) && !areOfManyNames(chain))
      return isDoubted ? chain.map((page) => ({ ...page, isDoubted })) : chain;
    const members = new Set(chain);
    left = left.filter((candidate) => !members.has(candidate));
  }
  return [];
}

/** In letters: "MON 4", "TUE 5" are days. */
const LONGEST_SHORT_NAME = 4;

/** Numbers beside short words that change each time. */
function areOfManyNames(chain: readonly PageNumber[]): boolean {
  const names = new Set(chain.map(({ rest }) => rest).filter((rest) => rest !== ''));
  return names.size > 1 && [...names].every((name) => name.length <= LONGEST_SHORT_NAME);
}

const SURE_HEADS = 3;

function isInSmallLetters({ rest, inCapitals }: PageNumber): boolean {
  return rest !== '' && !inCapitals;
}

function longestChain(candidates: readonly PageNumber[]): PageNumber[] {
  const forms = new Map<string, number>();
  for (const { rest } of candidates) forms.set(rest, (forms.get(rest) ?? 0) + 1);
  const worth = (candidate: PageNumber) =>
    (candidate.rest === '' || forms.get(candidate.rest)! > 1 ? 1 : 0.3) + (candidate.atPageBreak ? 1 : 0);
  const score = candidates.map(worth);
  const previous = candidates.map(() => -1);
  let best = -1;
  for (let at = 0; at < candidates.length; at++) {
    const own = score[at]!;
    for (let before = Math.max(0, at - PREDECESSORS_TRIED); before < at; before++) {
      if (!follows(candidates[before]!, candidates[at]!)) continue;
      if (score[before]! + own > score[at]!) {
        score[at] = score[before]! + own;
        previous[at] = before;
      }
    }
    if (best < 0 || score[at]! > score[best]!) best = at;
  }
  const chain: PageNumber[] = [];
  for (let at = best; at >= 0; at = previous[at]!) chain.unshift(candidates[at]!);
  return chain;
}

function follows(a: PageNumber, b: PageNumber): boolean {
  const pages = b.number - a.number;
  if (pages < 1 || pages > 8) return false;
  const linesAPage = (b.place - a.place) / pages;
  if (a.atPageBreak && b.atPageBreak) return linesAPage >= 2 && linesAPage <= MOST_LINES_A_MARKED_PAGE;
  const areHeads = areHeadsFarApart([a, b]);
  const isMarked = areHeads || (a.rest !== '' && (a.rest === b.rest || (a.inCapitals && b.inCapitals)));
  // Two numbers that follow one another beside the same words may have a short page between them; but so have the numbered parts
  // of a text: only what cuts a sentence is none.
  const parts = cutsWithin(a) || cutsWithin(b);
  const fewest = isMarked && pages === 1 && (parts || areHeads) ? FEWEST_LINES_A_MARKED_PAGE : FEWEST_LINES_A_PAGE;
  return linesAPage >= fewest && linesAPage <= (isMarked ? MOST_LINES_A_MARKED_PAGE : MOST_LINES_A_PAGE);
}

/**
 * Words at one edge of the page, each time the same or at the edge where the number of the page before stood, and at the other a number
 * that counts on: nothing else is set so.
 */
function areHeadsFarApart(chain: readonly PageNumber[]): boolean {
  return (
    chain.length > 1 &&
    chain.every(({ isFarApart, inCapitals, rest }) => isFarApart && (inCapitals || rest.includes(' '))) &&
    chain.every((page, at) => {
      const before = chain[at - 1];
      if (!before) return true;
      const areAlike = page.rest === before.rest || page.isNumberLast !== before.isNumberLast;
      return areAlike && page.number === before.number + 1;
    })
  );
}

/** The last page may be as short as it likes. */
export function numbersLastPage(end: PageNumber, chain: readonly PageNumber[], kept: KeptLines): boolean {
  const before = chain.at(-1)!;
  const isLast = end.place === kept.lines.length - 1 && end.place - before.place <= MOST_LINES_A_PAGE;
  return isLast && end.number === before.number + 1 && end.rest === before.rest;
}

/** Between two pages of the chain: the numbers left out, beside words that the chain has, on pages too short to be members. */
export function missingPages(candidates: readonly PageNumber[], chain: readonly PageNumber[]): PageNumber[] {
  const words = new Set(chain.map((page) => page.rest.replace(/[ivxlc\d]+$/, '')));
  const missing = new Map<number, readonly [PageNumber, PageNumber]>();
  for (const [at, page] of chain.entries()) {
    const next = chain[at + 1];
    for (let number = page.number + 1; next && number < next.number; number++) missing.set(number, [page, next]);
  }
  return candidates.filter((candidate) => {
    const between = missing.get(candidate.number);
    if (!between || candidate.place < between[0].place || candidate.place > between[1].place) return false;
    return words.has(candidate.rest.replace(/[ivxlc\d]+$/, ''));
  });
}

/**
 * Whether the same words stand beside each number of a chain, or beside each that is not bare. "1 May" and "Day 1" are no heads of
 * pages: those have more than a word, or leave every other number bare.
 */
function standBesideHeads(chain: readonly PageNumber[]): boolean {
  if (chain.length < 3) return false;
  const heads = chain.filter(({ rest }) => rest !== '');
  const isBareBetween = heads.length >= 2 && heads.length < chain.length;
  return (
    heads.every(({ rest }) => rest === heads[0]!.rest && (isBareBetween || rest.includes(' '))) && heads.length > 0
  );
}

function isAtBreaks(chain: readonly PageNumber[]): boolean {
  return chain.filter((page) => page.atPageBreak).length >= 2;
}

/** Of running heads whose numbers count on, so many stand right between two halves of a sentence; more of those that are one word. */
const CUT_BY_HEADS = { oneWord: 0.5, more: 0.2 };
/** "Lot 41", "Case study 3": what is named so has few words; the title of a chapter has more. */
const MOST_WORDS_OF_A_NAME = 2;

/**
 * Words with numbers that count on behind them, and hardly one of them cuts a sentence: names of things that are listed, or heads of pages.
 */
function mayNameThings(chain: readonly PageNumber[]): boolean {
  const countOn = chain.every(({ number }, at) => at === 0 || number === chain[at - 1]!.number + 1);
  if (!countOn || chain.some(({ isNamed, rest }) => !isNamed || rest !== chain[0]!.rest)) return false;
  const isOneWord = !chain[0]!.rest.includes(' ');
  if (isOneWord && !chain[0]!.inCapitals && chain.every((page, at) => at === 0 || areClose(chain[at - 1]!, page)))
    return true;
  const least = isOneWord ? CUT_BY_HEADS.oneWord : CUT_BY_HEADS.more;
  return chain.filter(({ cutsSentence: cut }) => cut === 'here').length < chain.length * least;
}

function isPageChain(chain: readonly PageNumber[], { share, fewest }: (typeof PROOFS)[number]): boolean {
  if (chain.length < 2) return false;
  if (standBesideHeads(chain)) return true;
  const cuts = chain.filter((page) => page.cutsSentence).length;
  if (cuts < Math.max(fewest, chain.length * share)) return false;
  const areAlike = chain.every(({ rest }) => rest === chain[0]!.rest) || chain.every(({ inCapitals }) => inCapitals);
  return chain.length >= 3 || areAlike;
}

/**
 * In a list of addresses, rooms or figures some numbers grow like those of pages by chance: a chain that is proved by neither page
 * breaks nor sentences holds most of the lines that say what it says.
 */
function isMostOfItsKind(candidates: readonly PageNumber[], chain: readonly PageNumber[]): boolean {
  if (isAtBreaks(chain)) return true;
  if (chain.filter(cutsWithin).length * 2 >= chain.length) return true;
  const says = new Set(chain.map(({ rest }) => rest));
  return candidates.filter(({ rest }) => says.has(rest)).length < 2 * chain.length;
}

/** At least two of the numbers have the same short line beside them, which is no sentence: a running head. */
export function standBesideSameWords(
  source: string,
  table: LineTable,
  kept: KeptLines,
  chain: readonly PageNumber[],
): boolean {
  const seen = new Set<string>();
  for (const { place } of chain) {
    for (const beside of new Set([place - 1, place + 1])) {
      const line = kept.lines[beside];
      if (line === undefined || table.flags[line]! & Flag.endsStop) continue;
      const head = foldHead(textAt(source, table, kept, beside));
      if (head === '' || head.length > 90) continue;
      const key = `${beside - place} ${head}`;
      if (seen.has(key)) return true;
      seen.add(key);
    }
  }
  return false;
}
