import { Button } from 'react-aria-components';
import { styled } from 'styled-components';
import { markWords } from './mark-words.ts';
import type { Decisions } from './use-decisions.ts';

/** Says what the person named as the mark of a paragraph, and takes it back. Nothing where they named none. */
export function MarkChip({ decisions }: { readonly decisions: Decisions }) {
  const choice = decisions.choices.find((made) => made.kind === 'mark');
  if (!choice) return null;
  const words = markWords(choice.mark);
  return (
    <Chip>
      Paragraphs by {words}
      <Back
        aria-label={`Paragraphs by ${words}: let the evidence decide again`}
        onPress={() => decisions.take({ kind: 'withdraw', choice })}
      >
        Take back
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
