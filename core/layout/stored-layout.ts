import type { Layout } from './layout.ts';

/** A layout as JSON has it. */
export interface StoredLayout {
  readonly element: readonly number[];
  readonly level: readonly number[];
  readonly region: readonly number[];
  readonly block: readonly number[];
  readonly ranges: Layout['ranges'];
  readonly columns?: readonly number[];
  readonly widths?: readonly number[];
}

export function storeLayout({ element, level, region, block, ranges, columns, widths }: Layout): StoredLayout {
  return {
    element: [...element],
    level: [...level],
    region: [...region],
    block: [...block],
    ranges,
    ...(columns && { columns: [...columns] }),
    ...(widths && { widths: [...widths] }),
  };
}

export function readLayout({ element, level, region, block, ranges, columns, widths }: StoredLayout): Layout {
  return {
    element: Uint8Array.from(element),
    level: Uint8Array.from(level),
    region: Uint8Array.from(region),
    block: Uint32Array.from(block),
    ranges: ranges.map(({ from, to, kind, address }) => ({
      from,
      to,
      kind,
      ...(typeof address === 'string' && { address }),
    })),
    ...(columns && { columns: Uint32Array.from(columns) }),
    ...(widths && { widths: Uint32Array.from(widths) }),
  };
}
