import { isDigit } from '../../text/characters.ts';
import { isDivision, isMonth } from '../../text/language.ts';
import { foldHead, readPageLabel } from './page-label.ts';
import { Flag, type LineTable } from '../line-table.ts';
import { cutsSentence, textAt, type Cut, type KeptLines } from '../kept-lines.ts';

/*
 * Page numbers, bare or beside a running head. Without page breaks in the text a page number is told by its kin: numbers that
 * grow with the lines, about the same number of lines to a page, cutting through sentences or beside the same words each time.
 * A lone candidate stays: dropping prose is the worst error there is.
 */

/** A line that may number a page. */
export interface PageNumber {
  readonly place: number;
  readonly number: number;
  /** The words beside the number, folded; empty for a bare one. */
  readonly rest: string;
  /** They stand right before the number, as in "Lot 41". */
  readonly isNamed: boolean;
  /** They are in capitals. */
  readonly inCapitals: boolean;
  readonly atPageBreak: boolean;
  readonly cutsSentence: Cut | undefined;
  /** It may be no number of a page: whoever pasted the text is asked. */
  readonly isDoubted?: boolean;
}

/** "– xxxviii –", "Page 12 of 340" */
const LONGEST_BARE_LABEL = 16;
const FEWEST_LINES_A_PAGE = 10;
const MOST_LINES_A_PAGE = 90;
/** Where the number stands beside the same words each time, or at page breaks: pages of two columns. */
const MOST_LINES_A_MARKED_PAGE = 180;
const FEWEST_LINES_A_MARKED_PAGE = 3;
const PREDECESSORS_TRIED = 40;
/** With a number these name a part of the text: headings, however regularly they come. */
const NUMBERED: ReadonlySet<string> = new Set('article act scene lesson stop figure table artikel'.split(' '));

/** Finds the lines that number pages: the best-supported chain of growing numbers, and bare numbers at page turns. */
export function findPageNumbers(source: string, table: LineTable, kept: KeptLines): PageNumber[] {
  const candidates = findCandidates(source, table, kept);
  const chain = provedChain(source, table, kept, candidates);
  const accepted = new Set(chain);
  for (const candidate of missingPages(candidates, [...accepted])) accepted.add(candidate);
  const end = candidates.at(-1);
  if (end && chain.length > 0 && numbersLastPage(end, chain, kept)) accepted.add(end);
  const bare = candidates.filter(({ rest }) => rest === '');
  const signsOf = ({ place }: PageNumber) => textAt(source, table, kept, place).replace(/\d+/, '#');
  const told = [numbersInSentences(bare, kept), onlyOneOfTheirSigns(bare, signsOf), numbersOfTotals(bare, signsOf)];
  for (const candidate of told.flat()) accepted.add(candidate);
  for (const candidate of countingOn(bare, accepted, signsOf)) accepted.add(candidate);
  return [...accepted];
}

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
function provedChain(
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
      isAtBreaks(chain) || (!isName && isPageChain(chain, proof)) || standBesideSameWords(source, table, kept, chain);
    if (isProved && isMostOfItsKind(left, chain))
      return mayName ? chain.map((page) => ({ ...page, isDoubted: true })) : chain;
    const members = new Set(chain);
    left = left.filter((candidate) => !members.has(candidate));
  }
  return [];
}

/**
 * Bare numbers that are told by where they stand: at a page break, or in a sentence. Behind the notes of a page, and before all words,
 * it takes a kin: the number before or after that cuts a sentence too, or ends the text.
 */
function numbersInSentences(bare: readonly PageNumber[], kept: KeptLines): PageNumber[] {
  const isLast = ({ place }: PageNumber) => place === kept.lines.length - 1;
  const parts = numbersOfParts(bare);
  const cutting = bare.filter((page) => (page.cutsSentence ?? isLast(page)) && !parts.has(page));
  const kin = cutting.filter(
    ({ number }, at) => cutting[at - 1]?.number === number - 1 || cutting[at + 1]?.number === number + 1,
  );
  const within = cutting.filter((page) => cutsWithin(page) && page.number > 0 && page.place > 0);
  return [...bare.filter(({ atPageBreak }) => atPageBreak), ...within, ...kin];
}

/** No page between two numbers is as short. */
function areClose(before: PageNumber, page: PageNumber): boolean {
  return page.place - before.place < FEWEST_LINES_A_PAGE;
}

const FEWEST_PARTS = 3;

/** Numbers that grow too close to one another to be those of pages: of stanzas, questions, references, in a text without stops. */
function numbersOfParts(bare: readonly PageNumber[]): ReadonlySet<PageNumber> {
  const parts = new Set<PageNumber>();
  let run: PageNumber[] = [];
  const close = () => {
    if (run.length >= FEWEST_PARTS) for (const page of run) parts.add(page);
    run = [];
  };
  for (const page of bare) {
    const before = run.at(-1);
    if (before && (page.number <= before.number || !areClose(before, page))) close();
    run.push(page);
  }
  close();
  return parts;
}

