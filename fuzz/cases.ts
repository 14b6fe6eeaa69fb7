import { readFileSync, writeFileSync } from 'node:fs';

/** A text that once broke a law. */
export interface Case {
  readonly name: string;
  /** The id of the law; 'growth' for a unit that took too long when repeated. */
  readonly law: string;
  readonly text: string;
  /** By which the law chooses what else there is to choose. */
  readonly seed: number;
}

const FILE = 'fuzz/cases.json';

export const KNOWN_CASES = JSON.parse(readFileSync(FILE, 'utf8')) as readonly Case[];

/** Adds a case to the known ones. */
export function keepCase(added: Case): void {
  const kept = JSON.parse(readFileSync(FILE, 'utf8')) as Case[];
  writeFileSync(FILE, `${JSON.stringify([...kept, added], null, 2)}\n`);
}
