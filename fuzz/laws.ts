import { deepStrictEqual, strictEqual } from 'node:assert';
import type { Block } from '../core/cleaning/block.ts';
import type { Cleaning } from '../core/cleaning/cleaning.ts';
import { clean, revise } from '../core/cleaning/clean.ts';
import { allPieces, cleanText, undoneText } from '../core/cleaning/output.ts';
import { randomStep } from '../core/engine/random-steps.ts';
import { applyStep, NO_HISTORY, outcomeOf, type Step } from '../core/history/history.ts';
import { digested, digestOf } from '../core/report/digest.ts';
import { listWordChanges } from '../core/report/report.ts';
import { editRow } from '../core/rows/edit-row.ts';
import { applyRowPatch, reviseRows } from '../core/rows/row-patch.ts';
import { planRows, rowAt } from '../core/rows/row-plan.ts';
import { textOfRow } from '../core/rows/row-text.ts';
import { DEFAULT_STYLE, type Style } from '../core/style/style.ts';
import { pick, seededRandom, type Random } from '../core/testing/random.ts';
import { countWords } from '../core/text/words.ts';
import { lostInSilence } from './silent-loss.ts';

/** What must hold of any text. */
export interface Law {
  readonly id: string;
  /** What holds. */
  readonly says: string;
  /** Throws where it does not; what else there is to choose is chosen by the seed. */
  readonly check: (text: string, seed: number) => void;
}

export const LAWS: readonly Law[] = [
  {
    id: 'tiling',
    says: 'pieces tile the source, and taking all edits back gives it byte for byte, in any style',
    check: (text, seed) => checkTiling(clean(text, randomStyle(text, seededRandom(seed)))),
  },
  {
    id: 'conservation',
    says: 'words in = words out + removed - inserted + mended, and each is listed, in any style',
    check: (text, seed) => checkConservation(clean(text, randomStyle(text, seededRandom(seed)))),
  },
  {
    id: 'line-ends',
    says: 'CR, LF and CRLF versions of a text give the same clean text, in any style',
    check: checkLineEnds,
  },
  {
    id: 'revision',
    says: 'revise gives what clean gives, and rows are patched to what they are, whatever steps are taken',
    check: checkRevision,
  },
  { id: 'typing', says: 'a row says what was typed into it, whatever was done before', check: checkTyping },
  {
    id: 'silent-loss',
    says: 'words that stand nowhere else leave as a doubt, or as what is proved to be none of the text',
    check: (text) => strictEqual(lostInSilence(text), undefined),
  },
];

/** Holds for texts as they are met; a text that is no text is allowed to come to rest more slowly. */
export const IDEMPOTENCE: Law = {
  id: 'idempotence',
  says: 'cleaning a clean text changes nothing',
  check(text) {
    const once = cleanText(clean(text, DEFAULT_STYLE));
    strictEqual(cleanText(clean(once, DEFAULT_STYLE)), once);
  },
};

/** The usual style in half of all cases, or one in which a few passes are switched or set. */
function randomStyle(text: string, random: Random): Style {
  if (random() < 0.5) return DEFAULT_STYLE;
  const cleaning = clean(text, DEFAULT_STYLE);
  let history = NO_HISTORY;
  for (let step = 0; step < 6; step++) {
    const next = randomStep(random, cleaning);
    if (OF_PASSES.includes(next.kind)) history = applyStep(history, next);
  }
  return outcomeOf(history, DEFAULT_STYLE).style;
}

const OF_PASSES: readonly Step['kind'][] = ['switch-pass', 'set-pass', 'move-pass'];

function checkTiling(cleaning: Cleaning): void {
  let at = 0;
  for (const { from, to } of allPieces(cleaning)) {
    strictEqual(from, at);
    strictEqual(to >= from, true);
    at = to;
  }
  strictEqual(at, cleaning.source.length);
  strictEqual(undoneText(cleaning), cleaning.source);
}

function checkConservation(cleaning: Cleaning): void {
  checkTally(cleaning);
  const { removed, inserted, mended } = cleaning.tally;
  const changes = listWordChanges(cleaning);
  const listed = (mends: boolean, side: 'removed' | 'inserted') =>
    changes.filter((change) => change.mended === mends).reduce((sum, change) => sum + change[side].length, 0);
  strictEqual(listed(false, 'removed'), removed);
  strictEqual(listed(false, 'inserted'), inserted);
  strictEqual(listed(true, 'removed') - listed(true, 'inserted'), mended);
}

function checkTally(cleaning: Cleaning): void {
  const { wordsIn, wordsOut, removed, inserted, mended } = cleaning.tally;
  strictEqual(wordsIn, countWords(cleaning.source));
  strictEqual(wordsOut, countWords(cleanText(cleaning)));
  strictEqual(wordsIn, wordsOut + removed - inserted + mended);
}

