import { existsSync, statSync } from 'node:fs';

/** Whether a made file is there and newer than all that it is made of. */
export function isNewer(file: string, sources: readonly string[]): boolean {
  const timeOf = (path: string) => statSync(path).mtimeMs;
  return existsSync(file) && sources.every((source) => timeOf(file) > timeOf(source));
}
