import { useCallback, useEffect, useLayoutEffect, useMemo, useReducer, useRef, useState } from 'react';
import { flushSync } from 'react-dom';
import type { Run } from '../../../../core/index.ts';
import { pastedText } from './pasted.ts';
import { selectAcross, selectIn, selectionIn, toOffset } from './positions.ts';
import type { Editor, Keystroke } from './use-editor.ts';
import { useTyped } from './use-typed.ts';
import { pressKey, writingKeys, type Writing } from './writing-keys.ts';

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
 * A clean paragraph that can be typed in. A click sets the caret, two or three take a word or all to be typed over; what is
 * dragged over is a selection like any other, which may reach over several paragraphs, and no key types over it. While a person
 * types, the element is the browser's; React draws it anew once they are done.
 */
export function EditableWords(props: EditableWordsProps) {
  const { shape: Shape, runs, from, to, goesOn, editor } = props;
  const element = useRef<HTMLElement>(null);
  const [isEditing, setEditing] = useState(false);
  /** Grows when the caret must be set anew. */
  const [drawn, draw] = useReducer((count: number) => count + 1, 0);
  const wanted = useRef<Selected>(undefined);
  const text = useMemo(() => runs.map((run) => run.text).join(''), [runs]);
  const save = useCallback(
    (now: string, was: string) => editor.edit(from, { kind: 'text', text: now, was }),
    [editor, from],
  );
  const note = useCallback((now: string, was: string) => editor.note({ row: from, text: now, was }), [editor, from]);
  const typed = useTyped(element, text, runs, save, note, wanted);

  const begin = (selected: Selected) => {
    wanted.current = selected;
    setEditing(true);
  };

  const press = useRef<(key: Keystroke) => boolean>(() => false);
  useLayoutEffect(
    () =>
      isEditing
        ? editor.takeKeys(
            (key) => press.current(key),
            () => setEditing(false),
          )
        : undefined,
    [isEditing, editor],
  );
  useLayoutEffect(() => {
    if (!isEditing || !wanted.current || !element.current) return;
    element.current.focus({ preventScroll: true });
    selectIn(element.current, wanted.current);
    wanted.current = undefined;
    editor.stand(element);
  }, [isEditing, typed.generation, drawn, editor]);

  useEffect(() => {
    const arrival = editor.arrive({ from, to, text }, element);
    if (!arrival) return;
    const at = 'offset' in arrival ? arrival.offset : toOffset(runs, arrival.source);
    wanted.current = [at, at];
    setEditing(true);
    draw();
  }, [editor, runs, from, to, text]);

  const writing: Writing = {
    from,
    goesOn,
    isEditing,
    typed,
    editor,
    begin: () => begin((element.current && selectionIn(element.current)) ?? [0, 0]),
    leave: () => {
      setEditing(false);
      element.current?.blur();
      element.current?.focus({ preventScroll: true });
    },
    extendInto: (words, to) => {
      const [anchor] = (element.current && selectionIn(element.current)) ?? [0];
      // Done before the selection is set: what is drawn anew loses it.
      flushSync(() => {
        setEditing(false);
        element.current?.blur();
      });
      if (!element.current) return;
      element.current.focus({ preventScroll: true });
      // A selection stays in the column that it began in.
      element.current.closest<HTMLElement>('[role="region"]')?.setAttribute('data-selecting', 'clean');
      selectAcross(element.current, anchor, words, to);
      editor.reachOut();
    },
  };

  press.current = (key) => {
    // A key before it may have led elsewhere: there it goes on.
    const now = element.current;
    if (!now || document.activeElement !== now) return false;
    pressKey(key, now, writing);
    return true;
  };

  // A line feed at the very end makes no line without it, and the browser takes it for its own.
  const drawnWords = (
    <>
      {props.children}
      {text.endsWith('\n') && <br />}
    </>
  );
  return (
    <Shape
      key={typed.generation}
      ref={element}
      data-words={from}
      data-kind={props.name}
      data-editing={isEditing || undefined}
      lang={props.language || undefined}
      tabIndex={isEditing ? 0 : -1}
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
        if (isAsked) return;
        // The browser takes the third click of a row for the paragraph and the beginning of what follows.
        const selected = event.detail > 2 ? ([0, text.length] as const) : selectionIn(event.currentTarget);
        const isCaret = selected?.[0] === selected?.[1];
        if (selected && (isCaret || event.detail > 1)) begin(selected);
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
      onPaste={(event: React.ClipboardEvent<HTMLElement>) => {
        const pasted = pastedText(event.clipboardData);
        const selected = selectionIn(event.currentTarget);
        // The browser pastes words; new paragraphs are a matter of the cleaning.
        if (!isEditing || !selected || !pasted.includes('\n')) return;
        event.preventDefault();
        const now = event.currentTarget.textContent ?? '';
        const [a, b] = [Math.min(...selected), Math.max(...selected)];
        void editor.edit(from, { kind: 'insert', text: now, was: typed.forget(), from: a, to: b, insert: pasted });
      }}
      onInput={() => typed.onInput(drawnWords)}
      onCompositionStart={() => typed.onComposing(true)}
      onCompositionEnd={() => typed.onComposing(false)}
      onKeyDown={writingKeys(writing)}
    >
      {typed.held ?? drawnWords}
    </Shape>
  );
}
