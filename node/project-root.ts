import { existsSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

/** The folder of the package, wherever in it this code was bundled to. */
export const PROJECT_ROOT = findRoot(dirname(fileURLToPath(import.meta.url)));

function findRoot(folder: string): string {
  if (existsSync(join(folder, 'package.json'))) return folder;
  const above = dirname(folder);
  if (above === folder) throw new RangeError('this code stands in no package');
  return findRoot(above);
}
