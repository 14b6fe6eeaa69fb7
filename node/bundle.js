// Bundles what runs on Node outside the application's own build: the command, so that it starts in a fraction of a second, and the
// threads of command and server. Safe to run twice at once.
import { build } from 'esbuild';
import { renameSync } from 'node:fs';
import { fileURLToPath } from 'node:url';

const path = (relative) => fileURLToPath(new URL(relative, import.meta.url));

/** What is bundled to where in build/. */
const BUNDLES = {
  'cli/clean.js': '../cli/main.ts',
  'cli/thread.js': '../cli/thread.ts',
  'api/thread.js': '../api/thread.ts',
};

export async function bundleAll() {
  await Promise.all(
    Object.entries(BUNDLES).map(([bundle, entry]) => bundleTo(path(`../build/${bundle}`), path(entry))),
  );
}

async function bundleTo(outfile, entry) {
  const scratch = `${outfile}.${process.pid}.tmp`;
  await build({
    entryPoints: [entry],
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

if (process.argv[1] === fileURLToPath(import.meta.url)) await bundleAll();
