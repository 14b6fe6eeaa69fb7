/** The element of the bar. */
export const PORTION_BAR = 'selected-part';

/** Goes from the words to the bar of what is selected in them; the selection stays. */
export function focusPortionBar(): void {
  document.getElementById(PORTION_BAR)?.querySelector('button')?.focus();
}

/** Goes back to the words in which the selection begins. */
export function leavePortionBar(): void {
  const node = getSelection()?.anchorNode;
  const element = node instanceof Element ? node : node?.parentElement;
  element?.closest<HTMLElement>('[data-words], [data-column="source"]')?.focus({ preventScroll: true });
}
