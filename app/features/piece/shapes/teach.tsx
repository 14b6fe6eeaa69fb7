import { styled } from 'styled-components';
import { Button, QuietButton } from '../../../ui/buttons.tsx';
import { faces } from '../../../ui/theme.ts';
import { usePiece } from '../state/piece-context.ts';
import { ExampleLine } from './example-line.tsx';
import { partsOf } from './line-bits.ts';
import { PROBLEM_WORDS } from './shape-words.ts';
import { useOtherReading } from './use-shape-preview.ts';
import type { Teaching } from './use-teaching.ts';
import { WriteForm } from './write-form.tsx';

/** What a reading makes of a line that it does not fit. */
const LET_STAND = 'Leave it as it is';

/** The examples, what is asked about them, and how they are written. */
export function Teach({ teaching }: { readonly teaching: Teaching }) {
  const { ready } = usePiece();
  const { examples, learned, within } = teaching;
  const other = useOtherReading(ready, teaching);
  const [first] = examples;
  return (
    <Top>
      <h1>{within === undefined ? 'Show on one line what to keep' : 'Show on one entry what to keep'}</h1>
      {examples.map((example, at) => (
        <Example key={`${at} ${example.text}`}>
          <ExampleLine
            label={at === 0 ? 'Words to keep' : `Words to keep, example ${at + 1}`}
            line={example.text}
            bits={example.bits}
            marked={example.marked}
            isGuess={example.isGuess}
            onMark={(marked) => teaching.mark(at, marked)}
          />
          {at > 0 && <QuietButton onPress={() => teaching.remove(at)}>Remove the example</QuietButton>}
        </Example>
      ))}
      <Hint role={learned.ok ? undefined : 'alert'} data-bad={!learned.ok || undefined}>
        {learned.ok
          ? 'Draw over the words to keep, several parts if you like. With the keyboard: arrows, Space to mark, Shift with an arrow to mark on.'
          : PROBLEM_WORDS[learned.problem]}
      </Hint>
      {other && (
        <Ask role="group" aria-label="Which reading is meant">
          <p>
            Line {other.line + 1} can be read in two ways: <code>{other.text.trim()}</code>
          </p>
          <Button data-chosen="" isDisabled>
            {other.one ?? LET_STAND}
          </Button>
          <Button onPress={() => teaching.read(other.reading)}>{other.other ?? LET_STAND}</Button>
        </Ask>
      )}
      {first && (
        <WriteForm
          writing={teaching.writing}
          parts={Math.max(1, partsOf(first.bits, first.marked).length)}
          onChange={teaching.write}
        />
      )}
    </Top>
  );
}

const Top = styled.div`
  flex: none;
  display: grid;
  gap: 8px;
  padding: 16px 20px 12px;
  padding-right: 250px;
  max-height: 52%;
  overflow: auto;
  border-bottom: 1px solid var(--line);
  h1 {
    font: 600 20px/1.3 ${faces.reading};
  }
  @media (max-width: 1100px) {
    padding-right: 20px;
  }
`;

const Example = styled.div`
  display: flex;
  gap: 12px;
  align-items: center;
  justify-content: space-between;
`;

const Hint = styled.p`
  color: var(--soft);
  font-size: 13px;
  &[data-bad] {
    color: var(--doubt);
    font-weight: 600;
  }
`;

const Ask = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 6px 10px;
  align-items: center;
  padding: 8px 12px;
  border-radius: 8px;
  background: var(--doubt-back);
  p {
    flex: 1 1 100%;
  }
  code {
    font: 13.5px/1.4 ${faces.source};
  }
  [data-chosen] {
    opacity: 1;
    color: var(--ink);
    background: var(--chosen);
    border-color: var(--ribbon);
  }
`;
