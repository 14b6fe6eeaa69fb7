import type { ListMark } from './output-blocks.ts';

type ListKind = 'bullet' | '.' | ')';

/** How a format writes lists, whose items stay open for a list within them. `first` is the number of the first item. */
export interface ListMarkup {
  beginList(kind: ListKind, first: number | undefined): string;
  beginItem(first: number | undefined): string;
  readonly endItem: string;
  endList(kind: ListKind): string;
}

/** The lists that are open while blocks are written one after the other. Each step gives what to write. */
export interface OpenLists {
  /** Ends the lists that stand deeper than a depth; 0 ends all. */
  end(depth: number): string[];
  /** Begins an item at a level, from 1; its words follow, without a piece of their own. */
  add(level: number, mark: ListMark): string[];
}

export function openLists(markup: ListMarkup): OpenLists {
  const open: { readonly kind: ListKind; readonly next: number }[] = [];

  const begin = (kind: ListKind, first?: number): string[] => {
    open.push({ kind, next: first ?? 0 });
    return [markup.beginList(kind, first), markup.beginItem(first)];
  };

  const lists: OpenLists = {
    end: (depth) => {
      const pieces: string[] = [];
      while (open.length > depth) pieces.push(markup.endItem, markup.endList(open.pop()!.kind));
      return pieces;
    },
    add: (level, { number }) => {
      const kind = number?.sign ?? 'bullet';
      const pieces = lists.end(level);
      const last = open[level - 1];
      if (last?.kind === kind && (!number || last.next === number.value))
        pieces.push(markup.endItem, markup.beginItem(undefined));
      else {
        pieces.push(...lists.end(level - 1));
        while (open.length < level - 1) pieces.push(...begin('bullet'));
        pieces.push(...begin(kind, number?.value));
      }
      open[level - 1] = { kind, next: (number?.value ?? 0) + 1 };
      return pieces;
    },
  };
  return lists;
}
