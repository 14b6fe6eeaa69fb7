import { Input, TextField, VisuallyHidden } from 'react-aria-components';
import { useState } from 'react';
import { styled } from 'styled-components';
import type { Summary } from '../../../worker/protocol.ts';
import { Brand } from '../../ui/brand.tsx';
import { PrimaryButton, QuietButton } from '../../ui/buttons.tsx';
import { ThemeSwitch } from '../../ui/theme-switch.tsx';
import { KIND_WORDS } from '../source-kind.ts';
import { MarkChip } from './mark-chip.tsx';
import { Tally } from './tally.tsx';
import type { Decisions } from './use-decisions.ts';

interface PieceHeaderProps {
  readonly title: string;
  readonly onRename: (title: string) => void;
  readonly summary: Summary | undefined;
  readonly decisions: Decisions;
  readonly onCopy: (() => void) | undefined;
}

/** The top of the main screen: what the piece is, how its words went, undo, redo and the copy. */
export function PieceHeader({ title, onRename, summary, decisions, onCopy }: PieceHeaderProps) {
  return (
    <Bar>
      <Brand />
      <VisuallyHidden elementType="h1">{title || 'Untitled'}</VisuallyHidden>
      <TitleField key={title} title={title} onRename={onRename} />
      {summary && (
        <Chip>
          {KIND_WORDS[summary.kind]}
          {summary.measure > 0 && ` · ${summary.measure} wide`}
        </Chip>
      )}
      <MarkChip decisions={decisions} />
      <Rest>
        {summary && <Tally tally={summary.tally} />}
        <QuietButton isDisabled={!decisions.canUndo} onPress={decisions.undo}>
          Undo
        </QuietButton>
        <QuietButton isDisabled={!decisions.canRedo} onPress={decisions.redo}>
          Redo
        </QuietButton>
        <ThemeSwitch />
        <PrimaryButton isDisabled={!onCopy} onPress={onCopy}>
          Copy clean text
        </PrimaryButton>
      </Rest>
    </Bar>
  );
}

function TitleField({ title, onRename }: Pick<PieceHeaderProps, 'title' | 'onRename'>) {
  const [value, setValue] = useState(title);
  const finish = () => {
    if (value.trim() === '') setValue(title);
    else if (value !== title) onRename(value.trim());
  };
  return (
    <TitleBox
      aria-label="Title of the piece"
      value={value}
      onChange={setValue}
      onBlur={finish}
      onKeyDown={(event) => {
        if (event.key === 'Escape') setValue(title);
        if (event.key === 'Enter' || event.key === 'Escape') (event.target as HTMLElement).blur();
      }}
    >
      <Input placeholder="Untitled" />
    </TitleBox>
  );
}

const Bar = styled.header`
  grid-column: 1 / 3;
  display: flex;
  align-items: center;
  gap: 12px;
  padding: 0 16px;
  border-bottom: 1px solid var(--line);
  background: var(--sheet);
  white-space: nowrap;
`;

const TitleBox = styled(TextField)`
  flex: 1 1 200px;
  min-width: 90px;
  max-width: 380px;
  input {
    width: 100%;
    font: inherit;
    font-size: 15px;
    font-weight: 600;
    color: var(--ink);
    background: none;
    border: 1px solid transparent;
    border-radius: 6px;
    padding: 4px 6px;
    text-overflow: ellipsis;
  }
  input:hover {
    border-color: var(--line);
  }
  input:focus {
    border-color: var(--ribbon);
    outline: none;
    background: var(--sheet);
  }
`;

const Chip = styled.span`
  font-size: 12.5px;
  padding: 2px 10px;
  border-radius: 99px;
  background: var(--raw);
  color: var(--soft);
`;

const Rest = styled.div`
  margin-left: auto;
  display: flex;
  align-items: center;
  gap: 4px;
`;
