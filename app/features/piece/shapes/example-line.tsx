import { useRef, useState } from 'react';
import { styled } from 'styled-components';
import type { Part } from '../../../../core/index.ts';
import { faces } from '../../../ui/theme.ts';

interface ExampleLineProps {
  readonly label: string;
  readonly line: string;
  readonly bits: readonly Part[];
  readonly marked: ReadonlySet<number>;
  /** What is drawn takes the place of a guess. */
  readonly isGuess: boolean;
  readonly onMark: (marked: ReadonlySet<number>) => void;
}

/**
 * A line on which a person marks what to keep: by drawing over it, by pressing bits, or with arrow keys, Space, and Shift to mark on
 * the way.
 */
export function ExampleLine({ label, line, bits, marked, isGuess, onMark }: ExampleLineProps) {
  const [focused, setFocused] = useState(0);
  const drawing = useRef<{
    readonly from: number;
    readonly marks: boolean;
    readonly before: ReadonlySet<number>;
    readonly wasGuess: boolean;
  }>(undefined);
  const list = useRef<HTMLDivElement>(null);
  const draw = (to: number) => {
    const now = drawing.current;
    if (!now) return;
    const isDrawn = to !== now.from;
    const marks = now.marks || (isDrawn && now.wasGuess);
    const next = new Set(isDrawn && now.wasGuess ? [] : now.before);
    for (let at = Math.min(now.from, to); at <= Math.max(now.from, to); at++) {
      if (marks) next.add(at);
      else next.delete(at);
    }
    onMark(next);
  };
  const begin = (at: number) => {
    drawing.current = { from: at, marks: !marked.has(at), before: marked, wasGuess: isGuess };
    setFocused(at);
    draw(at);
  };
  const goTo = (at: number, marks: boolean) => {
    const to = Math.max(0, Math.min(bits.length - 1, at));
    if (marks) onMark(new Set([...marked, focused, to]));
    setFocused(to);
    list.current?.querySelectorAll<HTMLElement>('[role=option]')[to]?.focus();
  };
  const onKeyDown = (event: React.KeyboardEvent) => {
    const step = { ArrowRight: 1, ArrowLeft: -1, ArrowDown: 1, ArrowUp: -1 }[event.key];
    if (step !== undefined) goTo(focused + step, event.shiftKey);
    else if (event.key === 'Home') goTo(0, false);
    else if (event.key === 'End') goTo(bits.length - 1, false);
    else if (event.key === ' ' || event.key === 'Enter') {
      const next = new Set(marked);
      if (!next.delete(focused)) next.add(focused);
      onMark(next);
    } else return;
    event.preventDefault();
    event.stopPropagation();
  };
  return (
    <Line
      ref={list}
      role="listbox"
      aria-label={label}
      aria-multiselectable
      aria-orientation="horizontal"
      onKeyDown={onKeyDown}
      onPointerUp={() => (drawing.current = undefined)}
      onPointerLeave={() => (drawing.current = undefined)}
    >
      {bits.map(({ from, to }, at) => {
        const gap = line.slice(bits[at - 1]?.to ?? 0, from);
        const runsOn = marked.has(at) && marked.has(at - 1);
        return (
          <span key={at} role="presentation">
            {gap !== '' && <Gap data-kept={runsOn || undefined}>{gap.replace(/\t/g, '   ')}</Gap>}
            <Bit
              role="option"
              aria-selected={marked.has(at)}
              data-kept={marked.has(at) || undefined}
              data-begins={(marked.has(at) && !marked.has(at - 1)) || undefined}
              data-ends={(marked.has(at) && !marked.has(at + 1)) || undefined}
              tabIndex={at === focused ? 0 : -1}
              onPointerDown={(event) => {
                event.currentTarget.releasePointerCapture?.(event.pointerId);
                begin(at);
              }}
              onPointerEnter={(event) => event.buttons === 1 && draw(at)}
              onFocus={() => setFocused(at)}
            >
              {line.slice(from, to)}
            </Bit>
          </span>
        );
      })}
    </Line>
  );
}

const Line = styled.div`
  font: 17px/1.9 ${faces.source};
  color: var(--soft);
  white-space: pre-wrap;
  overflow-wrap: anywhere;
  user-select: none;
  touch-action: pan-y;
`;

const Gap = styled.span`
  padding: 5px 0;
  &[data-kept] {
    background: var(--chosen);
    box-shadow: inset 0 -2px var(--ribbon);
  }
`;

const Bit = styled.span`
  padding: 5px 0;
  cursor: pointer;
  &:hover {
    color: var(--ink);
    text-decoration: underline dotted 1.5px;
    text-underline-offset: 5px;
  }
  &[data-kept] {
    color: var(--ink);
    background: var(--chosen);
    box-shadow: inset 0 -2px var(--ribbon);
    text-decoration: none;
  }
  &[data-begins] {
    border-radius: 6px 0 0 6px;
    padding-left: 3px;
    margin-left: -3px;
  }
  &[data-ends] {
    border-radius: 0 6px 6px 0;
    padding-right: 3px;
    margin-right: -3px;
  }
  &[data-begins][data-ends] {
    border-radius: 6px;
  }
  &:focus-visible {
    outline: 2px solid var(--ribbon);
    outline-offset: 1px;
  }
  @media (forced-colors: active) {
    &[data-kept] {
      background: Highlight;
      color: HighlightText;
      forced-color-adjust: none;
    }
  }
`;
