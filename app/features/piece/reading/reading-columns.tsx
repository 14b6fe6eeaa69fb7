import { defaultRangeExtractor, useVirtualizer } from '@tanstack/react-virtual';
import { memo, useCallback, useDeferredValue, useEffect, useLayoutEffect, useRef, useState } from 'react';
import { type Place, type RowPlan, type SeamView } from '../../../../core/index.ts';
import { home } from '../../../ui/focus-home.tsx';
import { stopAt } from './stops.ts';
import { layoutColumns, rowHeight } from './column-layout.ts';
import type { EditAsked } from '../menus/edit-popup.tsx';
import type { Editor } from '../editing/use-editor.ts';
import { Key } from '../keys/key.tsx';
import { FOLDED_FROM_SHARE } from './line-folds.ts';
import { OverviewRibbon } from './overview-ribbon.tsx';
import type { Selected } from '../portion/selected.ts';
import { useSelected } from '../portion/use-selected.ts';
import { Area, CapLink, Caps, CapToggle, MeasureRule, Nothing, RowPlace, Scroller, Sheet } from './reading-frame.tsx';
import { ReadingRow } from './reading-row.tsx';
import { sourceAdvance, useSourceFace } from './source-advance.ts';
import type { Ready } from '../state/use-cleaning.ts';
import type { PlaceKeeper } from '../state/place-keeper.ts';
import { useGoing, useReturning, type GoTo } from './use-going.ts';
import { useRows } from './use-rows.ts';

interface ReadingColumnsProps {
  readonly ready: Ready;
  readonly lit: string | undefined;
  /** The place that is being shown. */
  readonly shown: Place | undefined;
  /** The place that the view goes to, each time that it is another, or called for anew. */
  readonly goTo: GoTo | undefined;
  /** Where the person was, to come back to: the first row in sight. */
  readonly place: PlaceKeeper;
  /** Moves the focus through the line ends, or the changes. */
  readonly step: (selector: string, direction: 1 | -1) => void;
  /** Hidden characters show as signs. */
  readonly isSigned: boolean;
  readonly onSign: (isSigned: boolean) => void;
  /** Where the clean text is read alone. */
  readonly readAt: string;
  readonly editor: Editor;
  /** What calls the passes where there is no room for them beside the text. */
  readonly passes: React.ReactNode;
  /** Gives the columns to those that move in them. */
  readonly scroller: React.RefObject<HTMLDivElement | null>;
  /** The whole clean text is selected, the rows out of sight as well. */
  readonly isAllSelected: boolean;
  readonly onSelect: (selected: Selected | undefined) => void;
  readonly onAskEdit: (asked: EditAsked) => void;
  readonly onTakeBack: (from: number, to: number) => void;
  readonly onAskSeam: (seam: SeamView, anchor: Element) => void;
}

