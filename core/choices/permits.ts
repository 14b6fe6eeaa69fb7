import type { Choice } from './choice.ts';
import { encloses, overlaps, toRanges, type Range, type Ranges } from './ranges.ts';

/** Where passes may work, and where their work was found right, as a person decided: ranges by pass. */
export interface Permits {
  readonly stets: ReadonlyMap<string, Ranges>;
  /** Those of every pass under EVERY. */
  readonly limits: ReadonlyMap<string, Ranges>;
  readonly approved: ReadonlyMap<string, Ranges>;
  /** What is held as it is, or is a person's own words: no pass works there. */
  readonly closed: Ranges;
  /** What a person put their own words in place of. */
  readonly rewritten: Ranges;
}

/** In the place of a pass: all of them. */
const EVERY = '';

/** `untouched` are further ranges in which no pass works. */
export function permitsOf(choices: readonly Choice[], untouched: readonly Range[] = []): Permits {
  return {
    stets: byPass(choices, 'stet'),
    limits: byPass(choices, 'limit'),
    approved: byPass(choices, 'approve'),
    closed: toRanges([...choices.filter(({ kind }) => kind === 'hold' || kind === 'rewrite'), ...untouched]),
    rewritten: toRanges(choices.filter(({ kind }) => kind === 'rewrite')),
  };
}

/** Whether a pass may change the range [from, to) of the source. */
export function mayEdit({ stets, limits, closed }: Permits, pass: string, from: number, to: number): boolean {
  if (overlaps(closed, from, to)) return false;
  const stet = stets.get(pass);
  if (stet && overlaps(stet, from, to)) return false;
  return isWithin(limits.get(pass), from, to) && isWithin(limits.get(EVERY), from, to);
}

function isWithin(limit: Ranges | undefined, from: number, to: number): boolean {
  return !limit || encloses(limit, from, to);
}

/** Whether a person said anything of where a pass may work; if not, it may everywhere. */
export function isConstrained({ stets, limits, closed }: Permits, pass: string): boolean {
  return closed.from.length > 0 || stets.has(pass) || limits.has(pass) || limits.has(EVERY);
}

/** Whether a person found right what a pass does in [from, to). */
export function isApproved({ approved }: Permits, pass: string, from: number, to: number): boolean {
  const ranges = approved.get(pass);
  return ranges !== undefined && overlaps(ranges, from, to);
}

function byPass(choices: readonly Choice[], kind: 'stet' | 'limit' | 'approve'): Map<string, Ranges> {
  const lists = new Map<string, Range[]>();
  for (const choice of choices) {
    if (choice.kind !== kind) continue;
    const pass = choice.pass ?? EVERY;
    const list = lists.get(pass);
    if (list) list.push(choice);
    else lists.set(pass, [choice]);
  }
  return new Map([...lists].map(([pass, list]) => [pass, toRanges(list)]));
}
