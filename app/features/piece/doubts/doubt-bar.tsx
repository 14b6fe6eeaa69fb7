import { memo, useMemo } from 'react';
import { styled } from 'styled-components';
import type { WordTally } from '../../../../core/index.ts';
import type { DoubtOrder } from '../../../../worker/protocol.ts';
import { Button, QuietButton } from '../../../ui/buttons.tsx';
import { faces } from '../../../ui/theme.ts';
import type { CommandId } from '../keys/commands.ts';
import { Key } from '../keys/key.tsx';
import { useCommands, type Handlers } from '../keys/use-commands.ts';
import { askAbout, type Reading } from './doubt-words.ts';
import type { Doubts } from './use-doubts.ts';
import { certaintyWords } from '../words/certainty-words.ts';

interface DoubtBarProps {
  readonly doubts: Doubts;
  readonly tally: WordTally;
}

const count = (value: number) => value.toLocaleString('en');

const ORDER_WORDS: Readonly<Record<DoubtOrder, string>> = {
  reading: 'in reading order',
  hardest: 'hardest first',
  widest: 'most alike first',
};
const NEXT_ORDER: Readonly<Record<DoubtOrder, DoubtOrder>> = {
  reading: 'hardest',
  hardest: 'widest',
  widest: 'reading',
};

/** Asks about the doubts, one after the other, in plain words; two keys answer, one answers for all alike, one puts off. */
export const DoubtBar = memo(function DoubtBar({ doubts, tally }: DoubtBarProps) {
  const { next, order } = doubts;
  const view = next?.view;
  const asked = useMemo(() => (view ? askAbout(view) : undefined), [view]);
  const handlers = useMemo(
    (): Handlers =>
      asked
        ? {
            'first-reading': (shift) => doubts.answer(asked.first.answer, shift),
            'second-reading': (shift) => doubts.answer(asked.second.answer, shift),
            'all-alike': () => doubts.answer('now', true),
            later: () => doubts.putOff(),
            'go-to-doubt': () => doubts.show(),
          }
        : {},
    [asked, doubts],
  );
  useCommands(handlers);
  if (!next) return <Bar aria-label="Questions" />;
  if (!view || !asked) {
    return (
      <Bar aria-label="Questions">
        <Words role="status">
          <b>No questions left.</b>
          <small>
            {count(tally.wordsIn)} words in, {count(tally.wordsOut)} out, {count(tally.removed)} removed,{' '}
            {count(tally.mended)} mended{tally.inserted > 0 ? `, ${count(tally.inserted)} new` : ''}: every word is
            accounted for.
          </small>
        </Words>
      </Bar>
    );
  }
  const certainty = view.doubt.kind === 'lines' ? undefined : certaintyWords(view.doubt.certainty);
  const introduction = [asked.place, certainty].filter(Boolean).join(', ');
  const standing = asked.first.answer === 'now' ? asked.first : asked.second;
  return (
    <Bar aria-label="Questions">
      <Left>
        <b>
          {count(next.left)} {next.left === 1 ? 'question' : 'questions'}
        </b>
        <QuietButton onPress={() => doubts.setOrder(NEXT_ORDER[order])}>{ORDER_WORDS[order]}</QuietButton>
      </Left>
      <Words role="status">
        <b>{asked.question}</b>
        <small title={asked.reason}>
          {introduction && `${introduction}. `}
          {asked.reason}
        </small>
      </Words>
      <Answers>
        <AnswerButton
          reading={asked.first}
          of="first-reading"
          onAnswer={() => doubts.answer(asked.first.answer, false)}
        />
        <AnswerButton
          reading={asked.second}
          of="second-reading"
          onAnswer={() => doubts.answer(asked.second.answer, false)}
        />
        {view.alike > 1 && (
          <Button onPress={() => doubts.answer('now', true)}>
            {standing.label}, all {count(view.alike)} alike <Key of="all-alike" />
          </Button>
        )}
        <QuietButton onPress={doubts.putOff}>
          Later <Key of="later" />
        </QuietButton>
        <QuietButton onPress={doubts.show}>
          Go there <Key of="go-to-doubt" />
        </QuietButton>
      </Answers>
    </Bar>
  );
});

interface AnswerButtonProps {
  readonly reading: Reading;
  readonly of: CommandId;
  readonly onAnswer: () => void;
}

function AnswerButton({ reading, of, onAnswer }: AnswerButtonProps) {
  return (
    <Answer onPress={onAnswer}>
      <span>
        {reading.label} <Key of={of} />
      </span>
      <small>{reading.words}</small>
    </Answer>
  );
}

const Bar = styled.section`
  grid-column: 1 / -1;
  min-height: 64px;
  display: flex;
  align-items: center;
  gap: 18px;
  padding: 6px 16px;
  border-top: 1px solid var(--line);
  background: var(--sheet);
  @media (max-width: 980px) {
    flex-wrap: wrap;
    gap: 4px 14px;
    padding: 5px 10px;
    max-height: 40vh;
    overflow: auto;
  }
  /* Little height, as at a great zoom, is for the text. */
  @media (max-height: 520px) {
    gap: 2px 8px;
    min-height: 44px;
    padding: 3px 8px;
    small {
      display: none;
    }
    button {
      padding-block: 2px;
    }
  }
`;

const Left = styled.div`
  flex: none;
  width: 118px;
  @media (max-height: 520px) {
    width: auto;
    > :last-child {
      display: none;
    }
  }
  display: grid;
  justify-items: start;
  b {
    color: var(--doubt);
  }
  button {
    padding: 0;
    font-size: 12.5px;
  }
`;

const Words = styled.div`
  flex: 1;
  min-width: 0;
  @media (max-width: 980px) {
    order: -1;
    flex-basis: 100%;
  }

  display: grid;
  gap: 1px;
  b {
    font-weight: 600;
    font-size: 14.5px;
  }
  b {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  small {
    color: var(--soft);
    font-size: 12.5px;
    line-height: 1.3;
    display: -webkit-box;
    -webkit-box-orient: vertical;
    -webkit-line-clamp: 3;
    overflow: hidden;
    @media (max-height: 520px) {
      display: none;
    }
  }
`;

const Answers = styled.div`
  flex: none;
  display: flex;
  align-items: center;
  gap: 6px;
  button {
    font-size: 13.5px;
  }
`;

const Answer = styled(Button)`
  display: grid;
  text-align: left;
  max-width: 190px;
  padding: 4px 11px;
  small {
    color: var(--soft);
    font: 12px ${faces.reading};
    overflow: hidden;
    text-overflow: ellipsis;
  }
`;
