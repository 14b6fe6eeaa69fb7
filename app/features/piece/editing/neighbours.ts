const FARTHEST = 12;

/** The next paragraph up or down that has words, if it is drawn. */
export function neighbourOf(words: Element, step: -1 | 1): HTMLElement | undefined {
  const row = words.closest<HTMLElement>('[data-index]');
  for (let away = 1; row && away <= FARTHEST; away++) {
    const index = Number(row.dataset['index']) + step * away;
    const next = row.parentElement?.querySelector<HTMLElement>(`[data-index="${index}"] [data-words]`);
    if (next) return next;
  }
  return undefined;
}

/**
 * Whether an arrow key leads out of the paragraph: the caret, or the end of the selection that moves, stands on its first or last
 * line, or at its very end.
 */
export function stepsOut(key: string, words: HTMLElement, isMoved: boolean): boolean {
  const selection = getSelection();
  if (!isMoved || !selection?.focusNode) return false;
  const range = document.createRange();
  range.setStart(selection.focusNode, selection.focusOffset);
  const rest = document.createRange();
  rest.selectNodeContents(words);
  if (key === 'ArrowLeft' || key === 'ArrowUp') rest.setEnd(range.startContainer, range.startOffset);
  else if (key === 'ArrowRight' || key === 'ArrowDown') rest.setStart(range.endContainer, range.endOffset);
  else return false;
  const isAtEnd = rest.toString() === '';
  if (isAtEnd || key === 'ArrowLeft' || key === 'ArrowRight') return isAtEnd;
  const caret = range.getBoundingClientRect();
  const box = words.getBoundingClientRect();
  const line = Number.parseFloat(getComputedStyle(words).lineHeight);
  return key === 'ArrowUp' ? caret.top - box.top < line * 0.8 : box.bottom - caret.bottom < line * 0.8;
}
