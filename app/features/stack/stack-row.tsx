import { memo } from 'react';
import { css, styled } from 'styled-components';
import type { StackFile } from '../../../storage/stack.ts';
import { QuietButton } from '../../ui/buttons.tsx';
import { focusBeside } from '../../ui/one-stop.ts';
import { KIND_WORDS } from '../source-kind.ts';
import { isWaiting } from './stack-run.ts';
import { shareRemoved } from './stack-view.ts';
import { problemWords, sizeWords, timeWords } from './stack-words.ts';

/** px. */
export const ROW_HEIGHT = 46;

export const rowGrid = css`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 76px 86px 82px 64px 150px;
  gap: 0 10px;
  align-items: center;
  padding: 0 20px;
  /* On a narrow page the name goes before the time that cleaning took. */
  @media (max-width: 760px) {
    grid-template-columns: minmax(0, 1fr) 56px 84px 78px 84px;
    > :nth-child(5) {
      display: none;
    }
  }
`;

interface StackRowProps {
  readonly file: StackFile;
  readonly index: number;
  /** px from the top of the list. */
  readonly top: number;
  readonly isWorking: boolean;
  readonly onOpen: (file: StackFile) => Promise<void>;
  readonly onRetry: (file: StackFile) => void;
  readonly onRemove: (file: StackFile) => void;
}

/** What became of one file, and what can be done with it. */
export const StackRow = memo(function StackRow(props: StackRowProps) {
  const { file, index, top, isWorking, onOpen, onRetry, onRemove } = props;
  const { result, problem, name } = file;
  const short = name.replace(/^.*\//, '');
  return (
    <Row role="row" aria-rowindex={index + 2} style={{ transform: `translateY(${top}px)` }}>
      <Name role="cell">
        {problem ? (
          <b title={name}>{short}</b>
        ) : (
          <Open type="button" data-stop="open" title={name} onClick={() => void onOpen(file)}>
            {short}
          </Open>
        )}
        <About file={file} isWorking={isWorking} />
      </Name>
      <Figure role="cell">{result?.words.wordsOut.toLocaleString('en')}</Figure>
      <Figure role="cell">
        {result && result.words.removed > 0 && (
          <>
            {result.words.removed.toLocaleString('en')}
            <small> {percent(shareRemoved(result.words))}</small>
          </>
        )}
      </Figure>
      <Figure role="cell" data-doubts={(result && result.doubts > 0) || undefined}>
        {result?.doubts.toLocaleString('en')}
      </Figure>
      <Figure role="cell">{result && timeWords(result.time)}</Figure>
      <Actions role="cell">
        {problem && !isWaiting(file) && (
          <QuietButton data-stop="retry" aria-label={`Try “${short}” again`} onPress={() => onRetry(file)}>
            Try again
          </QuietButton>
        )}
        <QuietButton
          data-stop="remove"
          aria-label={`Take “${short}” off the stack`}
          onPress={({ target }) => {
            focusBeside(target.closest('[role="row"]'), '[data-stop="remove"]');
            onRemove(file);
          }}
        >
          Remove
        </QuietButton>
      </Actions>
    </Row>
  );
});

/** The line under a name: what it is and how big, or why it has no clean text. */
function About({
  file: { name, size, problem, result, ...more },
  isWorking,
}: Pick<StackRowProps, 'file' | 'isWorking'>) {
  const folder = /^(.*)\//.exec(name)?.[1];
  const waits = isWaiting({ name, size, problem, result, ...more });
  if (problem && !waits) {
    const { text, detail } = problemWords(problem);
    return (
      <small data-problem="" title={detail}>
        {text}
      </small>
    );
  }
  const parts = [
    folder,
    sizeWords(size),
    isWorking ? 'being cleaned' : waits ? 'waiting' : result && (KIND_WORDS[result.kind] ?? result.kind),
    !waits && result && result.style !== 'The usual' && result.style,
    !waits && result?.failed && `without ${result.failed.join(', ')}, which failed`,
  ];
  return <small>{parts.filter(Boolean).join(' · ')}</small>;
}

function percent(share: number): string {
  return share < 0.001 ? '<0.1 %' : `${(share * 100).toFixed(share < 0.1 ? 1 : 0)} %`;
}

const Row = styled.div`
  ${rowGrid}
  position: absolute;
  inset: 0 0 auto;
  height: ${ROW_HEIGHT}px;
  border-bottom: 1px solid color-mix(in srgb, var(--line) 55%, transparent);
`;

const Name = styled.div`
  min-width: 0;
  display: grid;
  b,
  small {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  b {
    font-weight: 400;
    color: var(--soft);
  }
  small {
    font-size: 12.5px;
    color: var(--soft);
  }
  small[data-problem] {
    color: var(--bad);
  }
`;

const Open = styled.button`
  justify-self: start;
  max-width: 100%;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
  font: inherit;
  color: var(--ink);
  background: none;
  border: 0;
  padding: 0;
  text-align: left;
  cursor: pointer;
  &:hover {
    text-decoration: underline;
  }
`;

const Figure = styled.div`
  text-align: right;
  font-variant-numeric: tabular-nums;
  white-space: nowrap;
  small {
    color: var(--soft);
  }
  &[data-doubts] {
    color: var(--doubt);
    font-weight: 600;
  }
`;

const Actions = styled.div`
  display: flex;
  flex-wrap: wrap;
  justify-content: flex-end;
  margin-right: -8px;
  @media (max-width: 760px) {
    button {
      padding-block: 0;
    }
  }
`;
