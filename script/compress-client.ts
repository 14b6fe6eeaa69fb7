/**
 * Compresses what the server hands out, once and at its best: beside each file its forms in gzip and brotli. Run after the application's
 * build; all cores work at it.
 */
import { readdirSync } from 'node:fs';
import { readFile, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { brotliCompress, constants, gzip } from 'node:zlib';

const CLIENT = 'build/client';
const COMPRESSED = /\.(?:js|css|svg|html)$/;
const FORMS = [
  { ending: '.br', compress: promisify(brotliCompress), level: {} },
  { ending: '.gz', compress: promisify(gzip), level: { level: constants.Z_BEST_COMPRESSION } },
];

async function compress(path: string): Promise<void> {
  const bytes = await readFile(path);
  for (const { ending, compress, level } of FORMS) {
    const small = await compress(bytes, level);
    if (small.length < bytes.length) await writeFile(path + ending, small);
  }
}

const files = readdirSync(CLIENT, { recursive: true, withFileTypes: true })
  .filter((entry) => entry.isFile() && COMPRESSED.test(entry.name))
  .map((entry) => join(entry.parentPath, entry.name));
await Promise.all(files.map(compress));
