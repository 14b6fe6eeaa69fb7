import { useCallback } from 'react';

const MOST_SCROLLS = 60;
const STEP = 0.8;

/**
 * Moves the focus through marked elements of a list of which only the part in sight exists, by their source offsets in `data-at`:
 * from the focused one, or from what is in sight. Scrolls on where none is left.
 */
export function useStepping(scroller: React.RefObject<HTMLElement | null>) {
  return useCallback(
    (selector: string, direction: 1 | -1) => {
      const box = scroller.current;
      if (!box) return;
      const from = currentPlace(box, direction);
      let left = MOST_SCROLLS;
      const look = () => {
        const next = nearest(box, selector, from, direction);
        if (next) {
          next.focus({ preventScroll: true });
          next.scrollIntoView({ block: 'nearest' });
          return;
        }
        const before = box.scrollTop;
        box.scrollBy({ top: direction * box.clientHeight * STEP, behavior: 'instant' });
        // Rows that come into sight are fetched, and drawn some frames later.
        left -= box.scrollTop === before ? 8 : 1;
        if (left > 0) setTimeout(look, 30);
      };
      look();
    },
    [scroller],
  );
}

function placeOf(element: HTMLElement): number {
  return Number(element.dataset['at']);
}

/** Where the focused mark stands; without one, the beginning of what is in sight. */
function currentPlace(box: HTMLElement, direction: 1 | -1): number {
  const focused = document.activeElement;
  if (focused instanceof HTMLElement && box.contains(focused) && focused.dataset['at']) return placeOf(focused);
  const inRow = focused?.closest<HTMLElement>('[data-row-from]');
  const top = box.getBoundingClientRect().top;
  const rows = [...box.querySelectorAll<HTMLElement>('[data-row-from]')];
  const first = inRow ?? rows.find((row) => row.getBoundingClientRect().bottom > top);
  return Number(first?.dataset['rowFrom'] ?? 0) - (direction > 0 ? 1 : 0);
}

function nearest(box: HTMLElement, selector: string, from: number, direction: 1 | -1): HTMLElement | undefined {
  let found: HTMLElement | undefined;
  for (const element of box.querySelectorAll<HTMLElement>(selector)) {
    const away = (placeOf(element) - from) * direction;
    if (away > 0 && (!found || away < (placeOf(found) - from) * direction)) found = element;
  }
  return found;
}
