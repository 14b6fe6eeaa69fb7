// Bundles the command into build/cli, so that it starts in a fraction of a second. Safe to run twice at once.
import { build } from 'esbuild';
import { renameSync } from 'node:fs';
import { fileURLToPath } from 'node:url';

const path = (relative) => fileURLToPath(new URL(relative, import.meta.url));

export const COMMAND = path('../build/cli/clean.js');

export async function buildCommand() {
  const scratch = `${COMMAND}.${process.pid}.tmp`;
  await build({
    entryPoints: [path('main.ts')],
    outfile: scratch,
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    minify: true,
    external: ['pdfjs-dist'],
    logLevel: 'error',
    banner: { js: "import { createRequire } from 'node:module'; const require = createRequire(import.meta.url);" },
  });
  renameSync(scratch, COMMAND);
}

if (process.argv[1] === fileURLToPath(import.meta.url)) await buildCommand();
