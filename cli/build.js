// Bundles the command and its threads into build/cli, so that it starts in a fraction of a second. Safe to run twice at once.
import { build } from 'esbuild';
import { renameSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

const path = (relative) => fileURLToPath(new URL(relative, import.meta.url));

const BUNDLES = { 'clean.js': 'main.ts', 'thread.js': 'thread.ts' };

export async function buildCommand() {
  await Promise.all(Object.entries(BUNDLES).map(([bundle, entry]) => bundleTo(bundle, entry)));
}

async function bundleTo(bundle, entry) {
  const outfile = join(path('../build/cli'), bundle);
  const scratch = `${outfile}.${process.pid}.tmp`;
  await build({
    entryPoints: [path(entry)],
    outfile: scratch,
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    minify: true,
    // These look for files of their own beside them.
    external: ['pdfjs-dist', 'piscina', 'write-file-atomic'],
    logLevel: 'error',
    banner: { js: "import { createRequire } from 'node:module'; const require = createRequire(import.meta.url);" },
  });
  renameSync(scratch, outfile);
}

if (process.argv[1] === fileURLToPath(import.meta.url)) await buildCommand();
