import { useEffect } from 'react';

/** Marks what is a stop of a list, with the column that it is in: arrow keys up and down stay in a column. */
export const STOP = 'data-stop';

const isStop = (target: EventTarget | null): target is HTMLElement =>
  target instanceof HTMLElement && columnOf(target) !== undefined;

/** A switch hides its input in a label, which bears the mark. */
function columnOf(element: HTMLElement): string | undefined {
  return element.getAttribute(STOP) ?? element.closest('label')?.getAttribute(STOP) ?? undefined;
}

/** An entry of a list goes: what is alike in the one after it, or before it, gets the focus. */
export function focusBeside(entry: Element | null | undefined, alike: string): void {
  const beside = entry?.nextElementSibling ?? entry?.previousElementSibling;
  beside?.querySelector<HTMLElement>(alike)?.focus();
}

/**
 * Makes a list one stop of the Tab key: inside, arrow keys lead up and down in a column and left and right along a row, Home and
 * End to the ends. Elements take part by their `data-stop`.
 */
export function useOneStop(list: React.RefObject<HTMLElement | null>): void {
  useEffect(() => {
    const box = list.current;
    if (!box) return undefined;
    let current: HTMLElement | undefined;
    const all = () =>
      [...box.querySelectorAll<HTMLElement>(`[${STOP}]`)].map(
        (element) => element.querySelector<HTMLElement>('input') ?? element,
      );
    const settle = () => {
      const stops = all();
      if (!current || !stops.includes(current)) current = stops[0];
      for (const stop of stops) {
        const wanted = stop === current ? 0 : -1;
        if (stop.tabIndex !== wanted) stop.tabIndex = wanted;
      }
    };
    const onFocus = ({ target }: FocusEvent) => {
      if (!isStop(target)) return;
      current = target;
      settle();
    };
    const onKey = (event: KeyboardEvent) => {
      const { target } = event;
      if (!isStop(target) || event.ctrlKey || event.metaKey || event.altKey || event.shiftKey) return;
      const next = nextOf(event.key, target, all());
      if (!next) return;
      event.preventDefault();
      // The list itself has the say: a switch would be turned by its arrow keys.
      event.stopPropagation();
      next.focus();
      next.scrollIntoView({ block: 'nearest' });
    };
    settle();
    const observer = new MutationObserver(settle);
    observer.observe(box, { childList: true, subtree: true });
    box.addEventListener('focusin', onFocus);
    box.addEventListener('keydown', onKey, true);
    return () => {
      observer.disconnect();
      box.removeEventListener('focusin', onFocus);
      box.removeEventListener('keydown', onKey, true);
    };
  }, [list]);
}

function nextOf(key: string, from: HTMLElement, stops: readonly HTMLElement[]): HTMLElement | undefined {
  const at = stops.indexOf(from);
  const isSameColumn = (stop: HTMLElement) => columnOf(stop) === columnOf(from);
  switch (key) {
    case 'ArrowDown':
      return stops.slice(at + 1).find(isSameColumn);
    case 'ArrowUp':
      return stops.slice(0, at).findLast(isSameColumn);
    case 'ArrowRight':
      return stops[at + 1];
    case 'ArrowLeft':
      return stops[at - 1];
    case 'Home':
      return stops.find(isSameColumn);
    case 'End':
      return stops.findLast(isSameColumn);
    default:
      return undefined;
  }
}
