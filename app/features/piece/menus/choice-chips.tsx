import { Button } from 'react-aria-components';
import { styled } from 'styled-components';
import { markWords } from '../words/mark-words.ts';
import type { Decisions } from '../state/use-decisions.ts';

/** What a person said of the whole text, each with a way to take it back. Nothing where they said nothing. */
export function ChoiceChips({ decisions }: { readonly decisions: Decisions }) {
  const { choices, take } = decisions;
  const mark = choices.find((choice) => choice.kind === 'mark');
  const limits = choices.filter((choice) => choice.kind === 'limit' && choice.pass === undefined);
  const parts = limits.length === 1 ? 'a part' : `${limits.length} parts`;
  return (
    <>
      {mark && (
        <Said
          words={`Paragraphs by ${markWords(mark.mark)}`}
          back="decide automatically again"
          onBack={() => take({ kind: 'withdraw', choice: mark })}
        />
      )}
      {limits.length > 0 && (
        <Said
          words={`Only ${parts} cleaned`}
          back="clean all of it again"
          onBack={() => take({ kind: 'together', steps: limits.map((choice) => ({ kind: 'withdraw', choice })) })}
        />
      )}
    </>
  );
}

interface SaidProps {
  readonly words: string;
  /** What taking it back means. */
  readonly back: string;
  readonly onBack: () => void;
}

function Said({ words, back, onBack }: SaidProps) {
  return (
    <Chip>
      {words}
      <Back aria-label={`${words}: ${back}`} onPress={onBack}>
        Undo
      </Back>
    </Chip>
  );
}

const Chip = styled.span`
  display: inline-flex;
  align-items: center;
  gap: 8px;
  font-size: 12.5px;
  padding: 2px 4px 2px 10px;
  border-radius: 99px;
  background: var(--lit);
`;

const Back = styled(Button)`
  font: inherit;
  color: var(--ink);
  background: none;
  border: 0;
  border-radius: 99px;
  padding: 1px 7px;
  text-decoration: underline;
  cursor: pointer;
  outline: none;
  &[data-hovered] {
    background: var(--hover);
  }
  &[data-focus-visible] {
    box-shadow: 0 0 0 2px var(--ribbon);
  }
`;
