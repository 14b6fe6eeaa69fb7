import { breakAt, NEW_LINE, NEW_PARAGRAPH } from '../../../../core/index.ts';
import { focusPortionBar } from '../portion/portion-bar-focus.ts';
import type { Editor, Keystroke } from './use-editor.ts';
import { neighbourOf, stepsOut } from './neighbours.ts';
import { selectionIn } from './positions.ts';
import type { Typed } from './use-typed.ts';

export interface Writing {
  /** Where the row begins in the source, and whether it goes on with the block of the row before. */
  readonly from: number;
  readonly goesOn: boolean;
  readonly isEditing: boolean;
  readonly typed: Typed;
  readonly editor: Editor;
  begin(): void;
  leave(): void;
  /** The selection goes on into another paragraph, to its beginning or its end. */
  extendInto(words: HTMLElement, to: 'start' | 'end'): void;
}

/** What the keys do in a paragraph that is typed in, and, before that, to begin. All others are the browser's. */
export function writingKeys(writing: Writing): (event: React.KeyboardEvent<HTMLElement>) => void {
  return (event) => {
    if (event.nativeEvent.isComposing) return;
    const act = writing.isEditing ? actOf(event, writing) : beginsBy(event.key) ? writing.begin : undefined;
    if (!act) return;
    event.preventDefault();
    act();
  };
}

/** Presses a key that waited, as the browser would have it in a paragraph that is typed in. */
export function pressKey({ key, shiftKey }: Keystroke, words: HTMLElement, writing: Writing): void {
  const act = actOf({ key, shiftKey, currentTarget: words }, writing);
  if (act) act();
  else if (key === 'Backspace') document.execCommand('delete');
  else if (key === 'Delete') document.execCommand('forwardDelete');
  else if (key.length === 1) document.execCommand('insertText', false, key);
  else {
    const isBack = key === 'ArrowLeft' || key === 'ArrowUp' || key === 'Home';
    const step =
      key === 'ArrowUp' || key === 'ArrowDown' ? 'line' : key.startsWith('Arrow') ? 'character' : 'lineboundary';
    getSelection()?.modify(shiftKey ? 'extend' : 'move', isBack ? 'backward' : 'forward', step);
  }
}

/** What matters of the press of a key. */
interface Press {
  readonly key: string;
  readonly shiftKey: boolean;
  readonly altKey?: boolean;
  readonly ctrlKey?: boolean;
  readonly metaKey?: boolean;
  readonly currentTarget: HTMLElement;
  readonly stopPropagation?: () => void;
}

function beginsBy(key: string): boolean {
  return key === 'Enter' || key === 'F2';
}

function actOf(event: Press, { from, goesOn, typed, editor, leave, extendInto }: Writing): (() => void) | undefined {
  const own = event.currentTarget;
  const key = event.key;
  // The bar's own keys would be typed here; from its buttons they are not.
  if (key === 'F10' && event.altKey) return focusPortionBar;
  if (event.ctrlKey || event.metaKey) {
    const letter = key.toLowerCase();
    if (letter !== 'z' && letter !== 'y') return undefined;
    event.stopPropagation?.();
    return () => void typed.save().then(letter === 'y' || event.shiftKey ? editor.redo : editor.undo);
  }
  const text = own.textContent ?? '';
  const selected = selectionIn(own) ?? ([0, 0] as const);
  const [a, b] = [Math.min(...selected), Math.max(...selected)];
  const insert = (start: number, end: number, put: string) => () =>
    void editor.edit(from, { kind: 'insert', text, was: typed.forget(), from: start, to: end, insert: put });
  const join = (side: 'before' | 'behind') => () => void editor.edit(from, { kind: 'join', with: side }, typed.save());
  if (key === 'Escape') return leave;
  if (key === 'Enter') {
    return insert(a, b, event.shiftKey ? NEW_LINE : NEW_PARAGRAPH);
  }
  if (key === 'Backspace' || key === 'Delete') {
    const broken = a === b ? breakAt(text, a, key) : undefined;
    if (broken) return insert(broken.from, broken.to, '');
  }
  if (key === 'Backspace' && b === 0 && !goesOn) return join('before');
  if (key === 'Delete' && a === text.length) return join('behind');
  if (!stepsOut(key, own, a === b || event.shiftKey)) return undefined;
  const isUp = key === 'ArrowUp' || key === 'ArrowLeft';
  const next = neighbourOf(own, isUp ? -1 : 1);
  if (!next) return undefined;
  if (event.shiftKey) return () => extendInto(next, isUp ? 'end' : 'start');
  return () => {
    editor.enterBy(isUp ? 'end' : 'start');
    next.focus();
  };
}
