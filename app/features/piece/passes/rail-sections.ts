import {
  isPassOn,
  PASS_GROUPS,
  PASSES,
  type Pass,
  type PassId,
  type RuleId,
  type ShapeId,
  type Style,
} from '../../../../core/index.ts';

export type ListedPass = Pass & { readonly id: PassId };

/** Passes of one group, in the order of their work. */
export interface PassGroupOfRail {
  readonly title: string;
  readonly passes: readonly ListedPass[];
}

export type RailSection = 'busy' | 'idle' | 'off';

/** The passes as the rail shows them. */
export interface RailSections {
  /** Those that changed something here, the busiest first. */
  readonly busy: readonly ListedPass[];
  /** Those that are on and found nothing. */
  readonly idle: readonly PassGroupOfRail[];
  readonly off: readonly PassGroupOfRail[];
}

const ALL: readonly ListedPass[] = PASSES;

/** Where a pass belongs by what it did. */
export function sectionOf(
  id: PassId | RuleId | ShapeId,
  style: Style,
  counts: Readonly<Record<string, number>>,
): RailSection {
  if (!isPassOn(style, id)) return 'off';
  return (counts[id] ?? 0) > 0 ? 'busy' : 'idle';
}

/** Sorts the passes by what they did. Those in `stay` are where they were when they were switched: nothing moves under the hand. */
export function railSections(
  style: Style,
  counts: Readonly<Record<string, number>>,
  stay: ReadonlyMap<string, RailSection>,
): RailSections {
  const of = (section: RailSection) =>
    ALL.filter(({ id }) => (stay.get(id) ?? sectionOf(id, style, counts)) === section);
  return {
    busy: of('busy').sort((a, b) => (counts[b.id] ?? 0) - (counts[a.id] ?? 0)),
    idle: grouped(of('idle')),
    off: grouped(of('off')),
  };
}

/** The passes whose title or help has all the words that are looked for. */
export function findPasses(looked: string): readonly PassGroupOfRail[] {
  const words = looked.toLowerCase().split(/\s+/).filter(Boolean);
  const has = ({ title, summary }: Pass) => words.every((word) => `${title} ${summary}`.toLowerCase().includes(word));
  return grouped(ALL.filter(has));
}

function grouped(passes: readonly ListedPass[]): PassGroupOfRail[] {
  return PASS_GROUPS.map(({ id, title }) => ({ title, passes: passes.filter(({ group }) => group === id) })).filter(
    (group) => group.passes.length > 0,
  );
}

/** The passes of some groups. */
export function passesOf(groups: readonly PassGroupOfRail[]): readonly ListedPass[] {
  return groups.flatMap(({ passes }) => passes);
}