/** Source, ribbon and clean text in rows that scroll as one; only the rows in sight exist. */
export const ReadingColumns = memo(function ReadingColumns(props: ReadingColumnsProps) {
  const { ready, lit, shown, goTo, step, editor, scroller, onSelect, onAskEdit, onTakeBack, onAskSeam } = props;
  const width = useWidth(scroller);
  const { summary, plan } = ready;
  const folds = summary.leaving >= FOLDED_FROM_SHARE;
  useSourceFace();
  const layout = layoutColumns(width, summary.measure, folds ? summary.leaving : 0, sourceAdvance);
  /** The row that is typed in, or where a selection began: it stays when it leaves the sight. */
  const pinned = useRef<number>(undefined);
  // What is in sight comes first, what is near it in a turn of its own.
  const overscan = useDeferredValue(width > 0 ? OVERSCAN : 0);
  const virtualizer = useVirtualizer({
    count: plan.count,
    getScrollElement: () => scroller.current,
    estimateSize: (row) => rowHeight(plan, row, layout),
    getItemKey: (row) => plan.from[row]!,
    overscan,
    rangeExtractor: (range) => withPinned(defaultRangeExtractor(range), pinned.current, plan.count),
    enabled: width > 0,
  });
  const items = virtualizer.getVirtualItems();
  const first = Math.max(0, (virtualizer.range?.startIndex ?? 0) - OVERSCAN);
  const last = Math.min(plan.count - 1, (virtualizer.range?.endIndex ?? -1) + OVERSCAN);
  // Before the columns have a width there is nowhere to go.
  useGoing(width > 0 ? goTo : undefined, virtualizer, plan, scroller);
  useReturning(props.place, width > 0 && goTo === undefined, virtualizer, plan);
  const viewOf = useRows(ready, first, last);
  const selected = useSelected(scroller, viewOf);
  const showRow = useCallback((row: number) => virtualizer.scrollToIndex(row, { align: 'center' }), [virtualizer]);
  // At once: a key that follows is meant for it.
  useLayoutEffect(() => onSelect(selected), [selected, onSelect]);
  const sizes = {
    '--source': `${layout.source}px`,
    '--ribbon-width': `${layout.ribbon}px`,
    '--source-size': `${layout.sourceFont}px`,
  } as React.CSSProperties;
  return (
    <Area style={sizes} data-stacked={layout.isStacked || undefined}>
      <ColumnHeads passes={props.passes} isSigned={props.isSigned} onSign={props.onSign} readAt={props.readAt} />
      <Scroller
        ref={scroller}
        tabIndex={0}
        {...home}
        role="region"
        aria-label="Source and clean text"
        data-all={props.isAllSelected || undefined}
        onPointerDown={(event) => {
          const target = event.target as Element;
          // A selection stays in the column that it began in.
          event.currentTarget.dataset['selecting'] =
            target.closest<HTMLElement>('[data-column]')?.dataset['column'] ?? '';
          pinned.current = rowOf(target);
        }}
        onFocus={(event) => (pinned.current = rowOf(event.target))}
        onClick={(event) => askAbout(event.target as Element, onAskEdit)}
        onKeyDown={(event) => {
          if (event.key === 'Enter') askAbout(event.target as Element, onAskEdit);
          if (stopAt(event, step)) event.preventDefault();
        }}
      >
        <Sheet style={{ height: virtualizer.getTotalSize() }}>
          {layout.measureAt !== undefined && (
            <MeasureRule
              style={{ left: layout.measureAt }}
              title={`The measure: about ${summary.measure} characters`}
            />
          )}
          {items.map((item) => (
            <RowPlace
              key={item.key}
              data-index={item.index}
              data-row-from={plan.from[item.index]}
              data-row-to={plan.to[item.index]}
              ref={virtualizer.measureElement}
              style={{ transform: `translateY(${item.start}px)` }}
            >
              <ReadingRow
                view={viewOf(item.index)}
                kind={plan.kind[item.index]!}
                tint={item.index % 2}
                goesOn={plan.goesOn[item.index] === 1}
                height={item.size}
                lit={lit}
                shown={shown && overlapsRow(plan, item.index, shown) ? shown : undefined}
                language={summary.language}
                isSigned={props.isSigned}
                folds={folds}
                editor={editor}
                onTakeBack={onTakeBack}
                onAskSeam={onAskSeam}
              />
            </RowPlace>
          ))}
        </Sheet>
        {plan.count === 0 && <Nothing>There is nothing to show.</Nothing>}
      </Scroller>
      <OverviewRibbon plan={plan} first={first} last={last} onGoTo={showRow} />
    </Area>
  );
});

/** What stands above the columns. */
const ColumnHeads = memo(function ColumnHeads(
  props: Pick<ReadingColumnsProps, 'passes' | 'isSigned' | 'onSign' | 'readAt'>,
) {
  return (
    <Caps>
      <span>
        {props.passes}
        <span aria-hidden="true">Source</span>
      </span>
      <span />
      <span>
        <span aria-hidden="true">Clean text</span>
        <CapToggle isSelected={props.isSigned} onChange={props.onSign}>
          Hidden characters <Key of="hidden" />
        </CapToggle>
        <CapLink to={props.readAt}>
          Read alone <Key of="read" />
        </CapLink>
      </span>
    </Caps>
  );
});

const OVERSCAN = 3;

function withPinned(rows: number[], pinned: number | undefined, count: number): number[] {
  if (pinned === undefined || pinned >= count || rows.length === 0 || rows.includes(pinned)) return rows;
  return [...rows, pinned].sort((a, b) => a - b);
}

function rowOf(element: Element): number | undefined {
  const row = element.closest<HTMLElement>('[data-index]')?.dataset['index'];
  return row === undefined ? undefined : Number(row);
}

/** Asks about a change that was clicked at, if nothing was selected by it. */
function askAbout(target: Element, onAskEdit: (asked: EditAsked) => void): void {
  const edit = target.closest<HTMLElement>('[data-edit]');
  if (!edit || target.closest('[data-editing]') || getSelection()?.isCollapsed === false) return;
  onAskEdit({ place: { from: Number(edit.dataset['at']), to: Number(edit.dataset['to']) }, anchor: edit });
}

function overlapsRow({ from, to }: RowPlan, row: number, place: Place): boolean {
  return place.from < to[row]! && place.to >= from[row]!;
}

function useWidth(ref: React.RefObject<HTMLElement | null>): number {
  const [width, setWidth] = useState(0);
  useEffect(() => {
    const element = ref.current;
    if (!element) return undefined;
    const observer = new ResizeObserver(() => setWidth(element.clientWidth));
    observer.observe(element);
    return () => observer.disconnect();
  }, [ref]);
  return width;
}
