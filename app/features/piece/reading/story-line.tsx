import { memo } from 'react';
import { styled } from 'styled-components';
import { QuietButton } from '../../../ui/buttons.tsx';
import { KIND_WORDS } from '../../source-kind.ts';
import type { Summary } from '../../../../worker/protocol.ts';
import { storyOf } from '../words/story-words.ts';

interface StoryLineProps {
  readonly summary: Summary;
  /** Lists the edits of a pass; all of them without one. */
  readonly onList: (pass?: string) => void;
  readonly onAsk: () => void;
  /** What stands at the end of the line. */
  readonly children?: React.ReactNode;
}

/** What happened to the text, in one line; each part leads to what it tells of. */
export const StoryLine = memo(function StoryLine({ summary, onList, onAsk, children }: StoryLineProps) {
  const { told, others } = storyOf(summary.counts);
  const { doubts } = summary;
  return (
    <Line aria-label="What was done">
      <b>{KIND_WORDS[summary.kind]}.</b>
      {told.length + others === 0 && <span>Nothing was changed.</span>}
      {told.map(({ pass, words }) => (
        <Part key={pass} onPress={() => onList(pass)}>
          {words}
        </Part>
      ))}
      {others > 0 && (
        <Part onPress={() => onList()}>
          {others.toLocaleString('en')} {told.length > 0 ? 'other ' : ''}
          {others === 1 ? 'change' : 'changes'}
        </Part>
      )}
      {doubts > 0 && (
        <Part onPress={onAsk} data-doubt="">
          {doubts.toLocaleString('en')} {doubts === 1 ? 'question' : 'questions'}
        </Part>
      )}
      {children}
    </Line>
  );
});

const Line = styled.section`
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 2px 14px;
  padding: 7px 14px 6px;
  white-space: nowrap;
  border-bottom: 1px solid var(--line);
  background: var(--sheet);
  font-size: 13.5px;
  b {
    font-weight: 600;
  }
  @media (max-height: 560px) {
    display: none;
  }
`;

const Part = styled(QuietButton)`
  padding: 0 1px;
  border-radius: 3px;
  color: var(--ink);
  text-decoration: underline;
  text-decoration-color: var(--ribbon);
  text-underline-offset: 4px;
  &[data-doubt] {
    font-weight: 650;
    color: var(--doubt);
    text-decoration-color: var(--doubt);
  }
`;
