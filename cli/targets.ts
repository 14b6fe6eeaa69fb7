import { link, mkdir, copyFile, constants, stat, writeFile } from 'node:fs/promises';
import { dirname, extname, join } from 'node:path';
import { OUTPUTS, type OutputId } from '../core/index.ts';
import type { Input } from './expand-inputs.ts';
import { fromCaller } from './paths.ts';
import { InputError, systemWords } from './problems.ts';

/** Where each input goes in a folder: laid out as it was found, with the ending of what is written. Throws InputError. */
export function targetsIn(folder: string, inputs: readonly Input[], to: OutputId): ReadonlyMap<Input, string> {
  const { ending } = OUTPUTS.find(({ id }) => id === to)!;
  const root = fromCaller(folder);
  const short = ({ inFolder }: Input) => {
    const name = inFolder === '-' ? 'standard-input' : inFolder;
    return join(root, `${name.slice(0, name.length - extname(name).length)}.${ending}`);
  };
  const counts = new Map<string, number>();
  for (const input of inputs) counts.set(short(input), (counts.get(short(input)) ?? 0) + 1);
  const targets = new Map<Input, string>();
  const taken = new Map<string, Input>();
  const sources = new Set(inputs.map(({ path }) => path));
  for (const input of inputs) {
    // Two files that differ in their endings alone keep them.
    const target = counts.get(short(input)) === 1 ? short(input) : join(root, `${input.inFolder}.${ending}`);
    const other = taken.get(target);
    if (other) throw new InputError(`${other.name} and ${input.name} would both be written to ${target}`);
    if (sources.has(target))
      throw new InputError(`${target} is an input: --in-place writes over inputs, and keeps them`);
    taken.set(target, input);
    targets.set(input, target);
  }
  return targets;
}

/** Makes the folder that a file is to lie in. Throws InputError. */
export async function makeFolderOf(path: string): Promise<void> {
  await mkdir(dirname(path), { recursive: true }).catch((error: NodeJS.ErrnoException) => {
    throw new InputError(`cannot make the folder ${dirname(path)}: ${systemWords(error)}`);
  });
}

/** Writes a file whole or not at all; `what` it is, is said where it cannot be. Throws InputError. */
export async function writeWhole(path: string, what: string, content: string | Uint8Array): Promise<void> {
  try {
    // A device or a pipe is written to; a file in its place would be none.
    const there = await stat(path).catch(() => undefined);
    if (there && !there.isFile() && !there.isDirectory()) {
      await writeFile(path, content);
      return;
    }
    // Whoever writes to standard output does not wait for it.
    const { default: writeFileAtomic } = await import('write-file-atomic');
    await writeFileAtomic(path, typeof content === 'string' ? content : Buffer.from(content));
  } catch (error) {
    throw new InputError(`cannot write ${what} to ${path}: ${systemWords(error as NodeJS.ErrnoException)}`);
  }
}

const MOST_KEPT = 1000;

/** Keeps a file under a name of its own beside it; never over another one. Gives the path. Throws InputError. */
export async function keepBeside(path: string, ending: string): Promise<string> {
  for (let number = 1; number <= MOST_KEPT; number++) {
    const kept = `${path}${ending}${number === 1 ? '' : number}`;
    try {
      // A second name for the same bytes is there at once; not all disks know such.
      await link(path, kept).catch((error: NodeJS.ErrnoException) => {
        if (error.code === 'EEXIST') throw error;
        return copyFile(path, kept, constants.COPYFILE_EXCL);
      });
      return kept;
    } catch (error) {
      const { code } = error as NodeJS.ErrnoException;
      if (code !== 'EEXIST')
        throw new InputError(`cannot keep ${path}: ${systemWords(error as NodeJS.ErrnoException)}`);
    }
  }
  throw new InputError(`there are ${MOST_KEPT} kept versions of ${path} already`);
}
