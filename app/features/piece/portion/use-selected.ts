import { useEffect, useRef, useState } from 'react';
import type { RowView } from '../../../../core/index.ts';
import { readSelected, type Selected } from './selected.ts';

/** A selection that moves is read when it has rested, ms. */
const REST = 120;

/** What is selected in the columns, once the selection rests. */
export function useSelected(
  area: React.RefObject<Element | null>,
  viewOf: (row: number) => RowView | undefined,
): Selected | undefined {
  const [selected, setSelected] = useState<Selected>();
  const view = useRef(viewOf);
  useEffect(() => {
    view.current = viewOf;
  }, [viewOf]);
  useEffect(() => {
    let clock: ReturnType<typeof setTimeout>;
    const read = () => {
      const now = area.current ? readSelected(area.current, view.current) : undefined;
      setSelected((before) => (JSON.stringify(before) === JSON.stringify(now) ? before : now));
    };
    const onChange = () => {
      clearTimeout(clock);
      clock = setTimeout(read, REST);
    };
    document.addEventListener('selectionchange', onChange);
    return () => {
      clearTimeout(clock);
      document.removeEventListener('selectionchange', onChange);
    };
  }, [area]);
  return selected;
}
