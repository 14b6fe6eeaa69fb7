import { useVirtualizer } from '@tanstack/react-virtual';
import { useEffect, useId, useRef, useState } from 'react';
import { styled } from 'styled-components';
import { faces, WORD_SPACING } from '../../../ui/theme.ts';
import { isHidden, keyWords } from './concordance-words.ts';

const LINE_HEIGHT = 30;

interface ConcordanceListProps {
  readonly label: string;
  readonly count: number;
  readonly empty: React.ReactNode;
  /** Draws the cells of one line. */
  readonly renderLine: (at: number) => React.ReactNode;
  readonly isTicked: (at: number) => boolean;
  readonly onTick: (at: number) => void;
  /** Enter, or a double press: go to the place in the text. */
  readonly onGo: (at: number) => void;
  /** Other keys; true where the key meant something. `next` goes on to the line below. */
  readonly onKey: (key: string, at: number, next: () => void) => boolean;
  readonly onSight: (first: number, last: number) => void;
}

/** Lines of a concordance: only those in sight exist, one of them is the active one, and the keys work on it. */
export function ConcordanceList(props: ConcordanceListProps) {
  const { label, count, renderLine, isTicked, onTick, onGo, onKey, onSight } = props;
  const id = useId();
  const scroller = useRef<HTMLDivElement>(null);
  const [wanted, setActive] = useState(0);
  const active = Math.min(wanted, Math.max(0, count - 1));
  const virtualizer = useVirtualizer({
    count,
    getScrollElement: () => scroller.current,
    estimateSize: () => LINE_HEIGHT,
    overscan: 6,
  });
  const items = virtualizer.getVirtualItems();
  const first = items[0]?.index ?? 0;
  const last = items.at(-1)?.index ?? -1;
  useEffect(() => onSight(first, last), [onSight, first, last]);

  const moveTo = (at: number) => {
    const next = Math.min(count - 1, Math.max(0, at));
    setActive(next);
    virtualizer.scrollToIndex(next);
  };
  const onKeyDown = (event: React.KeyboardEvent) => {
    if (count === 0 || event.ctrlKey || event.metaKey || event.altKey) return;
    const page = Math.max(1, Math.floor((scroller.current?.clientHeight ?? LINE_HEIGHT) / LINE_HEIGHT) - 1);
    const moves: Readonly<Record<string, number>> = {
      ArrowDown: active + 1,
      ArrowUp: active - 1,
      PageDown: active + page,
      PageUp: active - page,
      Home: 0,
      End: count - 1,
    };
    const to = moves[event.key];
    if (to !== undefined) moveTo(to);
    else if (event.key === ' ') onTick(active);
    else if (event.key === 'Enter') onGo(active);
    else if (!onKey(event.key.toLowerCase(), active, () => moveTo(active + 1))) return;
    event.preventDefault();
  };

  if (count === 0) return <Empty>{props.empty}</Empty>;
  return (
    <Scroller
      ref={scroller}
      role="grid"
      tabIndex={0}
      aria-label={label}
      aria-rowcount={count}
      aria-multiselectable="true"
      aria-activedescendant={active >= first && active <= last ? `${id}-${active}` : undefined}
      onKeyDown={onKeyDown}
    >
      <Sheet role="presentation" style={{ height: virtualizer.getTotalSize() }}>
        {items.map(({ index, start }) => (
          <Line
            key={index}
            id={`${id}-${index}`}
            role="row"
            aria-rowindex={index + 1}
            aria-selected={isTicked(index)}
            data-active={index === active || undefined}
            style={{ transform: `translateY(${start}px)` }}
            onPointerDown={() => setActive(index)}
            onDoubleClick={() => onGo(index)}
          >
            {renderLine(index)}
          </Line>
        ))}
      </Sheet>
    </Scroller>
  );
}

const Scroller = styled.div`
  flex: 1;
  min-height: 0;
  overflow: auto;
  scrollbar-width: thin;
  scrollbar-color: var(--line) transparent;
  outline: none;
`;

const Sheet = styled.div`
  position: relative;
`;

const Line = styled.div`
  position: absolute;
  inset: 0 0 auto;
  height: ${LINE_HEIGHT}px;
  display: grid;
  grid-template-columns: 30px 52px minmax(0, 1fr) minmax(0, 1.5fr) 168px 118px;
  align-items: center;
  border-bottom: 1px solid color-mix(in srgb, var(--line) 45%, transparent);
  font-size: 13px;
  &[data-active] {
    background: var(--hover);
  }
  ${Scroller}:focus-visible &[data-active] {
    box-shadow: inset 3px 0 var(--ribbon);
    background: var(--chosen);
  }
`;

const Empty = styled.div`
  flex: 1;
  padding: 26px 20px;
  color: var(--soft);
  max-width: 60ch;
`;

/** The place of a line in the source. */
export const LineNumber = styled.span`
  text-align: right;
  padding-right: 12px;
  font: 11px ${faces.source};
  color: var(--faint);
`;

/** The words before the key, against its left edge; of long ones the end is seen. */
export const Before = styled.span`
  display: flex;
  justify-content: flex-end;
  overflow: hidden;
  white-space: pre;
  font-family: ${faces.reading};
  word-spacing: ${WORD_SPACING};
  color: var(--soft);
`;

/** The key and the words after it. */
export const After = styled.span`
  overflow: hidden;
  white-space: pre;
  text-overflow: ellipsis;
  font-family: ${faces.reading};
  word-spacing: ${WORD_SPACING};
  color: var(--soft);
  del {
    color: var(--gone);
    background: var(--gone-back);
    border-radius: 3px;
    text-decoration-color: var(--gone);
  }
  /* Signs for what cannot be seen are small: a stroke through them would hide them. */
  [data-hidden] {
    font-size: 18px;
    line-height: 1;
    text-decoration: none;
    padding: 0 1px;
  }
  ins {
    color: var(--go);
    background: var(--ribbon-a);
    border-radius: 3px;
    text-decoration: none;
    font-weight: 600;
  }
  mark {
    color: var(--ink);
    background: var(--lit);
    border-radius: 3px;
    font-weight: 600;
  }
  /* Stet: dots under what stands, as proof-readers put them. */
  i {
    font-style: normal;
    color: var(--ink);
    text-decoration: underline dotted 2px var(--ribbon);
    text-underline-offset: 3px;
  }
`;

/** What goes, or what comes. */
export function Changed({ as: Element, text }: { readonly as: 'del' | 'ins'; readonly text: string }) {
  return <Element data-hidden={isHidden(text) || undefined}>{keyWords(text)}</Element>;
}

/** What did it, and small notes. */
export const Note = styled.span`
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
  padding: 0 8px;
  color: var(--soft);
  font-size: 12.5px;
`;

/** A box to tick, reached by the keys of the list and not by Tab. */
export function Tick({ label, isOn, onChange }: { label: string; isOn: boolean; onChange: () => void }) {
  return (
    <Box role="gridcell">
      <input type="checkbox" tabIndex={-1} aria-label={label} checked={isOn} onChange={onChange} />
    </Box>
  );
}

const Box = styled.span`
  display: grid;
  place-items: center;
  input {
    accent-color: var(--ribbon);
    margin: 0;
  }
`;
