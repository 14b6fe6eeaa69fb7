import { expose, transfer } from 'comlink';
import { Zip, ZipDeflate } from 'fflate';

/** Packs files into one zip archive as they come; parts of it are given as they are there, so that it is nowhere in memory as a whole. */
export interface ZipService {
  /** Adds a file, and gives the parts of the archive that are new. Throws for a name that was there. */
  add(name: string, bytes: Uint8Array): Uint8Array;
  /** Closes the archive, and gives its last part. */
  end(): Uint8Array;
}

function createZipService(): ZipService {
  let parts: Uint8Array[] = [];
  const names = new Set<string>();
  const zip = new Zip((error, part) => {
    if (error) throw error;
    parts.push(part);
  });
  const taken = () => {
    const whole = new Uint8Array(parts.reduce((sum, { length }) => sum + length, 0));
    let at = 0;
    for (const part of parts) {
      whole.set(part, at);
      at += part.length;
    }
    parts = [];
    return transfer(whole, [whole.buffer]);
  };
  return {
    add(name, bytes) {
      if (names.has(name)) throw new RangeError(`${name} is in the archive already`);
      names.add(name);
      const file = new ZipDeflate(name, { level: 6 });
      zip.add(file);
      file.push(bytes, true);
      return taken();
    },
    end() {
      zip.end();
      return taken();
    },
  };
}

expose(createZipService());
