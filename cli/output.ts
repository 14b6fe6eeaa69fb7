import { once } from 'node:events';
import { ExitStatus } from './exit-status.ts';

/** Writes to standard output, and waits where its reader is slower. */
export async function writeOut(content: string | Uint8Array): Promise<void> {
  if (content.length > 0 && !process.stdout.write(content)) await once(process.stdout, 'drain');
}

/** Whoever reads may stop before the end, as `head` does: then there is nothing more to do, and nothing to say. */
export function endWithReader(): void {
  for (const stream of [process.stdout, process.stderr]) {
    stream.on('error', (error: NodeJS.ErrnoException) => {
      if (error.code !== 'EPIPE') throw error;
      process.exit(ExitStatus.closedPipe);
    });
  }
}
