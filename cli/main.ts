import { CommanderError } from 'commander';
import { cleanInputs } from './clean.ts';
import { cleanJsonLines } from './clean-json-lines.ts';
import { completionFor } from './completion.ts';
import { createCommand } from './command.ts';
import { ExitStatus } from './exit-status.ts';
import { manPageOf } from './man-page.ts';
import { endWithReader } from './output.ts';
import { planOf } from './plan.ts';
import { InputError, say } from './problems.ts';

/** Runs the command with the arguments after its name; gives the exit status. */
export async function main(args: readonly string[]): Promise<number> {
  let status: number = ExitStatus.done;
  endWithReader();
  // Files are written whole or not at all: what is begun is taken away as the process ends.
  process.once('SIGINT', () => process.exit(ExitStatus.interrupted));
  process.once('SIGTERM', () => process.exit(ExitStatus.ended));
  const command = createCommand({
    clean: async (named, options) => {
      const inputs = named.length > 0 ? named : ['-'];
      status = options.jsonl
        ? await cleanJsonLines(inputs, await planOf(options), options.jobs)
        : await cleanInputs(inputs, options);
    },
    man: (clean) => void process.stdout.write(`${manPageOf(clean, command.version()!)}\n`),
    completion: (shell, clean) => void process.stdout.write(completionFor(shell, clean)),
  });
  try {
    await command.parseAsync([...args], { from: 'user' });
    return status;
  } catch (error) {
    if (error instanceof CommanderError) return error.exitCode === 0 ? ExitStatus.done : ExitStatus.failed;
    if (!(error instanceof InputError)) throw error;
    say(error.message);
    return ExitStatus.failed;
  }
}
