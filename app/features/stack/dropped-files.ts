import { FORMATS } from '../../../core/index.ts';

/** A file with the folders that it was found in. */
export interface NamedFile {
  readonly name: string;
  readonly blob: Blob;
}

/** In a folder there may be anything: files are taken whose names end in one of these. */
const ENDINGS: ReadonlySet<string> = new Set(FORMATS.flatMap(({ endings }) => endings as readonly string[]));

/** Whether a file in a folder is one to clean. */
export function isToClean(path: string): boolean {
  const ending = /\.([^./]+)$/.exec(path)?.[1]?.toLowerCase();
  return ending !== undefined && ENDINGS.has(ending) && !path.split('/').some((part) => part.startsWith('.'));
}

/** Files that were chosen, alone or with their folder. */
export function chosenFiles(files: readonly File[]): NamedFile[] {
  return files
    .map((file) => ({
      name: file.webkitRelativePath || file.name,
      blob: file,
      isInFolder: file.webkitRelativePath !== '',
    }))
    .filter(({ name, isInFolder }) => !isInFolder || isToClean(name))
    .map(({ name, blob }) => ({ name, blob }));
}

/** Files and folders that were dropped. What can be asked of them must be asked before anything is waited for. */
export async function droppedFiles(items: DataTransferItemList): Promise<NamedFile[]> {
  const files = [...items].filter(({ kind }) => kind === 'file');
  const entries = files.flatMap((item) => item.webkitGetAsEntry() ?? []);
  // Not everything that hands over files knows where they lie.
  const found: NamedFile[] = files
    .filter((item) => !item.webkitGetAsEntry())
    .flatMap((item) => item.getAsFile() ?? [])
    .map((file) => ({ name: file.name, blob: file }));
  for (const entry of entries) await collect(entry, '', found);
  return found.sort((a, b) => NAMES.compare(a.name, b.name));
}

const NAMES = new Intl.Collator('en', { numeric: true });

async function collect(entry: FileSystemEntry, folder: string, found: NamedFile[]): Promise<void> {
  const name = folder + entry.name;
  if (entry.isFile) {
    if (folder !== '' && !isToClean(name)) return;
    const blob = await new Promise<File>((done, fail) => (entry as FileSystemFileEntry).file(done, fail));
    found.push({ name, blob });
    return;
  }
  const reader = (entry as FileSystemDirectoryEntry).createReader();
  const next = () => new Promise<FileSystemEntry[]>((done, fail) => reader.readEntries(done, fail));
  // A reader gives a folder in parts.
  for (let part = await next(); part.length > 0; part = await next()) {
    for (const inner of part) await collect(inner, `${name}/`, found);
  }
}