/** "- 12 -" and "Page 12 of 40", where nothing else looks so: numbers of chapters come in a row. One in brackets is an equation's. */
function onlyOneOfTheirSigns(bare: readonly PageNumber[], signsOf: (page: PageNumber) => string): PageNumber[] {
  const only = new Map<string, PageNumber | undefined>();
  for (const page of bare) {
    const signs = signsOf(page);
    only.set(signs, only.has(signs) ? undefined : page);
  }
  return [...only].flatMap(([signs, page]) => (page && PAGE_SIGNS.test(signs) ? page : []));
}

const PAGE_SIGNS = /^[-–—] ?# ?[-–—]$|#(?: \/ | ?\p{L}+ ?)\d+$|^\p{L}+\.? ?#$/u;

/** "Page 12 of 40": nothing but a page is numbered so, however short it is. */
function numbersOfTotals(bare: readonly PageNumber[], signsOf: (page: PageNumber) => string): PageNumber[] {
  return bare.filter((page) => OF_A_TOTAL.test(signsOf(page)));
}

const OF_A_TOTAL = /^\p{L}+\.? ?# ?(?:\/|\p{L}+) ?\d+$/u;

/** Numbers between the same signs as one that was found, and the next to it: "- 17 -" in a sentence, "- 18 -" below the next page. */
function countingOn(
  bare: readonly PageNumber[],
  accepted: ReadonlySet<PageNumber>,
  signsOf: (page: PageNumber) => string,
): PageNumber[] {
  const known = new Map<number, PageNumber>();
  for (const page of accepted) if (page.rest === '') known.set(page.number, page);
  return bare.filter((page) => {
    if (accepted.has(page)) return false;
    return [known.get(page.number - 1), known.get(page.number + 1)].some((near) => {
      if (!near || page.number > near.number !== page.place > near.place) return false;
      const signs = signsOf(near);
      return signs !== '#' && signs === signsOf(page);
    });
  });
}

function findCandidates(source: string, table: LineTable, kept: KeptLines): PageNumber[] {
  const candidates: PageNumber[] = [];
  for (let place = 0; place < kept.lines.length; place++) {
    const line = kept.lines[place]!;
    if (!mayNumberPage(source, table, line)) continue;
    const text = source.slice(table.from[line], table.to[line]);
    const label = readPageLabel(text.replace(/\s+/g, ' '));
    if (!label || NUMBERED.has(label.rest) || isDivision(label.rest) || isDate(label.rest)) continue;
    const near = kept.nearBreak[place] === 1;
    if (label.rest !== '' && !near && !looksLikeHead(table, line, text)) continue;
    candidates.push({
      place,
      number: label.number,
      rest: label.rest,
      isNamed: label.rest !== '' && /\S \d+$/.test(text),
      inCapitals: label.rest !== '' && !/\p{Ll}/u.test(text),
      atPageBreak: near,
      cutsSentence: cutsSentence(table, kept, place),
    });
  }
  return candidates;
}

/** What stands beside the day in a date: "3 May", "May 3, 1902". */
function isDate(rest: string): boolean {
  const words = rest.split(/[ ,.]+/);
  return words.some(isMonth) && words.every((word) => isMonth(word) || /^\d*$/.test(word));
}

/** Cheap refusal: only lines that begin or end with a figure, and very short ones, can number a page. */
function mayNumberPage(source: string, table: LineTable, line: number): boolean {
  if (table.chars[line]! <= LONGEST_BARE_LABEL) return true;
  return isDigit(source.charCodeAt(table.from[line]!)) || isDigit(source.charCodeAt(table.to[line]! - 1));
}

/** Short for a line here, without the end of a sentence and without a list marker. */
function looksLikeHead(table: LineTable, line: number, text: string): boolean {
  const flags = table.flags[line]!;
  if (flags & (Flag.endsStop | Flag.endsComma | Flag.endsHyphen | Flag.startsLower)) return false;
  // "3.2. Duties 11" is the head of a section's page; "3.2. Duties" would be its heading.
  if (flags & Flag.startsMarker && !/\s\d{1,4}$/.test(text)) return false;
  return / {4}/.test(text) || text.length < 72;
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
  const isMarked = a.rest !== '' && (a.rest === b.rest || (a.inCapitals && b.inCapitals));
  // Two numbers that follow one another beside the same words may have a short page between them; but so have the numbered parts
  // of a text: only what cuts a sentence is none.
  const parts = cutsWithin(a) || cutsWithin(b);
  const fewest = isMarked && pages === 1 && parts ? FEWEST_LINES_A_MARKED_PAGE : FEWEST_LINES_A_PAGE;
  return linesAPage >= fewest && linesAPage <= (isMarked ? MOST_LINES_A_MARKED_PAGE : MOST_LINES_A_PAGE);
}

/** The last page may be as short as it likes. */
function numbersLastPage(end: PageNumber, chain: readonly PageNumber[], kept: KeptLines): boolean {
  const before = chain.at(-1)!;
  const isLast = end.place === kept.lines.length - 1 && end.place - before.place <= MOST_LINES_A_PAGE;
  return isLast && end.number === before.number + 1 && end.rest === before.rest;
}

/** Between two pages of the chain: the numbers left out, beside words that the chain has, on pages too short to be members. */
function missingPages(candidates: readonly PageNumber[], chain: readonly PageNumber[]): PageNumber[] {
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

/** The words before a number break off. */
function cutsWithin({ cutsSentence: cut }: PageNumber): boolean {
  return cut !== undefined && cut !== 'behind';
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
function standBesideSameWords(
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
