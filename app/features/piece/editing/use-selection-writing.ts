import { useCallback, useEffect, useRef, useState } from 'react';
import { NEW_PARAGRAPH, type RowPlan } from '../../../../core/index.ts';
import type { CleanClient } from '../../../../worker/client.ts';
import { TYPED_IN } from '../../../ui/typed-in.ts';
import type { Selected } from '../portion/selected.ts';
import { isWide, wholeText } from '../portion/spots.ts';
import { copyBetween } from '../state/copying.ts';
import { pastedText } from './pasted.ts';
import type { Editor } from './use-editor.ts';

/** Where keys have a meaning of their own. */
const ELSEWHERE = `${TYPED_IN}, [role="dialog"], [role="menu"], [role="toolbar"]`;

interface SelectionWriting {
  /** What is selected: in the columns, or the whole clean text. */
  readonly selected: Selected | undefined;
  readonly isAll: boolean;
  /** What is typed stands in the place of what is selected, and no letter is a command. */
  readonly isTypedOver: boolean;
}

/**
 * Cuts, deletes, types and pastes over what is selected in the clean text where no paragraph is being typed in: over several
 * paragraphs, or all of it. Ctrl or Cmd and A selects all. Enter makes the selection one that is typed over; one that began while
 * a person typed is such from the start.
 */
export function useSelectionWriting(
  read: Selected | undefined,
  plan: RowPlan,
  client: CleanClient,
  editor: Editor,
  scroller: React.RefObject<HTMLElement | null>,
): SelectionWriting {
  const [isAll, setAll] = useState(false);
  const [isTypedOver, setTypedOver] = useState(false);
  const selected = (isAll ? wholeText(plan) : undefined) ?? read;
  const spots = selected?.spots;
  const now = useRef({ selected, isAll, isTypedOver, plan });
  now.current = { selected, isAll, isTypedOver, plan };
  const hasSpots = spots !== undefined;
  useEffect(() => {
    if (!hasSpots) setTypedOver(false);
  }, [hasSpots]);
  useEffect(() => editor.onReachOut(() => setTypedOver(true)), [editor]);

  const replace = useCallback(
    (insert: string) => {
      const [from, to] = now.current.selected?.spots ?? [];
      if (!from || !to) return;
      setAll(false);
      setTypedOver(false);
      getSelection()?.removeAllRanges();
      void editor.edit(from.row, { kind: 'replace', from: from.offset, to, insert });
    },
    [editor],
  );

  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.defaultPrevented || event.altKey || event.isComposing) return;
      const target = event.target instanceof Element ? event.target : undefined;
      if (target?.closest(ELSEWHERE)) return;
      const act = actOf(event, target?.closest('[data-editing]') !== null);
      if (!act) return;
      event.preventDefault();
      event.stopPropagation();
      act();
    };
    const selectAll = (wasTyping: boolean) => {
      if (!wholeText(now.current.plan)) return;
      (document.activeElement as HTMLElement | null)?.blur();
      getSelection()?.removeAllRanges();
      setAll(true);
      setTypedOver(wasTyping);
      scroller.current?.focus({ preventScroll: true });
    };
    const actOf = (event: KeyboardEvent, isTyping: boolean): (() => void) | undefined => {
      const { selected: chosen, isAll: all, isTypedOver: over } = now.current;
      const key = event.key.toLowerCase();
      if (event.ctrlKey || event.metaKey) {
        if (key === 'a' && !event.shiftKey) return () => selectAll(isTyping);
        if (isTyping || !chosen?.spots) return undefined;
        const { spots: cut } = chosen;
        if (key === 'c' && all) return () => copyBetween(client, cut);
        if (key !== 'x') return undefined;
        return () => {
          copyBetween(client, cut);
          replace('');
        };
      }
      if (isTyping || !chosen?.spots) return undefined;
      if (event.key === 'Delete' || event.key === 'Backspace') return () => replace('');
      if (event.key === 'Escape' && (all || over)) {
        return () => {
          setAll(false);
          setTypedOver(false);
        };
      }
      if (event.key === 'Enter' && (all || isWide(chosen.spots)))
        return over ? () => replace(NEW_PARAGRAPH) : () => setTypedOver(true);
      if (over && [...event.key].length === 1) return () => replace(event.key);
      return undefined;
    };
    const onPaste = (event: ClipboardEvent) => {
      const target = event.target instanceof Element ? event.target : undefined;
      if (!now.current.selected?.spots || !event.clipboardData || target?.closest(`${ELSEWHERE}, [data-editing]`))
        return;
      const text = pastedText(event.clipboardData);
      if (text === '') return;
      event.preventDefault();
      event.stopPropagation();
      replace(text);
    };
    // A press begins another selection, or none.
    const onPress = (event: PointerEvent) => {
      if (event.target instanceof Element && event.target.closest('[role="toolbar"], [role="menu"]')) return;
      setAll(false);
      setTypedOver(false);
    };
    document.addEventListener('keydown', onKey, true);
    document.addEventListener('paste', onPaste, true);
    document.addEventListener('pointerdown', onPress);
    return () => {
      document.removeEventListener('keydown', onKey, true);
      document.removeEventListener('paste', onPaste, true);
      document.removeEventListener('pointerdown', onPress);
    };
  }, [client, replace, scroller]);

  return { selected, isAll, isTypedOver };
}
