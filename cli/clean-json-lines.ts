import { createReadStream } from 'node:fs';
import { pMapIterable } from 'p-map';
import type { JobPlan } from '../core/index.ts';
import { splitLines, type Lines } from '../node/split-lines.ts';
import { ExitStatus } from './exit-status.ts';
import { fromCaller } from './paths.ts';
import { nameOf } from './input.ts';
import { writeOut } from './output.ts';
import { InputError, say, systemWords } from './problems.ts';
import { openWorkers } from './workers.ts';

/**
 * Cleans JSON Lines from files or standard input, in memory that does not grow with them; lines come out in the order in which they
 * went in. Gives the exit status: a bad line gives an error line and does not end the work. Throws InputError.
 */
export async function cleanJsonLines(files: readonly string[], plan: JobPlan, jobs: number): Promise<number> {
  const workers = await openWorkers(jobs);
  let wrong = 0;
  const clean = (lines: Lines) => workers.run('lines', { lines, plan });
  try {
    for await (const lines of pMapIterable(batches(files), clean, { concurrency: jobs + 1, backpressure: 4 * jobs })) {
      wrong += lines.filter((line) => line.includes('"error":') && 'error' in (JSON.parse(line) as object)).length;
      await writeOut(`${lines.join('\n')}\n`);
    }
  } finally {
    await workers.close();
  }
  if (wrong > 0) say(wrong === 1 ? '1 line could not be cleaned' : `${wrong} lines could not be cleaned`);
  return wrong > 0 ? ExitStatus.failed : ExitStatus.done;
}

async function* batches(files: readonly string[]): AsyncGenerator<Lines> {
  for (const file of files) {
    try {
      yield* splitLines(file === '-' ? process.stdin : createReadStream(fromCaller(file)));
    } catch (error) {
      throw new InputError(`cannot read ${nameOf(file)}: ${systemWords(error as NodeJS.ErrnoException)}`);
    }
  }
}
