import {
  reportOf,
  runJob,
  USUAL_SHAPE,
  writeJob,
  type Document,
  type FailedPass,
  type FindWords,
  type JobPlan,
} from '../core/index.ts';
import type { FileDone, FileTask } from './file-task.ts';

/** Characters of a part. A cleaning takes some twenty bytes of memory for each. */
const PART = 10_000_000;
/** A text of more than so many parts is cleaned in parts, so that memory is bounded: 200 MB take less than 2 GB. */
const FEWEST_PARTS = 3;

/** Whether a text is cleaned in parts: one that is large, of which nothing is wanted but the clean text. */
export function isLarge({ text, layout }: Document, { plan, recorded, ...wants }: FileTask): boolean {
  const wantsMore = wants.wantsDiff || wants.wantsReport || wants.wantsRecord || recorded !== undefined;
  return text.length > FEWEST_PARTS * PART && !layout && plan.to === 'text' && !wantsMore;
}

/** Cleans a large text in parts of so many characters or more, each by what is in it. The parts end where a paragraph does. */
export function cleanLarge(
  { text }: Document,
  { plan, name, bytes }: FileTask,
  findWords: FindWords,
  part = PART,
): FileDone {
  const written: Buffer[] = [];
  const failed = new Map<string, FailedPass>();
  let questions = 0;
  let { styles } = plan;
  for (const [from, to] of partsOf(text, part)) {
    const job = runJob({ text: text.slice(from, to) }, { ...plan, styles }, { findWords, name });
    // The style is the one that is meant for the text by its beginning.
    styles = [{ ...job.style, for: undefined }];
    const { output = USUAL_SHAPE } = job.style;
    const isLast = to === text.length;
    const clean = writeJob(job, { isFile: true }) as string;
    const end = /\r\n|\r|\n/.exec(clean)?.[0] ?? '\n';
    written.push(
      Buffer.from(
        isLast || clean === '' || !hasBlankLines(job.cleaning.style.apart, output.apart) ? clean : clean + end,
      ),
    );
    questions += reportOf(job.cleaning, 'short').questions;
    for (const one of job.cleaning.failed) failed.set(one.pass, one);
  }
  const output = Buffer.concat(written);
  return {
    ok: true,
    output,
    changes: !output.equals(bytes),
    isSameFormat: plan.from === undefined || plan.from === 'text',
    questions,
    failed: [...failed.values()],
    parts: written.length,
  };
}

function hasBlankLines(ofStyle: JobPlan['apart'], ofShape: string): boolean {
  return ofStyle !== 'line' && ofShape === 'blank';
}

/** Behind a blank line, where the line above ends a sentence and the one below begins one. */
const GAP = /[.!?…]["'”’»)\]]*[ \t]*(?:\r\n|\r|\n)(?:[ \t]*(?:\r\n|\r|\n))+(?=[ \t]*["'“‘«(]?\p{Lu})/gu;
/** Where lines have no gaps, behind one that ends a sentence; where there are no lines, behind a sentence; else behind a word. */
const SENTENCE_AT_LINE_END = /[.!?…]["'”’»)\]]*[ \t]*(?:\r\n|\r|\n)(?=[ \t]*["'“‘«(]?\p{Lu})/gu;
const SENTENCE = /[.!?…]["'”’»)\]]*\s+(?=["'“‘«(]?\p{Lu})|[。！？]/gu;
const SPACE = /\s+/g;
const PLACES = [GAP, SENTENCE_AT_LINE_END, SENTENCE, SPACE];

function* partsOf(text: string, part: number): Generator<readonly [from: number, to: number]> {
  for (let from = 0; from < text.length;) {
    const to = text.length - from <= FEWEST_PARTS * part ? text.length : endOfPart(text, from + part, part);
    yield [from, to];
    from = to;
  }
}

function endOfPart(text: string, wanted: number, part: number): number {
  const near = text.slice(wanted, wanted + part);
  for (const place of PLACES) {
    place.lastIndex = 0;
    if (place.test(near)) return wanted + place.lastIndex;
  }
  return wanted + near.length;
}
