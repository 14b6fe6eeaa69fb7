import { lstat, stat } from 'node:fs/promises';
import { basename, join, relative, resolve } from 'node:path';
import { FORMATS } from '../core/index.ts';
import { fromCaller } from './paths.ts';
import { InputError } from './problems.ts';

/** A file that is to be cleaned. */
export interface Input {
  /** As it is named in messages; "-" is standard input. */
  readonly name: string;
  /** Where it lies, absolute. */
  readonly path: string;
  /** Where it lies in the folder or pattern that it was found by: so it is laid out in another folder. */
  readonly inFolder: string;
}

/** Files in folders are taken where their names end in one of these. */
const ENDINGS: readonly string[] = [...new Set(FORMATS.filter(({ id }) => id !== 'record').flatMap((f) => f.endings))];

/**
 * The files that some arguments name, in their order, each once: files, folders with all that is in them, patterns. Names that begin
 * with a dot are left out of folders and patterns. Throws InputError where nothing is there.
 */
export async function expandInputs(args: readonly string[]): Promise<Input[]> {
  const found = new Map<string, Input>();
  for (const arg of args) {
    const inputs = await expand(arg);
    if (inputs.length === 0) throw new InputError(`there is nothing to clean in ${arg}`);
    for (const input of inputs) if (!found.has(input.path)) found.set(input.path, input);
  }
  return [...found.values()];
}

async function expand(arg: string): Promise<Input[]> {
  // A variable that is not set would name this very folder.
  if (arg === '') throw new InputError('a name of an input is empty');
  if (arg === '-') return [{ name: arg, path: arg, inFolder: arg }];
  const path = fromCaller(arg);
  const entry = await stat(path).catch(() => undefined);
  if (entry?.isDirectory()) {
    // Most are asked for one file.
    const { findFiles } = await import('./find-files.ts');
    const files = await findFiles(`**/*.{${ENDINGS.join(',')}}`, path);
    return files.map((file) => ({ name: join(arg, file), path: join(path, file), inFolder: file }));
  }
  if (entry || !/[*?[{(!]/.test(arg)) {
    if (!entry && (await lstat(path).catch(() => undefined))) throw new InputError(`${arg} is a link to nothing`);
    return [{ name: arg, path, inFolder: basename(arg) }];
  }
  const { findFiles, folderOf } = await import('./find-files.ts');
  const root = fromCaller('.');
  const base = resolve(root, folderOf(arg));
  return (await findFiles(arg, root)).map((file) => {
    const absolute = resolve(root, file);
    return { name: file, path: absolute, inFolder: relative(base, absolute) };
  });
}
