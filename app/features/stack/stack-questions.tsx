import { memo, useCallback } from 'react';
import { styled } from 'styled-components';
import type { StandingAnswer } from '../../../core/index.ts';
import { Button, QuietButton } from '../../ui/buttons.tsx';
import { focusBeside } from '../../ui/one-stop.ts';
import type { StackRun } from './stack-run.ts';
import type { SharedQuestion } from './stack-view.ts';
import { many, questionWords, readingWords } from './stack-words.ts';
import { tellProblem } from './tell-problem.ts';

/** So many questions are shown at once: each answer makes room for the next. */
const SHOWN = 30;

interface StackQuestionsProps {
  readonly questions: readonly SharedQuestion[];
  readonly answers: readonly StandingAnswer[];
  /** Files are still being cleaned. */
  readonly isAtWork: boolean;
  readonly run: Pick<StackRun, 'answer' | 'withdraw'>;
}

/** What the files ask, each question once: an answer settles it in all of them. */
export function StackQuestions({ questions, answers, isAtWork, run }: StackQuestionsProps) {
  const answer = useCallback((standing: StandingAnswer) => void run.answer(standing).catch(tellProblem), [run]);
  const withdraw = (topic: string) => void run.withdraw(topic).catch(tellProblem);
  return (
    <section aria-labelledby="questions-title">
      <h2 id="questions-title">Settle once for all files</h2>
      {questions.length === 0 && (
        <Quiet>{isAtWork ? 'Questions come as files are cleaned.' : 'No file has a question.'}</Quiet>
      )}
      <List>
        {questions.slice(0, SHOWN).map((question) => (
          <QuestionItem key={question.topic} {...question} onAnswer={answer} />
        ))}
      </List>
      {questions.length > SHOWN && <Quiet>{many(questions.length - SHOWN, 'other', 'others')} come after these.</Quiet>}
      {answers.length > 0 && (
        <Quiet as="div">
          {many(answers.length, 'question is', 'questions are')} settled.{' '}
          <QuietButton onPress={() => withdraw(answers.at(-1)!.topic)}>Take the last answer back</QuietButton>
        </Quiet>
      )}
    </section>
  );
}

interface QuestionItemProps extends SharedQuestion {
  readonly onAnswer: (answer: StandingAnswer) => void;
}

/** One question with its two answers; drawn anew only where something else is asked. */
const QuestionItem = memo(function QuestionItem({ onAnswer, ...question }: QuestionItemProps) {
  return (
    <li>
      <Words>{questionWords(question)}</Words>
      <Row>
        <small>
          {many(question.count, 'place', 'places')} in {many(question.files, 'file', 'files')}
        </small>
        {[question.now, question.other].map((reading, at) => (
          <Answer
            key={reading}
            aria-label={`${readingWords(question, reading)}: ${questionWords(question)}`}
            onPress={({ target }) => {
              focusBeside(target.closest('li'), 'button');
              onAnswer({ topic: question.topic, reading });
            }}
          >
            {readingWords(question, reading)}
            {at === 0 && <i> (as now)</i>}
          </Answer>
        ))}
      </Row>
    </li>
  );
});

const List = styled.ul`
  list-style: none;
  margin: 8px 0 0;
  padding: 0;
  display: grid;
  gap: 10px;
  li {
    padding-bottom: 10px;
    border-bottom: 1px solid var(--line);
  }
`;

const Words = styled.p`
  overflow-wrap: anywhere;
  display: -webkit-box;
  -webkit-line-clamp: 3;
  -webkit-box-orient: vertical;
  overflow: hidden;
`;

const Row = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 4px 6px;
  align-items: center;
  margin-top: 4px;
  small {
    margin-right: auto;
    font-size: 12.5px;
    color: var(--soft);
  }
`;

const Answer = styled(Button)`
  padding: 2px 8px;
  font-size: 12.5px;
  i {
    font-style: normal;
    color: var(--soft);
  }
`;

const Quiet = styled.p`
  margin-top: 8px;
  color: var(--soft);
`;
