import { once } from 'node:events';
import { ExitStatus } from './exit-status.ts';
import { say, systemWords } from './problems.ts';

/** Writes to standard output, and waits where its reader is slower. */
export async function writeOut(content: string | Uint8Array): Promise<void> {
  if (content.length > 0 && !process.stdout.write(content)) await once(process.stdout, 'drain');
}

/** Whoever reads may stop before the end, as `head` does: then there is nothing more to do, and nothing to say. A full disk is said. */
export function endWithReader(): void {
  for (const stream of [process.stdout, process.stderr]) {
    stream.on('error', (error: NodeJS.ErrnoException) => {
      if (error.code === 'EPIPE') process.exit(ExitStatus.closedPipe);
      if (stream === process.stdout) say(`cannot write the output: ${systemWords(error)}`);
      process.exit(ExitStatus.failed);
    });
  }
}
