import { spawn, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';

export interface OwnServer {
  readonly child: ChildProcess;
  readonly address: string;
  /** What it wrote to standard output so far. */
  said(): string;
}

/** Servers of one test, on ports of their own. */
export function openServers() {
  const started: ChildProcess[] = [];
  return {
    async start(port: number, environment: Record<string, string> = {}): Promise<OwnServer> {
      const env = { ...process.env, LUCID_RIBBON_API: '', ...environment, PORT: String(port) };
      const child = spawn('node', ['server/serve.js'], { env });
      started.push(child);
      let said = '';
      child.stdout.on('data', (chunk: Buffer) => (said += chunk.toString()));
      await once(child.stdout, 'data');
      return { child, address: `http://127.0.0.1:${port}`, said: () => said };
    },
    endAll: () => started.splice(0).forEach((child) => child.kill('SIGKILL')),
  };
}
