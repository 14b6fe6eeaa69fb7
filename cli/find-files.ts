import { escapePath, glob } from 'tinyglobby';

/** The files under a folder that fit a pattern, in the order of people: 2 before 10. Those whose names begin with a dot do not. */
export async function findFiles(pattern: string, cwd: string): Promise<string[]> {
  const files = await glob(pattern, {
    cwd,
    caseSensitiveMatch: false,
    followSymbolicLinks: false,
    expandDirectories: false,
  });
  return files.sort(new Intl.Collator('en', { numeric: true }).compare);
}

/** The folder of a pattern before its first sign that stands for anything. */
export function folderOf(pattern: string): string {
  const parts = pattern.split('/');
  const first = parts.findIndex((part) => escapePath(part) !== part);
  return parts.slice(0, Math.max(0, Math.min(first, parts.length - 1))).join('/') || '.';
}
