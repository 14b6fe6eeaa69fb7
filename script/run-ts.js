// Runs a TypeScript file of this project: node script/run-ts.js FILE [ARGUMENTS]
import { build } from 'esbuild';
import { mkdirSync, rmSync } from 'node:fs';
import { resolve } from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';

const [file, ...args] = process.argv.slice(2);
const folder = fileURLToPath(new URL('../build/scratch/', import.meta.url));
mkdirSync(folder, { recursive: true });
const outfile = `${folder}${process.pid}.mjs`;
await build({
  entryPoints: [resolve(file)],
  outfile,
  bundle: true,
  platform: 'node',
  format: 'esm',
  target: 'node20',
  packages: 'external',
  logLevel: 'error',
});
process.argv = [process.argv[0], outfile, ...args];
try {
  await import(pathToFileURL(outfile).href);
} finally {
  rmSync(outfile, { force: true });
}
