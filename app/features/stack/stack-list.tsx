import { useVirtualizer } from '@tanstack/react-virtual';
import { useRef } from 'react';
import { VisuallyHidden } from 'react-aria-components';
import { styled } from 'styled-components';
import type { StackFile } from '../../../storage/stack.ts';
import { useOneStop } from '../../ui/one-stop.ts';
import { ROW_HEIGHT, StackRow, rowGrid } from './stack-row.tsx';
import type { Sort, SortKey } from './stack-view.ts';

interface StackListProps {
  readonly files: readonly StackFile[];
  readonly working: ReadonlySet<number>;
  readonly sort: Sort;
  readonly onSort: (sort: Sort) => void;
  readonly onOpen: (file: StackFile) => Promise<void>;
  readonly onRetry: (file: StackFile) => void;
  readonly onRemove: (file: StackFile) => void;
}

const COLUMNS: readonly (readonly [SortKey, string])[] = [
  ['name', 'File'],
  ['words', 'Words'],
  ['removed', 'Removed'],
  ['questions', 'Questions'],
  ['time', 'Time'],
];

/** The files, a row each; only those in sight exist. A press on the head of a column puts them in its order. */
export function StackList({ files, working, sort, onSort, onOpen, onRetry, onRemove }: StackListProps) {
  const scroller = useRef<HTMLDivElement>(null);
  useOneStop(scroller);
  const virtualizer = useVirtualizer({
    count: files.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => ROW_HEIGHT,
    overscan: 8,
    getItemKey: (at) => files[at]!.id,
  });
  const press = (key: SortKey) => {
    // Figures begin with the largest; a third press gives the order in which the files came.
    const first = key !== 'name';
    if (sort.key !== key) onSort({ key, isDown: first });
    else onSort(sort.isDown === first ? { key, isDown: !first } : { key: 'order', isDown: false });
  };
  return (
    <Table role="table" aria-label="Files" aria-rowcount={files.length + 1}>
      <Head role="row" aria-rowindex={1}>
        {COLUMNS.map(([key, title]) => (
          <div
            key={key}
            role="columnheader"
            aria-sort={sort.key === key ? (sort.isDown ? 'descending' : 'ascending') : 'none'}
          >
            <HeadButton type="button" onClick={() => press(key)}>
              {title}
              {sort.key === key && <i aria-hidden="true">{sort.isDown ? ' ↓' : ' ↑'}</i>}
            </HeadButton>
          </div>
        ))}
        <div role="columnheader">
          <VisuallyHidden>What can be done</VisuallyHidden>
        </div>
      </Head>
      <Scroller ref={scroller} role="rowgroup">
        <Height role="presentation" style={{ height: virtualizer.getTotalSize() }}>
          {virtualizer.getVirtualItems().map(({ index, start, key }) => (
            <StackRow
              key={key}
              file={files[index]!}
              index={index}
              top={start}
              isWorking={working.has(files[index]!.id)}
              onOpen={onOpen}
              onRetry={onRetry}
              onRemove={onRemove}
            />
          ))}
        </Height>
        {files.length === 0 && <Empty>No file is like that.</Empty>}
      </Scroller>
    </Table>
  );
}

const Table = styled.div`
  flex: 1;
  min-height: 0;
  display: flex;
  flex-direction: column;
`;

const Head = styled.div`
  ${rowGrid}
  border-block: 1px solid var(--line);
  background: var(--sheet);
  /* As wide as the rows below, whose list scrolls. */
  scrollbar-width: thin;
  scrollbar-gutter: stable;
  overflow: hidden;
  > :not(:first-child) {
    text-align: right;
  }
`;

const HeadButton = styled.button`
  font: inherit;
  font-size: 13px;
  font-weight: 600;
  color: var(--soft);
  background: none;
  border: 0;
  border-radius: 6px;
  padding: 6px 0;
  cursor: pointer;
  white-space: nowrap;
  i {
    font-style: normal;
  }
  &:hover {
    background: var(--hover);
  }
`;

const Scroller = styled.div`
  flex: 1;
  min-height: 0;
  overflow: auto;
  scrollbar-width: thin;
  scrollbar-gutter: stable;
`;

const Height = styled.div`
  position: relative;
`;

const Empty = styled.p`
  padding: 18px 20px;
  color: var(--soft);
`;
