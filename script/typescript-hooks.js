// How Node reads TypeScript in unit tests that run without Jest's module system: each file is transformed when it is imported.
import { transform } from 'esbuild';
import { readFile } from 'node:fs/promises';
import { fileURLToPath } from 'node:url';

/** What takes the place of a package in unit tests. */
const INSTEAD = {
  '@jest/globals': new URL('jest-globals.js', import.meta.url).href,
  'fast-check': new URL('seeded-properties.js', import.meta.url).href,
};

export async function resolve(specifier, context, next) {
  return Object.hasOwn(INSTEAD, specifier) ? { url: INSTEAD[specifier], shortCircuit: true } : next(specifier, context);
}

export async function load(url, context, next) {
  // The runner puts a query behind the URL of a test, so that it is run anew.
  const [file] = url.split('?', 1);
  if (!/\.tsx?$/.test(file)) return next(url, context);
  const sourcefile = fileURLToPath(file);
  const { code } = await transform(await readFile(sourcefile, 'utf8'), {
    sourcefile,
    loader: file.endsWith('x') ? 'tsx' : 'ts',
    jsx: 'automatic',
    target: 'node20',
    sourcemap: 'inline',
  });
  return { format: 'module', source: code, shortCircuit: true };
}
