import { pMapIterable } from 'p-map';
import { findPass, type FailedPass, type JobPlan } from '../core/index.ts';
import type { FileDone, FileTask } from './file-task.ts';
import type { CleanOptions } from './command.ts';
import { ExitStatus } from './exit-status.ts';
import { expandInputs, type Input } from './expand-inputs.ts';
import { nameOf, readInput, readRecorded } from './input.ts';
import { checkTogether, openOutputs, type Cleaned, type Outputs } from './outputs.ts';
import { planOf } from './plan.ts';
import { InputError, READ_PROBLEMS, say } from './problems.ts';
import { openProgress } from './progress.ts';
import { describeRemovals } from './removals.ts';
import { openWorkers, type Workers } from './workers.ts';

/** Cleans what the arguments name, as the options say. Gives the exit status. Throws InputError for what concerns all of it. */
export async function cleanInputs(args: readonly string[], options: CleanOptions): Promise<number> {
  const plan = await planOf(options);
  const inputs = await expandInputs(args);
  checkTogether(inputs, options);
  const outputs = openOutputs(inputs, options);
  const wanted = await wantedBy(options, plan);
  const jobs = Math.max(1, Math.min(options.jobs, inputs.length));
  const workers = await openWorkers(jobs);
  const progress = openProgress(inputs.length);
  let status: number = ExitStatus.done;
  try {
    // Some are read ahead, so that no thread waits; what is done waits for its turn.
    const ahead = { concurrency: jobs + 1, backpressure: 2 * jobs + 2 };
    for await (const { input, done } of pMapIterable(inputs, (one) => cleanOne(one, wanted, workers), ahead)) {
      progress.clear();
      const ended = await finish(input, done, { options, outputs, isNamed: inputs.length > 1 });
      progress.next(ended === ExitStatus.failed, performance.now());
      status = Math.max(status, ended);
    }
    await outputs.end();
    return status;
  } finally {
    progress.clear();
    await workers.close();
  }
}

type Wanted = Omit<FileTask, 'bytes' | 'name'>;

async function wantedBy(
  { record, report, reportFile, diff, writeRecord }: CleanOptions,
  plan: JobPlan,
): Promise<Wanted> {
  return {
    plan,
    recorded: record === undefined ? undefined : await readRecorded(record),
    wantsDiff: diff === true,
    wantsReport: (report ?? reportFile) !== undefined,
    wantsRecord: writeRecord !== undefined,
  };
}

/** What became of an input: nothing where nothing came down a pipe, an error where it could not be read at all. */
interface Ended {
  readonly input: Input;
  readonly done?: FileDone | InputError;
}

async function cleanOne(input: Input, wanted: Wanted, workers: Workers): Promise<Ended> {
  try {
    const bytes = await readInput(input.name);
    // Nothing comes down a pipe where there was nothing to find; an empty file is a mistake.
    if (input.name === '-' && bytes.length === 0) return { input };
    const name = input.name === '-' ? undefined : input.name;
    return { input, done: await workers.run('file', { ...wanted, bytes, name }) };
  } catch (error) {
    if (error instanceof InputError) return { input, done: error };
    throw error;
  }
}

interface Finish {
  readonly options: CleanOptions;
  readonly outputs: Outputs;
  /** Whether what is said names the input: where there are several. */
  readonly isNamed: boolean;
}

/** Writes what became of an input, and says what is to be said of it. Gives the exit status. */
async function finish(input: Input, done: Ended['done'], { options, outputs, isNamed }: Finish): Promise<number> {
  try {
    if (done === undefined) return ExitStatus.done;
    if (done instanceof InputError) throw done;
    if (!done.ok && done.problem === 'fault') {
      say(`${nameOf(input.name)} was not cleaned, by a fault of this program: ${inOneLine(done.detail)}`);
      return ExitStatus.faulty;
    }
    if (!done.ok) throw new InputError(`${nameOf(input.name)} ${READ_PROBLEMS[done.problem]}`);
    await outputs.put(input, done);
    const remark = (words: string) => say(isNamed ? `${nameOf(input.name)}: ${words}` : words);
    const [fault] = done.failed;
    if (fault) remark(`cleaned without ${done.failed.map(passWords).join(', ')}, by a fault of this program`);
    // Reports on standard error are for programs to read.
    if (options.report === undefined) tellRemarks(done, remark);
    const isDoubted = options.failOnDoubt === true && done.questions > 0;
    if (isDoubted) remark(done.questions === 1 ? '1 question is left' : `${done.questions} questions are left`);
    if (fault) return ExitStatus.faulty;
    return isDoubted || (options.check && done.changes) ? ExitStatus.found : ExitStatus.done;
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    say(error.message);
    return ExitStatus.failed;
  }
}

function passWords({ pass, message }: FailedPass): string {
  return `“${findPass(pass)?.title ?? pass}” (${inOneLine(message)})`;
}

function inOneLine(message: string): string {
  return message.replace(/\s+/g, ' ').slice(0, LONGEST_MESSAGE);
}

const LONGEST_MESSAGE = 200;

/** Says what a person should know of a text. */
function tellRemarks({ report, sideBySide, parts }: Cleaned, remark: (words: string) => void): void {
  if (parts !== undefined)
    remark(`cleaned in ${parts} parts, each by itself, since the text is large; a report or a diff takes it in one`);
  if (sideBySide) {
    const [from, to] = sideBySide;
    remark(`lines ${from} to ${to} look like two columns side by side; --columns puts one under the other`);
  }
  const removals = report && describeRemovals(report);
  if (removals !== undefined) remark(removals);
}
