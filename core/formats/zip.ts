import { unzipSync, type UnzipFileInfo } from 'fflate';
import { UnreadableError } from './document.ts';

/** No document that people write needs more; what does is broken, or made to do harm. */
const MOST_UNPACKED = 200_000_000;
const MOST_ENTRIES = 20_000;

/** The files of a zip archive that are asked for, unpacked one at a time. */
export interface Archive {
  readonly names: readonly string[];
  has(name: string): boolean;
  /** The bytes of a file; undefined where there is none. Throws UnreadableError where they cannot be unpacked, or are too many. */
  bytes(name: string): Uint8Array | undefined;
  /** The text of a file in UTF-8 or UTF-16. */
  text(name: string): string | undefined;
}

/** The names of the files in a zip archive; none where it cannot be read. */
export function namesInZip(bytes: Uint8Array): readonly string[] {
  try {
    return openZip(bytes).names;
  } catch {
    return [];
  }
}

/** Opens a zip archive. Nothing is written anywhere: names that lead out of it are names like others. Throws UnreadableError. */
export function openZip(bytes: Uint8Array): Archive {
  const sizes = new Map<string, number>();
  const list = (file: UnzipFileInfo): boolean => {
    if (sizes.size >= MOST_ENTRIES) throw new UnreadableError('too-large');
    sizes.set(file.name, file.originalSize);
    return false;
  };
  unpack(() => unzipSync(bytes, { filter: list }));
  let unpacked = 0;
  const read = (name: string): Uint8Array | undefined => {
    const size = sizes.get(name);
    if (size === undefined) return undefined;
    unpacked += size;
    if (unpacked > MOST_UNPACKED) throw new UnreadableError('too-large');
    return unpack(() => unzipSync(bytes, { filter: (file) => file.name === name })[name]);
  };
  return {
    names: [...sizes.keys()],
    has: (name) => sizes.has(name),
    bytes: read,
    text: (name) => {
      const found = read(name);
      return found && decodeXml(found);
    },
  };
}

function unpack<T>(work: () => T): T {
  try {
    return work();
  } catch (cause) {
    if (cause instanceof UnreadableError) throw cause;
    throw new UnreadableError('damaged', { cause });
  }
}

/** XML within archives is in UTF-8 or, told by its byte order mark, in UTF-16. */
function decodeXml(bytes: Uint8Array): string {
  const label =
    bytes[0] === 0xff && bytes[1] === 0xfe ? 'utf-16le' : bytes[0] === 0xfe && bytes[1] === 0xff ? 'utf-16be' : 'utf-8';
  return new TextDecoder(label).decode(bytes);
}
