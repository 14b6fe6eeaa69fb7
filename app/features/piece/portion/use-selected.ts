import { useEffect, useRef, useState } from 'react';
import { flushSync } from 'react-dom';
import type { RowView } from '../../../../core/index.ts';
import { readSelected, type Selected } from './selected.ts';

/** A selection that moves is read when it has rested, ms. */
const REST = 120;

/** What is selected in the columns, once the selection rests or a key is pressed. */
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
    let clock: ReturnType<typeof setTimeout> | undefined;
    const read = () => {
      clock = undefined;
      const now = area.current ? readSelected(area.current, view.current) : undefined;
      setSelected((before) => (JSON.stringify(before) === JSON.stringify(now) ? before : now));
    };
    const onChange = () => {
      clearTimeout(clock);
      clock = setTimeout(read, REST);
    };
    // A key that follows at once is meant for what was just selected: it is read before any other hears of the key.
    const onKey = () => {
      if (clock === undefined && getSelection()?.isCollapsed !== false) return;
      clearTimeout(clock);
      flushSync(read);
    };
    document.addEventListener('selectionchange', onChange);
    window.addEventListener('keydown', onKey, true);
    return () => {
      clearTimeout(clock);
      document.removeEventListener('selectionchange', onChange);
      window.removeEventListener('keydown', onKey, true);
    };
  }, [area]);
  return selected;
}
