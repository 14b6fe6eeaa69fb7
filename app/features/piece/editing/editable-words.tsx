import { useCallback, useEffect, useLayoutEffect, useMemo, useRef, useState } from 'react';
import { flushSync } from 'react-dom';
import type { Run } from '../../../../core/index.ts';
import { neighbourOf, stepsOut } from './neighbours.ts';
import { selectIn, selectionIn, toOffset } from './positions.ts';
import type { Editor } from './use-editor.ts';
import { useTyped } from './use-typed.ts';

interface EditableWordsProps {
  /** The element that holds the words. */
  readonly shape: React.ElementType;
  readonly name: string | undefined;
  readonly language: string;
  /** The source range of the row. */
  readonly from: number;
  readonly to: number;
  readonly runs: readonly Run[];
  readonly goesOn: boolean;
  readonly editor: Editor;
  readonly children: React.ReactNode;
}

type Selected = readonly [number, number];

/**
 * A clean paragraph that can be typed in. A click sets the caret; until then it is text like any other, so that a selection may
 * reach over several. While a person types, the element is the browser's; React draws it anew once they are done.
 */
export function EditableWords(props: EditableWordsProps) {
  const { shape: Shape, runs, from, to, goesOn, editor } = props;
  const element = useRef<HTMLElement>(null);
  const [isEditing, setEditing] = useState(false);
  const wanted = useRef<Selected>(undefined);
  const text = useMemo(() => runs.map((run) => run.text).join(''), [runs]);
  const save = useCallback(
    (now: string, was: string) => editor.edit(from, { kind: 'text', text: now, was }),
    [editor, from],
  );
  const typed = useTyped(element, text, runs, save, wanted);

  const begin = (selected: Selected) => {
    wanted.current = selected;
    setEditing(true);
  };

  useLayoutEffect(() => {
    if (!isEditing || !wanted.current || !element.current) return;
    element.current.focus({ preventScroll: true });
    selectIn(element.current, wanted.current);
    wanted.current = undefined;
    const early = editor.takeTyped();
    // The one way to type for a person that every browser takes for typing.
    if (early) document.execCommand('insertText', false, early);
  }, [isEditing, typed.generation, runs, editor]);

  useEffect(() => {
    const source = editor.arrive(from, to);
    if (source === undefined) return;
    const at = toOffset(runs, source);
    wanted.current ??= [at, at];
    setEditing(true);
  }, [editor, runs, from, to]);

  const onKeyDown = (event: React.KeyboardEvent<HTMLElement>) => {
    const own = event.currentTarget;
    if (event.nativeEvent.isComposing) return;
    if (!isEditing) {
      if (event.key !== 'Enter' && event.key !== 'F2') return;
      event.preventDefault();
      begin([0, 0]);
      return;
    }
    const [a, b] = selectionIn(own) ?? [0, 0];
    const isCaret = a === b;
    const act = () => event.preventDefault();
    if (event.ctrlKey || event.metaKey) {
      const key = event.key.toLowerCase();
      if (key !== 'z' && key !== 'y') return;
      act();
      event.stopPropagation();
      void typed.save().then(key === 'y' || event.shiftKey ? editor.redo : editor.undo);
    } else if (event.key === 'Escape') {
      act();
      setEditing(false);
      own.blur();
      own.focus({ preventScroll: true });
    } else if (event.key === 'Enter') {
      act();
      split(Math.min(a, b), Math.max(a, b), event.shiftKey ? 'lines' : 'paragraphs');
    } else if (event.key === 'Backspace' && isCaret && a === 0 && !goesOn) {
      act();
      join('before');
    } else if (event.key === 'Delete' && isCaret && a === (own.textContent?.length ?? 0)) {
      act();
      join('behind');
    } else if (stepsOut(event.key, own, isCaret)) {
      const isUp = event.key === 'ArrowUp' || event.key === 'ArrowLeft';
      const next = neighbourOf(own, isUp ? -1 : 1);
      if (!next) return;
      act();
      editor.enterBy(isUp ? 'end' : 'start');
      next.focus();
    }
  };

  const split = (a: number, b: number, into: 'paragraphs' | 'lines') => {
    const now = element.current?.textContent ?? '';
    if (a === b && !typed.isUnsaved()) {
      const apart = into === 'lines' ? 1 : 2;
      wanted.current = [a + apart, a + apart];
      void editor.edit(from, { kind: 'split', text: now, offset: a, into }, true);
      return;
    }
    const apart = into === 'lines' ? '\n' : '\n\n';
    const before = now.slice(0, a).trimEnd() + apart;
    wanted.current = [before.length, before.length];
    const was = typed.forget();
    void editor.edit(from, { kind: 'text', text: before + now.slice(b).trimStart(), was }, true);
  };

  const join = (side: 'before' | 'behind') => {
    void typed.save().then(() => editor.edit(from, { kind: 'join', with: side }, true));
  };

  return (
    <Shape
      key={typed.generation}
      ref={element}
      data-words={from}
      data-kind={props.name}
      data-editing={isEditing || undefined}
      lang={props.language || undefined}
      tabIndex={0}
      {...(isEditing && { role: 'textbox', 'aria-multiline': true, 'aria-label': 'Words of this paragraph' })}
      contentEditable={isEditing ? 'plaintext-only' : undefined}
      suppressContentEditableWarning
      spellCheck
      onPointerDown={(event: React.PointerEvent) => {
        // A selection that begins here may leave the paragraph only while it is not being typed in.
        if (event.button === 0 && isEditing) flushSync(() => setEditing(false));
      }}
      onClick={(event: React.MouseEvent<HTMLElement>) => {
        const isAsked = !isEditing && event.target instanceof Element && event.target.closest('[data-edit]');
        const selected = isAsked ? undefined : selectionIn(event.currentTarget);
        if (selected) begin(selected);
      }}
      onFocus={(event: React.FocusEvent<HTMLElement>) => {
        const end = editor.entry();
        if (end === undefined || isEditing) return;
        editor.enterBy(undefined);
        const at = end === 'start' ? 0 : (event.currentTarget.textContent?.length ?? 0);
        begin([at, at]);
      }}
      onBlur={(event: React.FocusEvent<HTMLElement>) => {
        typed.finish();
        if (document.activeElement !== event.currentTarget) setEditing(false);
      }}
      onInput={() => typed.onInput(props.children)}
      onCompositionStart={() => typed.onComposing(true)}
      onCompositionEnd={() => typed.onComposing(false)}
      onKeyDown={onKeyDown}
    >
      {typed.held ?? props.children}
    </Shape>
  );
}
