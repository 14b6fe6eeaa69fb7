import { availableParallelism } from 'node:os';

/** What the API is allowed to use. */
export interface Settings {
  /** The most bytes of a body, and of a line of JSON Lines. */
  readonly mostBytes: number;
  /** ms after which a cleaning is given up. */
  readonly mostTime: number;
  readonly threads: number;
  /** How many requests may wait for a thread. */
  readonly queue: number;
}

const MEGABYTE = 1_000_000;

/** The settings that the environment says; undefined where the API is not asked for. Throws RangeError for what is no number. */
export function settingsFrom(environment: Readonly<Record<string, string | undefined>>): Settings | undefined {
  if (!/^(?:1|true|on|yes)$/i.test(environment['LUCID_RIBBON_API'] ?? '')) return undefined;
  const threads = numberOf('THREADS', availableParallelism(), 64);
  return {
    mostBytes: numberOf('MOST_MB', 50, 300) * MEGABYTE,
    mostTime: numberOf('MOST_SECONDS', 60, 3600) * 1000,
    threads,
    queue: numberOf('QUEUE', threads * 8, 10_000),
  };

  function numberOf(name: string, usual: number, most: number): number {
    const value = environment[`LUCID_RIBBON_API_${name}`];
    if (value === undefined || value === '') return usual;
    const number = Number(value);
    if (!Number.isInteger(number) || number < 1 || number > most)
      throw new RangeError(`LUCID_RIBBON_API_${name} is a whole number from 1 to ${most}, not "${value}"`);
    return number;
  }
}
