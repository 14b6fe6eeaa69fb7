import { clean } from '../core/cleaning/clean.ts';
import { cleanText } from '../core/cleaning/output.ts';
import { DEFAULT_STYLE } from '../core/style/style.ts';
import { makeText, repeated } from '../bench/texts.ts';
import { least } from '../bench/time.ts';

/** Characters of the smallest text; each of the others is four times as long as the one before. */
const LENGTH = 30_000;
const STEP = 4;
/**
 * A text may take so many times as long as ordinary text of its length, and no more than so many times what its length says. On a
 * machine that takes half a second for a million characters of a PDF, the first comes to three seconds.
 */
const MOST_TO_ORDINARY = 6;
const MOST_GROWTH = 1.3;

const timesOf = (texts: readonly string[], rounds: number) =>
  least(
    rounds,
    texts.map((text) => () => cleanText(clean(text, DEFAULT_STYLE))),
  ).map((time, at) => time / texts[at]!.length);

/** CPU ms for a character of ordinary text on this machine. */
export function ordinaryTime(): number {
  return timesOf([makeText('pdfColumns', 0.3)], 5)[0]!;
}

/**
 * What is wrong with how long a unit takes when it is repeated, in words; undefined where nothing is. A first look may be off by
 * what else the machine does: what looks wrong is measured again, on longer texts, and has to be so at each step. `ordinary` is what
 * a character of ordinary text takes.
 */
export function slowness(unit: string, ordinary: number): string | undefined {
  const look = (sizes: number, rounds: number, first: number) => {
    const texts = Array.from({ length: sizes }, (_, at) => repeated(unit, first * STEP ** at));
    const times = timesOf(texts, rounds);
    const growth = Math.min(...times.slice(1).map((time, at) => time / times[at]!));
    return { time: times.at(-1)!, growth };
  };
  const isWrong = ({ time, growth }: ReturnType<typeof look>) =>
    time > ordinary * MOST_TO_ORDINARY || growth > MOST_GROWTH;
  if (!isWrong(look(2, 1, LENGTH))) return undefined;
  // The machine may be busier by now, and the collector of memory comes when it likes: what is wrong is so twice.
  let ordinaryNow = ordinary;
  let sure = { time: 0, growth: 0 };
  for (let times = 0; times < 2; times++) {
    sure = look(3, 3, LENGTH * 2);
    ordinaryNow = Math.max(ordinaryNow, ordinaryTime());
    if (sure.time <= ordinaryNow * MOST_TO_ORDINARY && sure.growth <= MOST_GROWTH) return undefined;
  }
  const toOrdinary = (sure.time / ordinaryNow).toFixed(1);
  return `${toOrdinary} times as long as ordinary text, growing ${sure.growth.toFixed(2)} times as fast as its length`;
}
