import type { Choice } from '../choices/choice.ts';
import { revise } from '../cleaning/clean.ts';
import { writtenText } from '../cleaning/written-text.ts';
import { rangeOfSeam } from '../decided/seams-in-force.ts';
import { weighMarks } from '../findings/paragraph-marks.ts';
import { Flag, type LineTable } from '../lines/line-table.ts';
import { digested, type Digested } from '../report/digest.ts';
import type { ParagraphMark } from '../seams/paragraph-mark.ts';
import { Decision, type SeamTable } from '../seams/seam-table.ts';
import { listDoubts } from './doubts.ts';

/** So many questions, at the least: a few are answered faster than a mark is chosen. */
const FEWEST = 8;
/** Of the line ends where a paragraph might end. */
const LEAST_SHARE = 1 / 3;

/**
 * At how many line ends it is anybody's guess whether a paragraph ends, in a text in which nothing marks paragraphs; 0 in others,
 * and once a person or a style said what marks them. Linear in the number of seams for each text, of doubts for each change.
 */
export function countGuesses({ cleaning, digest }: Digested): number {
  const { table, decided } = cleaning;
  const { seams } = decided;
  if (digest.seams.length < FEWEST || decided.overrides.mark || table.captions.found) return 0;
  let doubted = 0;
  let places = sentenceEnds(table, seams);
  for (const seam of digest.seams) {
    // At a hyphen the question is how the word is written.
    if (table.flags[seams.line[seam]!]! & Flag.endsHyphen) continue;
    doubted++;
    if (!isSentenceEnd(table, seams, seam)) places++;
  }
  return doubted >= Math.max(FEWEST, places * LEAST_SHARE) ? doubted : 0;
}

const SENTENCE_ENDS = new WeakMap<SeamTable, number>();

/** How many lines end as a sentence does; counted once for each table of seams. */
function sentenceEnds(table: LineTable, seams: SeamTable): number {
  let ends = SENTENCE_ENDS.get(seams);
  if (ends === undefined) {
    ends = 0;
    for (let seam = 0; seam < seams.count; seam++) if (isSentenceEnd(table, seams, seam)) ends++;
    SENTENCE_ENDS.set(seams, ends);
  }
  return ends;
}

function isSentenceEnd({ flags }: LineTable, { line }: SeamTable, seam: number): boolean {
  return (flags[line[seam]!]! & Flag.endsStop) !== 0 && !(flags[line[seam + 1]!]! & Flag.startsLower);
}

/** One way to tell the paragraphs of a text, and what it makes of it. */
export interface Paragraphing {
  /** 'now': as it is, line end by line end. 'joined', 'broken': wherever it is not sure, the text runs on, or a paragraph ends. */
  readonly how: 'now' | 'joined' | 'broken' | ParagraphMark;
  /** What puts it in force. */
  readonly choices: readonly Choice[];
  readonly paragraphs: number;
  /** Questions that are left about line ends. */
  readonly doubts: number;
  /** How the clean text begins. */
  readonly beginning: readonly string[];
}

const BLOCKS_SHOWN = 4;
const MOST_MARKS = 3;

/**
 * The ways to tell the paragraphs of a text that lead to different ones, the present one first. Each takes about as long as
 * deciding the text anew, so it is done in steps, for whoever has other things to answer between.
 */
export function* weighParagraphings(now: Digested): Generator<undefined, Paragraphing[]> {
  const found: Paragraphing[] = [];
  const known = new Set<string>();
  for (const { how, choices } of waysToRead(now)) {
    const made = choices.length === 0 ? now : withChoices(now, choices);
    const { source, blocks } = made.cleaning;
    const key = blocks.map(({ from }) => from).join(' ');
    if (known.has(key)) continue;
    known.add(key);
    const beginning = blocks.slice(0, BLOCKS_SHOWN).map(({ pieces }) => writtenText(source, pieces));
    found.push({ how, choices, paragraphs: blocks.length, doubts: made.digest.seams.length, beginning });
    yield undefined;
  }
  return found;
}

function withChoices({ cleaning }: Digested, choices: readonly Choice[]): Digested {
  const others = cleaning.choices.filter(({ kind }) => kind !== 'mark');
  return digested(revise(cleaning, cleaning.style, [...others, ...choices]));
}

function waysToRead(now: Digested): Pick<Paragraphing, 'how' | 'choices'>[] {
  const { cleaning } = now;
  const doubts = listDoubts(now);
  const settled = (breaks: boolean) =>
    doubts.flatMap((doubt): Choice[] => {
      if (doubt.kind !== 'seam') return [];
      const decision = [doubt.now, doubt.other].find((one) => one >= Decision.break === breaks);
      return decision === undefined ? [] : [{ kind: 'seam', ...rangeOfSeam(cleaning, doubt.seam), decision }];
    });
  const marks = weighMarks(cleaning).filter(({ count }) => count > 1);
  return [
    { how: 'now', choices: [] },
    { how: 'broken', choices: settled(true) },
    { how: 'joined', choices: settled(false) },
    ...marks.slice(0, MOST_MARKS).map(({ mark, places: [place] }) => marking(mark, place)),
    marking({ by: 'nothing' }),
  ];
}

function marking(mark: ParagraphMark, place = { from: 0, to: 0 }): Pick<Paragraphing, 'how' | 'choices'> {
  return { how: mark, choices: [{ kind: 'mark', ...place, mark }] };
}
