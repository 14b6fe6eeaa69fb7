import { textAt, type KeptLines } from '../kept-lines.ts';
import type { LineTable } from '../line-table.ts';
import { areClose, cutsWithin, findCandidates, type PageNumber } from './page-candidates.ts';
import { missingPages, numbersLastPage, provedChain, standBesideSameWords } from './page-chains.ts';

/*
 * Page numbers, bare or beside a running head. Without page breaks in the text a page number is told by its kin: numbers that
 * grow with the lines, about the same number of lines to a page, cutting through sentences or beside the same words each time.
 * A lone candidate stays: dropping prose is the worst error there is.
 */

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
  const isAlike = (near: PageNumber, page: PageNumber) =>
    isBetweenSameSigns(near, page, signsOf) || standBesideSameWords(source, table, kept, [near, page]);
  for (const candidate of countingOn(bare, accepted, isAlike)) accepted.add(candidate);
  if (!bare.some((page) => accepted.has(page)))
    for (const candidate of namedPages(bare, signsOf)) accepted.add(candidate);
  return [...accepted];
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
  const within = cutting.filter(
    (page) =>
      cutsWithin(page) && page.number > 0 && page.place > 0 && !(page.cutsSentence === 'perhaps' && page.isBelowShort),
  );
  return [...numbersAtBreaks(bare, parts, isLast), ...within, ...kin];
}

/** A lone number at a page break is hardly a page's if it is as large as a year. */
const LEAST_YEAR = 1000;
const SHARE_AT_BREAKS = 0.5;

/**
 * Bare numbers at page breaks, but for a year by itself, and for one of a list whose others stand within pages. Where the next to it stands
 * within a page, though not as close as those of a list do, it is asked about.
 */
function numbersAtBreaks(
  bare: readonly PageNumber[],
  parts: ReadonlySet<PageNumber>,
  isLast: (page: PageNumber) => boolean,
): PageNumber[] {
  const atBreaks = bare.filter(({ atPageBreak }) => atPageBreak);
  if (atBreaks.length === 1 && atBreaks[0]!.number >= LEAST_YEAR) return [];
  const isOfList = parts.size > 0 && atBreaks.filter((page) => parts.has(page)).length < parts.size * SHARE_AT_BREAKS;
  const within = new Set(bare.filter((page) => !page.atPageBreak && !isLast(page)).map(({ number }) => number));
  return (isOfList ? atBreaks.filter((page) => !parts.has(page)) : atBreaks).map((page) =>
    within.has(page.number - 1) || within.has(page.number + 1) ? { ...page, isDoubted: true } : page,
  );
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

/**
 * "- 12 -" and "Page 12 of 40", where nothing else looks so: numbers of chapters come in a row. One in brackets is an equation's. "Page 3"
 * may head what is below it, so that it is asked about unless it cuts a sentence.
 */
function onlyOneOfTheirSigns(bare: readonly PageNumber[], signsOf: (page: PageNumber) => string): PageNumber[] {
  const only = new Map<string, PageNumber | undefined>();
  for (const page of bare) {
    const signs = signsOf(page);
    only.set(signs, only.has(signs) ? undefined : page);
  }
  return [...only].flatMap(([signs, page]) => {
    if (!page || !PAGE_SIGNS.test(signs)) return [];
    return NAMED.test(signs) && !cutsWithin(page) ? { ...page, isDoubted: true } : page;
  });
}

const PAGE_SIGNS = /^[-–—] ?# ?[-–—]$|#(?: \/ | ?\p{L}+ ?)\d+$|^\p{L}+\.? ?#$/u;
const NAMED = /^\p{L}+\.? ?#$/u;

/** "Page 12 of 40": nothing but a page is numbered so, however short it is. */
function numbersOfTotals(bare: readonly PageNumber[], signsOf: (page: PageNumber) => string): PageNumber[] {
  return bare.filter((page) => OF_A_TOTAL.test(signsOf(page)));
}

const OF_A_TOTAL = /^\p{L}+\.? ?# ?(?:\/|\p{L}+) ?\d+$/u;

/** "Page 11", "Page 12", a page apart: they are asked about, since a list of mistakes may be told so. */
function namedPages(bare: readonly PageNumber[], signsOf: (page: PageNumber) => string): PageNumber[] {
  const named = bare.filter((page) => NAMED.test(signsOf(page)));
  const countOn = named.every((page, at) => at === 0 || follows(named[at - 1]!, page));
  return named.length > 1 && countOn ? named.map((page) => ({ ...page, isDoubted: true })) : [];
}

function follows(before: PageNumber, page: PageNumber): boolean {
  return page.number === before.number + 1 && !areClose(before, page);
}

/** Numbers that are the next to one that was found, before or behind it, and like it. */
function countingOn(
  bare: readonly PageNumber[],
  accepted: ReadonlySet<PageNumber>,
  isAlike: (near: PageNumber, page: PageNumber) => boolean,
): PageNumber[] {
  const known = new Map<number, PageNumber>();
  for (const page of accepted) if (page.rest === '') known.set(page.number, page);
  return bare.filter((page) => {
    if (accepted.has(page)) return false;
    return [known.get(page.number - 1), known.get(page.number + 1)].some(
      (near) => near && page.number > near.number === page.place > near.place && isAlike(near, page),
    );
  });
}

/** "- 17 -" in a sentence, "- 18 -" below the next page. */
function isBetweenSameSigns(near: PageNumber, page: PageNumber, signsOf: (page: PageNumber) => string): boolean {
  const signs = signsOf(near);
  return signs !== '#' && signs === signsOf(page);
}
