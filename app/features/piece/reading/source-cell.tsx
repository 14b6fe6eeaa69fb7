import { Fragment, memo, useState } from 'react';
import { styled } from 'styled-components';
import type { LineView, Place } from '../../../../core/index.ts';
import { faces } from '../../../ui/theme.ts';
import { editMark, runText } from './shown-text.tsx';
import { LineEndSign } from './signed-text.tsx';
import { GUTTER, SOURCE_LINE } from './column-layout.ts';

interface SourceCellProps {
  readonly ref: React.Ref<HTMLDivElement>;
  readonly lines: readonly LineView[];
  readonly lit: string | undefined;
  readonly shown: Place | undefined;
  /** Hidden characters show as signs. */
  readonly isSigned: boolean;
}

/** The source as it came, line by line; what leaves is struck through. */
export const SourceCell = memo(function SourceCell({ ref, lines, lit, shown, isSigned }: SourceCellProps) {
  const [isOpen, setOpen] = useState(false);
  const leftOut = lines.filter((line) => line.byHand === 'left-out').length;
  const folds = leftOut > FOLDED_FROM;
  const first = lines.findIndex((line) => line.byHand === 'left-out');
  const isFolded = ({ dropped, runs }: LineView, at: number) =>
    folds && !isOpen && at > first && (dropped || runs.every(({ text }) => text.trim() === ''));
  return (
    <Cell ref={ref} data-column="source">
      {lines.map((line, at) => (
        <Line key={at} hidden={isFolded(line, at)} data-dropped={line.dropped || undefined}>
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
      ))}
      {folds && (
        <Fold type="button" aria-expanded={isOpen} onClick={() => setOpen(!isOpen)}>
          {isOpen ? 'Fold them' : `and ${leftOut - 1} more lines left out`}
        </Fold>
      )}
    </Cell>
  );
});

/** So many lines that were left out are shown as they are. */
const FOLDED_FROM = 2;

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
`;

const Fold = styled.button`
  margin: 2px 0 0 ${GUTTER - 6}px;
  padding: 1px 6px;
  border: 0;
  border-radius: 6px;
  background: none;
  color: var(--go);
  font: inherit;
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
