/**
 * Builds the service worker into the built application: lists all that the build is made of, with the pages as its own server gives
 * them, so that everything works without a network after one visit. Run after the application's build.
 */
import { build } from 'esbuild';
import { createHash } from 'node:crypto';
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { SAMPLES } from '../samples/index.ts';
import { PAGES } from './pages.ts';

const CLIENT = 'build/client';
/** The service worker itself, forms of files that the server alone hands out, and words for people. */
const LEFT_OUT = /^service-worker\.js|\.(?:br|gz|txt)$|\/LICENSE$/;

const files = readdirSync(CLIENT, { recursive: true, withFileTypes: true })
  .filter((entry) => entry.isFile())
  .map((entry) => join(entry.parentPath, entry.name).slice(CLIENT.length + 1))
  .filter((name) => !LEFT_OUT.test(name))
  .sort();

const hash = createHash('sha256');
const entries: { url: string; revision: string | null }[] = files.map((name) => {
  const bytes = readFileSync(join(CLIENT, name));
  hash.update(name).update(bytes);
  // Names in assets change with what is in them.
  const revision = name.startsWith('assets/') ? null : createHash('sha256').update(bytes).digest('hex').slice(0, 16);
  return { url: `/${name}`, revision };
});
hash.update(readFileSync('build/server/index.js'));
// Pages and data come from the server, the same as long as the build is.
const revision = hash.digest('hex').slice(0, 16);
for (const url of [...PAGES, '/_.data', ...SAMPLES.map(({ id }) => `/samples/${id}`)]) entries.push({ url, revision });

const made = await build({
  entryPoints: ['offline/service-worker.ts'],
  bundle: true,
  write: false,
  minify: true,
  format: 'iife',
  target: 'es2022',
  define: { FILES: JSON.stringify(entries), 'process.env.NODE_ENV': '"production"' },
  logLevel: 'error',
});
writeFileSync(join(CLIENT, 'service-worker.js'), made.outputFiles[0]!.contents);
