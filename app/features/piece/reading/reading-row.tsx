import { memo, useEffect, useRef, useState } from 'react';
import { styled } from 'styled-components';
import type { Place, RowView, SeamView } from '../../../../core/index.ts';
import { CleanCell } from './clean-cell.tsx';
import type { Editor } from '../editing/use-editor.ts';
import { RibbonCell, type RowGeometry } from './ribbon-cell.tsx';
import { SourceCell } from './source-cell.tsx';

interface ReadingRowProps {
  /** Undefined until the worker has answered. */
  readonly view: RowView | undefined;
  readonly kind: number;
  /** 0 or 1: neighbouring paragraphs have ribbons of two tints. */
  readonly tint: number;
  readonly goesOn: boolean;
  /** The height to keep while there is nothing to show, px. */
  readonly height: number;
  readonly lit: string | undefined;
  /** The place that is being shown, where it lies in this row. */
  readonly shown: Place | undefined;
  readonly language: string;
  readonly isSigned: boolean;
  /** Source lines that leave are folded. */
  readonly folds: boolean;
  readonly editor: Editor;
  readonly onTakeBack: (from: number, to: number) => void;
  readonly onAskSeam: (seam: SeamView, anchor: Element) => void;
}

/** One block: its source lines, how they flow, and the clean paragraph. */
export const ReadingRow = memo(function ReadingRow(props: ReadingRowProps) {
  const { view, kind, tint, goesOn, height, lit, shown, onAskSeam } = props;
  const source = useRef<HTMLDivElement>(null);
  const clean = useRef<HTMLDivElement>(null);
  const geometry = useGeometry(source, clean, view);
  if (!view) return <div style={{ height }} />;
  return (
    <Row>
      <SourceCell
        ref={source}
        lines={view.lines}
        lit={lit}
        shown={shown}
        isSigned={props.isSigned}
        folds={props.folds}
      />
      <RibbonCell view={view} geometry={geometry} tint={tint} onAskSeam={onAskSeam} />
      <CleanCell
        ref={clean}
        runs={view.clean}
        kind={kind}
        goesOn={goesOn}
        lit={lit}
        shown={shown}
        from={view.from}
        to={view.to}
        language={props.language}
        isSigned={props.isSigned}
        editor={props.editor}
        leftOut={view.lines.filter((line) => line.byHand === 'left-out').length}
        onTakeBack={props.onTakeBack}
      />
    </Row>
  );
});

/** Where the source lines and the clean paragraph stand, measured when they are drawn and whenever their size changes. */
function useGeometry(
  source: React.RefObject<HTMLDivElement | null>,
  clean: React.RefObject<HTMLDivElement | null>,
  view: RowView | undefined,
): RowGeometry | undefined {
  const [geometry, setGeometry] = useState<RowGeometry>();
  useEffect(() => {
    const left = source.current;
    const right = clean.current;
    if (!left || !right) return undefined;
    // The observer tells after layout is done, so reading costs nothing; reading now would force a layout for each row.
    const observer = new ResizeObserver(() => {
      const now = readGeometry(left, right);
      setGeometry((before) => (JSON.stringify(before) === JSON.stringify(now) ? before : now));
    });
    observer.observe(left);
    observer.observe(right);
    return () => observer.disconnect();
  }, [source, clean, view]);
  return geometry;
}

function readGeometry(left: HTMLElement, right: HTMLElement): RowGeometry {
  const lines = [...left.children].flatMap((line) => {
    const { offsetTop, offsetHeight } = line as HTMLElement;
    const extent = { top: offsetTop, bottom: offsetTop + offsetHeight };
    // Lines that are folded share one place.
    return Array.from({ length: Number((line as HTMLElement).dataset['lines'] ?? 1) }, () => extent);
  });
  const words = right.firstElementChild as HTMLElement | null;
  const top = words?.offsetTop ?? 0;
  return { lines, clean: { top, bottom: top + (words?.offsetHeight ?? 0) } };
}

const Row = styled.div`
  display: grid;
  grid-template-columns: var(--source) var(--ribbon-width) minmax(0, 1fr);
  [data-stacked] & {
    grid-template-columns: var(--source) var(--ribbon-width);
    > [data-column='source'] {
      background: var(--raw);
    }
    > [data-column='ribbon'] {
      overflow: hidden;
    }
    > [data-column='clean'] {
      grid-column: 1 / -1;
    }
  }
`;
