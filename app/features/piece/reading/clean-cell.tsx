import { Fragment, memo } from 'react';
import { css, styled } from 'styled-components';
import { RowKind, type Place, type Run } from '../../../../core/index.ts';
import { EditableWords } from '../editing/editable-words.tsx';
import type { Editor } from '../editing/use-editor.ts';
import { faces, WORD_SPACING } from '../../../ui/theme.ts';
import { editMark, runText } from './shown-text.tsx';
import { withLook } from './words-look.tsx';
import { CLEAN_LINE } from './column-layout.ts';

interface CleanCellProps {
  readonly ref: React.Ref<HTMLDivElement>;
  readonly runs: readonly Run[];
  readonly kind: number;
  readonly goesOn: boolean;
  readonly lit: string | undefined;
  readonly shown: Place | undefined;
  /** The source range of the row. */
  readonly from: number;
  readonly to: number;
  readonly language: string;
  /** Hidden characters show as signs. */
  readonly isSigned: boolean;
  readonly editor: Editor;
  /** Lines of the row that a person left out. */
  readonly leftOut: number;
  readonly onTakeBack: (from: number, to: number) => void;
}

/** The clean paragraph as it reads, to be typed in; the edits of the pass that is lit up show. */
export const CleanCell = memo(function CleanCell(props: CleanCellProps) {
  const { ref, runs, kind, goesOn, lit, shown, isSigned } = props;
  const words = runs.map((run, at) => {
    const isLit = lit !== undefined && run.passes.includes(lit);
    const text = withLook(run.look, runText(run, shown, 'clean', isSigned));
    if (run.doubt) {
      return (
        <Doubted key={at} {...editMark(run)} data-lit={isLit || undefined} title="In doubt">
          {text}
        </Doubted>
      );
    }
    if (!isLit) return <Fragment key={at}>{text}</Fragment>;
    return run.text.trim() === '' && !run.text.includes('\n') ? (
      <Spot key={at} {...editMark(run)}>
        {text}
      </Spot>
    ) : (
      <Lit key={at} {...editMark(run)}>
        {text}
      </Lit>
    );
  });
  return (
    <Cell ref={ref} data-column="clean" data-goes-on={goesOn || undefined}>
      {props.leftOut > 0 && (
        <LeftOut>
          {props.leftOut === 1 ? 'A line' : `${props.leftOut} lines`} left out
          <button type="button" onClick={() => props.onTakeBack(props.from, props.to)}>
            Restore
          </button>
        </LeftOut>
      )}
      {runs.length > 0 && (
        <EditableWords
          shape={kind === RowKind.heading ? Heading : Words}
          name={NAMES[kind]}
          language={props.language}
          from={props.from}
          to={props.to}
          runs={runs}
          goesOn={goesOn}
          editor={props.editor}
        >
          {words}
        </EditableWords>
      )}
    </Cell>
  );
});

const NAMES: Readonly<Record<number, string>> = {
  [RowKind.verse]: 'verse',
  [RowKind.listItem]: 'item',
  [RowKind.quote]: 'quote',
  [RowKind.footnote]: 'small',
  [RowKind.caption]: 'small',
  [RowKind.table]: 'laid-out',
  [RowKind.code]: 'laid-out',
  [RowKind.contents]: 'contents',
  [RowKind.sectionBreak]: 'section-break',
};

const Cell = styled.div`
  position: relative;
  max-width: 620px;
  padding: 2px 34px 12px 30px;
  &[data-goes-on] {
    padding-top: 0;
  }
`;

const LeftOut = styled.div`
  display: flex;
  gap: 10px;
  align-items: baseline;
  padding: 3px 0;
  color: var(--soft);
  font-size: 13px;
  button {
    font: inherit;
    color: var(--go);
    background: none;
    border: 0;
    border-radius: 6px;
    padding: 1px 6px;
    cursor: pointer;
  }
  button:hover {
    background: var(--hover);
  }
`;

const reading = css`
  cursor: text;
  border-radius: 4px;
  outline-offset: 5px;
  &[data-editing] {
    outline: 1px solid var(--ribbon);
  }
  white-space: pre-wrap;
  overflow-wrap: break-word;
  hyphens: manual;
  word-spacing: ${WORD_SPACING};
`;

const Words = styled.p`
  ${reading}
  font: 16.5px / ${CLEAN_LINE}px ${faces.reading};
  &[data-kind='item'] {
    padding-left: 1.1em;
    text-indent: -1.1em;
  }
  &[data-kind='quote'] {
    padding-left: 1.6em;
  }
  &[data-kind='small'] {
    font-size: 14.5px;
  }
  &[data-kind='laid-out'] {
    font: 13px / ${CLEAN_LINE}px ${faces.source};
    word-spacing: normal;
  }
  &[data-kind='section-break'] {
    text-align: center;
  }
`;

const Heading = styled.h2`
  ${reading}
  font: 600 20px/28px ${faces.reading};
  padding: 4px 0 0;
`;

const Lit = styled.mark`
  color: inherit;
  background: var(--lit);
  border-radius: 3px;
`;

/** A change that may be wrong; where nothing is left to underline, a diamond that no copy takes along. */
const Doubted = styled.span`
  text-decoration: underline dashed 2px var(--doubt);
  text-underline-offset: 4px;
  &[data-lit] {
    background: var(--lit);
  }
  &:empty::before {
    content: '◇';
    color: var(--doubt);
    font-weight: 700;
  }
`;

/** The place where white space was changed, or something went without leaving a trace. */
const Spot = styled.mark`
  background: var(--lit);
  border-radius: 2px;
  box-shadow: 0 0 0 1.5px var(--lit);
`;
