// Bundles what runs on Node outside the application's own build: the command, so that it starts in a fraction of a second, and the
// threads of command and server. Safe to run twice at once.
import { build } from 'esbuild';
import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { mkdirSync, renameSync, writeFileSync } from 'node:fs';
import { dirname } from 'node:path';
import { fileURLToPath } from 'node:url';

const path = (relative) => fileURLToPath(new URL(relative, import.meta.url));

/** What is bundled to where in build/. A .cjs is run by bin/run-bundle.js. */
const BUNDLES = {
  'cli/clean.cjs': '../cli/main.ts',
  'cli/thread.js': '../cli/thread.ts',
  'api/thread.js': '../api/thread.ts',
};

const COMMON = {
  banner: { js: "const moduleUrl = require('node:url').pathToFileURL(__filename).href;" },
  define: { 'import.meta.url': 'moduleUrl' },
  // Code that V8 has compiled before has no way to import; Node requires modules of either kind.
  supported: { 'dynamic-import': false },
};
const MODULE = {
  banner: { js: "import { createRequire } from 'node:module'; const require = createRequire(import.meta.url);" },
};

export async function bundleAll() {
  await Promise.all(
    Object.entries(BUNDLES).map(([bundle, entry]) => bundleTo(path(`../build/${bundle}`), path(entry))),
  );
  spawnSync(process.execPath, [path('./keep-compiled.js'), path('../build/cli/clean.cjs')], {
    stdio: ['ignore', 'ignore', 'inherit'],
  });
}

async function bundleTo(outfile, entry) {
  const isCommon = outfile.endsWith('.cjs');
  const { outputFiles } = await build({
    entryPoints: [entry],
    write: false,
    bundle: true,
    platform: 'node',
    format: isCommon ? 'cjs' : 'esm',
    target: 'node20',
    minify: true,
    // These look for files of their own beside them.
    external: ['pdfjs-dist', 'piscina', 'write-file-atomic'],
    logLevel: 'error',
    ...(isCommon ? COMMON : MODULE),
  });
  const { text } = outputFiles[0];
  const scratch = `${outfile}.${process.pid}.tmp`;
  mkdirSync(dirname(outfile), { recursive: true });
  writeFileSync(scratch, `// ${createHash('sha256').update(text).digest('hex')}\n${text}`);
  renameSync(scratch, outfile);
}

if (process.argv[1] === fileURLToPath(import.meta.url)) await bundleAll();
