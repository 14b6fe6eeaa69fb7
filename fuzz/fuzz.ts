import { Command, InvalidArgumentError } from 'commander';
import fc from 'fast-check';
import { keepCase } from './cases.ts';
import { ordinaryTime, slowness } from './growth.ts';
import { IDEMPOTENCE, LAWS, type Law } from './laws.ts';
import { smallest } from './smallest.ts';
import { anyText, realisticText, shortUnit } from './texts.ts';

/**
 * Tries to break the engine's laws with texts made at random, for as long as it is told. Prints each failure as the smallest text
 * found that fails, with the seed; `--keep` adds it to the known cases, which the unit tests run. Exit status 1 if a law broke.
 */

interface Options {
  readonly seconds: number;
  readonly seed: number;
  /** The last seed; none: as many as there is time for. */
  readonly to?: number;
  readonly law?: string;
  readonly keep?: true;
}

/** Texts that a law is tried on in one round, and failures of one law after which it is tried no more. */
const A_ROUND = 25;
const ENOUGH = 3;
/** Units that are repeated make long texts: few in a round. */
const UNITS_A_ROUND = 3;
const GROWTH = 'growth';

/** How many texts were tried, up to which seed, and how many failures were found. */
interface Outcome {
  readonly tried: number;
  readonly next: number;
  readonly failures: number;
}

function fuzz({ seconds, seed, to = Infinity, law: only, keep }: Options): Outcome {
  const end = performance.now() + seconds * 1000;
  const ordinary = ordinaryTime();
  const failures: string[] = [];
  let tried = 0;
  const isTried = (id: string) =>
    (only === undefined || only === id) && failures.filter((failed) => failed === id).length < ENOUGH;

  const failed = (law: string, text: string, at: number, why: string) => {
    failures.push(law);
    const lines = why.split('\n').slice(0, 12);
    process.stdout.write(`\nFAILED ${law}, seed ${at}: ${written(text)}\n  ${lines.join('\n  ')}\n`);
    if (keep && law !== GROWTH) keepCase({ name: `${law}, seed ${at}`, law, text, seed: at });
  };

  const tryLaw = (law: Law, texts: fc.Arbitrary<string>, at: number) => {
    for (const text of fc.sample(texts, { seed: at, numRuns: A_ROUND })) {
      tried++;
      if (broken(law, text, at) === undefined) continue;
      const small = smallest(text, (part) => broken(law, part, at) !== undefined);
      failed(law.id, small, at, broken(law, small, at)!);
      return;
    }
  };

  const tryGrowth = (at: number) => {
    for (const unit of fc.sample(shortUnit, { seed: at, numRuns: UNITS_A_ROUND })) {
      tried++;
      const wrong = slowness(unit, ordinary);
      if (wrong) failed(GROWTH, unit, at, wrong);
    }
  };

  const ids = [...LAWS, IDEMPOTENCE].map(({ id }) => id).concat(GROWTH);
  let next = seed;
  for (; performance.now() < end && next <= to && ids.some(isTried); next++) {
    for (const law of LAWS) if (isTried(law.id)) tryLaw(law, anyText, next);
    if (isTried(IDEMPOTENCE.id)) tryLaw(IDEMPOTENCE, realisticText, next);
    if (isTried(GROWTH)) tryGrowth(next);
  }
  return { tried, next, failures: failures.length };
}

/** Why a law does not hold of a text; undefined where it does. */
function broken({ check }: Law, text: string, at: number): string | undefined {
  try {
    check(text, at);
    return undefined;
  } catch (error) {
    return error instanceof Error ? error.message : String(error);
  }
}

/** As a literal in which no sign is invisible. */
function written(text: string): string {
  return JSON.stringify(text).replace(/[^ -~]/g, (sign) => `\\u${sign.charCodeAt(0).toString(16).padStart(4, '0')}`);
}

function wholeNumber(value: string): number {
  if (!/^\d+$/.test(value)) throw new InvalidArgumentError('A whole number is wanted.');
  return Number(value);
}

const options = new Command('fuzz')
  .option('--seconds <number>', 'how long to try', wholeNumber, 60)
  .option('--seed <number>', 'where to begin: the same seed gives the same texts', wholeNumber, Date.now() % 1_000_000)
  .option('--to <number>', 'the last seed: a faster machine tries no other texts', wholeNumber)
  .option('--law <id>', 'only this law')
  .option('--keep', 'add what fails to the known cases')
  .parse()
  .opts<Options>();
const { tried, next, failures } = fuzz(options);
const found = `${failures} ${failures === 1 ? 'failure' : 'failures'}`;
process.stdout.write(`${tried} texts, seeds ${options.seed} to ${next - 1}: ${found}\n`);
process.exitCode = failures === 0 ? 0 : 1;
