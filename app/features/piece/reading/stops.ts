import { neighbourOf } from '../editing/neighbours.ts';

const LINE_ENDS = '[data-seam]';
const CHANGES = '[data-column="source"] [data-edit]';
const FOLDS = '[data-fold]';
const PARAGRAPHS = '[data-words]';

/**
 * What Tab and the arrow keys do in the columns: the paragraphs, the line ends, the changes and the folded lines are one stop each,
 * in this order, and arrow keys lead from one to the next. False where the key is left to the browser.
 */
export function stopAt(
  event: React.KeyboardEvent<HTMLElement>,
  step: (selector: string, direction: 1 | -1) => void,
): boolean {
  const { key, target, currentTarget: box } = event;
  if (!(target instanceof HTMLElement) || event.ctrlKey || event.metaKey || event.altKey) return false;
  if (key === 'Tab' && !event.shiftKey) return tabOn(target, box);
  if (event.shiftKey || target.closest('[data-editing]')) return false;
  const direction = DIRECTIONS[key];
  if (direction === undefined) return false;
  if (target.matches(PARAGRAPHS)) {
    const next = neighbourOf(target, direction);
    next?.focus({ preventScroll: true });
    next?.scrollIntoView({ block: 'nearest' });
    return next !== undefined;
  }
  const own = [LINE_ENDS, CHANGES, FOLDS].find((selector) => target.matches(selector));
  if (own) step(own, direction);
  return own !== undefined;
}

const DIRECTIONS: Readonly<Record<string, 1 | -1>> = { ArrowDown: 1, ArrowUp: -1, ArrowRight: 1, ArrowLeft: -1 };

/** From one kind of stop to the next that is in sight; from the last out. */
function tabOn(target: HTMLElement, box: HTMLElement): boolean {
  const row = target.closest('[data-index]');
  const order = [PARAGRAPHS, LINE_ENDS, CHANGES, FOLDS];
  const at = target === box ? -1 : order.findIndex((selector) => target.closest(selector));
  if (at < 0 && target !== box) return false;
  for (const selector of order.slice(at + 1)) {
    const next = row?.querySelector<HTMLElement>(selector) ?? inSight(box, selector);
    if (!next) continue;
    next.focus({ preventScroll: true });
    next.scrollIntoView({ block: 'nearest' });
    return true;
  }
  return false;
}

function inSight(box: HTMLElement, selector: string): HTMLElement | undefined {
  const { top, bottom } = box.getBoundingClientRect();
  return [...box.querySelectorAll<HTMLElement>(selector)].find((element) => {
    const place = element.getBoundingClientRect();
    return place.bottom > top && place.top < bottom;
  });
}
