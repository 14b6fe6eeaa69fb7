import type { Choice } from './choice.ts';
import { encloses, overlaps, toRanges, type Range, type Ranges } from './ranges.ts';

/** Where passes may work, and where their work was found right, as a person decided: ranges by pass. */
export interface Permits {
  readonly stets: ReadonlyMap<string, Ranges>;
  readonly limits: ReadonlyMap<string, Ranges>;
  readonly approved: ReadonlyMap<string, Ranges>;
}

export function permitsOf(choices: readonly Choice[]): Permits {
  return {
    stets: byPass(choices, 'stet'),
    limits: byPass(choices, 'limit'),
    approved: byPass(choices, 'approve'),
  };
}

/** Whether a pass may change the range [from, to) of the source. */
export function mayEdit({ stets, limits }: Permits, pass: string, from: number, to: number): boolean {
  const stet = stets.get(pass);
  if (stet && overlaps(stet, from, to)) return false;
  const limit = limits.get(pass);
  return !limit || encloses(limit, from, to);
}

/** Whether a person said anything of where a pass may work; if not, it may everywhere. */
export function isConstrained({ stets, limits }: Permits, pass: string): boolean {
  return stets.has(pass) || limits.has(pass);
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
    const list = lists.get(choice.pass);
    if (list) list.push(choice);
    else lists.set(choice.pass, [choice]);
  }
  return new Map([...lists].map(([pass, list]) => [pass, toRanges(list)]));
}
