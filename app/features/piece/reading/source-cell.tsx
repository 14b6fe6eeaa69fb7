import { Fragment, memo, useState } from 'react';
import { styled } from 'styled-components';
import type { LineView, Place } from '../../../../core/index.ts';
import { faces } from '../../../ui/theme.ts';
import { editMark, runText } from './shown-text.tsx';
import { LineEndSign } from './signed-text.tsx';
import { FOLD_LINE, GUTTER, SOURCE_LINE } from './column-layout.ts';
import { foldLines, foldWords, holds } from './line-folds.ts';

interface SourceCellProps {
  readonly ref: React.Ref<HTMLDivElement>;
  readonly lines: readonly LineView[];
  readonly lit: string | undefined;
  readonly shown: Place | undefined;
  /** Hidden characters show as signs. */
  readonly isSigned: boolean;
  /** Lines that leave are folded. */
  readonly folds: boolean;
}

/** The source as it came, line by line; what leaves is struck through, and folded where much of it does. */
export const SourceCell = memo(function SourceCell(props: SourceCellProps) {
  const { ref, lines, lit, shown, folds } = props;
  const [open, setOpen] = useState<ReadonlySet<number>>(NONE);
  const toggle = (from: number) =>
    setOpen((before) => {
      const next = new Set(before);
      if (!next.delete(from)) next.add(from);
      return next;
    });
  return (
    <Cell ref={ref} data-column="source">
      {foldLines(lines, folds, (line) => holds(line, shown, lit)).map(({ from, to, isFolded }) => {
        const run = lines.slice(from, to);
        if (!isFolded) return <SourceLine key={from} {...props} line={run[0]!} />;
        const isOpen = open.has(from);
        const words = foldWords(run, isOpen);
        return (
          <Fragment key={from}>
            <FoldLine
              type="button"
              tabIndex={-1}
              data-fold=""
              data-at={run[0]!.runs[0]?.from ?? run.find(({ runs }) => runs.length > 0)?.runs[0]!.from}
              data-lines={isOpen ? 0 : to - from}
              aria-expanded={isOpen}
              title={words}
              onClick={() => toggle(from)}
            >
              <span aria-hidden="true">{isOpen ? '▾' : '▸'}</span> {words}
            </FoldLine>
            {isOpen && run.map((line, at) => <SourceLine key={from + at} {...props} line={line} />)}
          </Fragment>
        );
      })}
    </Cell>
  );
});

const NONE: ReadonlySet<number> = new Set();

interface SourceLineProps extends Pick<SourceCellProps, 'lit' | 'shown' | 'isSigned'> {
  readonly line: LineView;
}

function SourceLine({ line, lit, shown, isSigned }: SourceLineProps) {
  return (
    <Line
      data-dropped={line.dropped || undefined}
      data-title={line.isTitle}
      data-turn={line.end.includes('\f') || undefined}
      data-column-turn={line.beginsColumn}
      title={turnOf(line)}
    >
      {line.number > 0 && <Number aria-hidden="true">{line.number}</Number>}
      <span data-line={line.runs[0]?.from}>
        {line.runs.map((run, part) =>
          run.fate === 'kept' ? (
            <Fragment key={part}>{runText(run, shown, 'source', isSigned)}</Fragment>
          ) : (
            <Changed
              key={part}
              {...editMark(run)}
              data-fate={run.text.trim() === '' ? undefined : run.fate}
              data-lit={(lit !== undefined && run.passes.includes(lit)) || undefined}
            >
              {runText(run, shown, 'source', isSigned)}
            </Changed>
          ),
        )}
      </span>
      {isSigned && line.end !== '' && <LineEndSign end={line.end} />}
    </Line>
  );
}

/** What the dotted lines say. */
function turnOf({ end, beginsColumn }: LineView): string | undefined {
  if (beginsColumn) return 'A column begins here';
  return end.includes('\f') ? 'A page ends here' : undefined;
}

const Cell = styled.div`
  position: relative;
  padding: 4px 0;
  font: var(--source-size) / ${SOURCE_LINE}px ${faces.source};
  color: var(--ink);
`;

const Line = styled.div`
  position: relative;
  min-height: ${SOURCE_LINE}px;
  padding: 0 8px 0 ${GUTTER}px;
  white-space: pre-wrap;
  overflow-wrap: anywhere;
  &[data-dropped] {
    color: var(--faint);
  }
  &[data-title] [data-line] {
    font-weight: 650;
  }
  /* Where a page turns. */
  &[data-turn]::after {
    content: '';
    position: absolute;
    inset: auto 0 2px 0;
    border-bottom: 2px dotted var(--faint);
  }
  /* Where the next column of a page begins: a shorter line. */
  &[data-column-turn]::before {
    content: '';
    position: absolute;
    inset: -1px auto auto ${GUTTER}px;
    width: 30%;
    border-top: 2px dotted var(--faint);
  }
`;

const FoldLine = styled.button`
  display: block;
  height: ${FOLD_LINE}px;
  margin-left: ${GUTTER - 20}px;
  padding: 0 6px;
  border: 0;
  border-radius: 6px;
  background: none;
  color: var(--soft);
  font-family: inherit;
  font-size: 11px;
  line-height: ${FOLD_LINE}px;
  /* One line: rows are laid out by the heights of their folds. */
  max-width: calc(100% - ${GUTTER - 20}px);
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
  text-align: left;
  cursor: pointer;
  &:hover {
    background: var(--hover);
  }
`;

const Number = styled.span`
  position: absolute;
  left: 0;
  width: ${GUTTER - 12}px;
  text-align: right;
  font-size: 11px;
  color: var(--faint);
  user-select: none;
`;

const Changed = styled.span`
  border-radius: 3px;
  cursor: pointer;
  &:hover {
    box-shadow: 0 0 0 1px var(--ribbon);
  }
  &[data-fate='gone'] {
    background: var(--gone-back);
    text-decoration: line-through;
    text-decoration-color: var(--gone);
  }
  &[data-fate='changed'] {
    text-decoration: underline;
    text-decoration-color: var(--ribbon);
    text-underline-offset: 3px;
  }
  &[data-lit] {
    background: var(--lit);
  }
`;