function checkLineEnds(text: string, seed: number): void {
  const lines = text.replace(/\r\n?/g, '\n');
  const style = randomStyle(lines, seededRandom(seed));
  // What a style leaves as it is keeps its line ends, too.
  const shown = (text: string) => (style === DEFAULT_STYLE ? text : text.replace(/\r\n?/g, '\n'));
  const cleanOf = (end: string) => shown(cleanText(clean(lines.replace(/\n/g, end), style)));
  const expected = cleanOf('\n');
  strictEqual(cleanOf('\r\n'), expected);
  strictEqual(cleanOf('\r'), expected);
}

const STEPS = 5;

function checkRevision(text: string, seed: number): void {
  const random = seededRandom(seed);
  let history = NO_HISTORY;
  let cleaning = clean(text, DEFAULT_STYLE);
  let now = digested(cleaning);
  let plan = planRows(now);
  for (let step = 0; step < STEPS; step++) {
    history = applyStep(history, randomStep(random, cleaning));
    const { style, choices } = outcomeOf(history, DEFAULT_STYLE);
    const before = cleaning;
    cleaning = revise(before, style, choices);
    const { digest } = now;
    now = digested(cleaning, { cleaning: before, digest });
    deepStrictEqual(now.digest, digested(cleaning).digest);
    plan = applyRowPatch(plan, reviseRows(plan, { cleaning: before, digest }, now));
    deepStrictEqual(plan, planRows(now));
    if (cleaning.splices) deepStrictEqual(spliced(before.base, cleaning), cleaning.base);
    const afresh = clean(text, style, choices);
    strictEqual(cleanText(cleaning), cleanText(afresh));
    deepStrictEqual(cleaning.tally, afresh.tally);
    deepStrictEqual(digestOf(cleaning).edits, digestOf(afresh).edits);
    strictEqual(undoneText(cleaning), text);
    checkTally(cleaning);
  }
}

/** The old blocks with what the splices put in; all others are the very same objects. */
function spliced(old: readonly Block[], { base, splices }: Cleaning): Block[] {
  const blocks: Block[] = [];
  let next = 0;
  for (const { at, removed, to, added } of splices!) {
    blocks.push(...old.slice(next, at), ...base.slice(to, to + added));
    next = at + removed;
  }
  return [...blocks, ...old.slice(next)];
}

const TYPED = [
  '',
  'x',
  ' oak',
  'the tide ',
  '(',
  ')',
  '[4]',
  '-',
  ' (',
  '“',
  '.',
  ',',
  '12',
  '&amp;',
  'é',
  '漢',
  '<i>',
  ' – ',
];

function checkTyping(text: string, seed: number): void {
  const random = seededRandom(seed);
  let history = NO_HISTORY;
  let cleaning = clean(text, DEFAULT_STYLE);
  for (let edit = 0; edit < 3; edit++) {
    const plan = planRows(digested(cleaning));
    if (plan.count === 0) return;
    const row = Math.floor(random() * plan.count);
    const old = textOfRow(cleaning, plan, row);
    const a = Math.floor(random() * (old.length + 1));
    const indent = /^[\s\u00ad\u200b]*/.exec(old)![0].length;
    const b = Math.min(old.length, a + (random() < 0.5 ? 0 : Math.floor(random() * 12)));
    const typed = old.slice(0, a) + pick(random, TYPED) + old.slice(b);
    // A row without words has nothing to type into. Lines and spaces at the edge are tidied when what is written goes out; all of a row taken away leaves it out.
    if (
      old === '' ||
      typed !== typed.trim() ||
      typed === '' ||
      /\s/.test(old.slice(a, b)) ||
      isCut(old, a) ||
      a < indent ||
      isCut(old, b)
    )
      continue;
    const { step } = editRow(cleaning, plan, row, { kind: 'text', text: typed, was: old });
    if (!step) {
      strictEqual(typed, old);
      continue;
    }
    history = applyStep(history, step);
    const { style, choices } = outcomeOf(history, DEFAULT_STYLE);
    cleaning = revise(cleaning, style, choices);
    const after = planRows(digested(cleaning));
    strictEqual(textOfRow(cleaning, after, rowAt(after, plan.from[row]!)), typed);
  }
}

/** Whether an offset stands inside what is one character to a person. */
function isCut(text: string, at: number): boolean {
  return at > 0 && at < text.length && CHARACTERS.segment(text).containing(at)?.index !== at;
}

const CHARACTERS = new Intl.Segmenter('en');
