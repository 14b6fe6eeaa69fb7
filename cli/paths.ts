import { resolve } from 'node:path';

/** npm runs scripts in the project's folder; paths are meant from where the person stands. */
export function fromCaller(path: string): string {
  return resolve(process.env['npm_lifecycle_event'] === 'clean' ? (process.env['INIT_CWD'] ?? '.') : '.', path);
}
