import { Input, TextField, ToggleButton, VisuallyHidden } from 'react-aria-components';
import { useState } from 'react';
import { NavLink } from 'react-router';
import { css, styled } from 'styled-components';
import type { Summary } from '../../../worker/protocol.ts';
import { Brand } from '../../ui/brand.tsx';
import { PrimaryButton, QuietButton } from '../../ui/buttons.tsx';
import { ThemeSwitch } from '../../ui/theme-switch.tsx';
import { KIND_WORDS } from '../source-kind.ts';
import { MarkChip } from './mark-chip.tsx';
import { Tally } from './tally.tsx';
import type { PieceView } from './piece-context.ts';

interface PieceHeaderProps {
  readonly title: string;
  readonly onRename: (title: string) => void;
  readonly summary: Summary | undefined;
  readonly piece: Omit<PieceView, 'ready'>;
  readonly onCopy: (() => void) | undefined;
}

/** The top of the main screen: what the piece is, how its words went, undo, redo and the copy. */
export function PieceHeader({ title, onRename, summary, piece, onCopy }: PieceHeaderProps) {
  const { decisions, drawer, openDrawer } = piece;
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
        <View to={`/piece/${piece.id}`} end>
          Text
        </View>
        <View to={`/piece/${piece.id}/findings`}>Findings</View>
        <Toggle isSelected={drawer !== undefined} onChange={(open) => openDrawer(open ? {} : undefined)}>
          Ledger
        </Toggle>
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
  /* The findings say it too. */
  @media (max-width: 1180px) {
    display: none;
  }
  font-size: 12.5px;
  padding: 2px 10px;
  border-radius: 99px;
  background: var(--raw);
  color: var(--soft);
`;

const view = css`
  font: inherit;
  color: var(--soft);
  background: none;
  border: 0;
  border-radius: 8px;
  padding: 5px 8px;
  text-decoration: none;
  cursor: pointer;
  &:hover {
    background: var(--hover);
  }
  &[aria-current='page'],
  &[data-selected] {
    color: var(--ink);
    background: var(--chosen);
  }
`;

const View = styled(NavLink)`
  ${view}
`;

const Toggle = styled(ToggleButton)`
  ${view}
`;

const Rest = styled.div`
  min-width: 0;
  margin-left: auto;
  display: flex;
  > :not(:first-child) {
    flex: none;
  }
  align-items: center;
  gap: 4px;
`;
