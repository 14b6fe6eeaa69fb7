import { Input, TextField, ToggleButton, VisuallyHidden } from 'react-aria-components';
import { memo, useState } from 'react';
import { NavLink, useMatch } from 'react-router';
import { css, styled } from 'styled-components';
import { Brand } from '../../ui/brand.tsx';
import { PrimaryButton, QuietButton } from '../../ui/buttons.tsx';
import { ThemeSwitch } from '../../ui/theme-switch.tsx';
import { TurnIcon } from '../../ui/turn-icon.tsx';
import { KIND_WORDS } from '../source-kind.ts';
import { useStepNames } from './history/use-step-names.ts';
import { Key } from './keys/key.tsx';
import { ChoiceChips } from './menus/choice-chips.tsx';
import { NotStored } from './not-stored.tsx';
import { Tally } from './tally.tsx';
import type { PieceView } from './state/piece-context.ts';
import type { Ready } from './state/use-cleaning.ts';

interface PieceHeaderProps {
  readonly title: string;
  readonly onRename: (title: string) => void;
  readonly ready: Ready | undefined;
  readonly piece: Omit<PieceView, 'ready'>;
  readonly onSheet: (sheet: 'keys' | 'history') => void;
  readonly onCopy: (() => void) | undefined;
}

/** The top of the main screen: what the piece is, how its words went, undo, redo and the copy. */
export function PieceHeader({ title, onRename, ready, piece, onSheet, onCopy }: PieceHeaderProps) {
  const { decisions, drawer, openDrawer } = piece;
  const isText = useMatch('/piece/:id') !== null;
  const summary = ready?.summary;
  const [undoes, redoes] = useNextSteps(piece, ready);
  return (
    <Bar>
      <Brand />
      <VisuallyHidden elementType="h1">{title || 'Untitled'}</VisuallyHidden>
      <TitleField key={title} title={title} onRename={onRename} />
      <NotStored />
      {summary && (
        <Chip>
          {KIND_WORDS[summary.kind]}
          {summary.measure > 0 && ` · ${summary.measure} wide`}
        </Chip>
      )}
      <ChoiceChips decisions={decisions} />
      <Rest>
        {summary && <Tally tally={summary.tally} />}
        {/* The drawer is part of the text's own screen. */}
        <Views id={piece.id} isLedgerOpen={drawer !== undefined && isText} openDrawer={openDrawer} />
        <Turn turn="Undo" step={undoes} isPossible={decisions.canUndo} onTurn={decisions.undo} />
        <Turn turn="Redo" step={redoes} isPossible={decisions.canRedo} onTurn={decisions.redo} />
        <Actions onSheet={onSheet} onCopy={onCopy} />
      </Rest>
    </Bar>
  );
}

interface ViewsProps {
  readonly id: string;
  readonly isLedgerOpen: boolean;
  readonly openDrawer: PieceView['openDrawer'];
}

/** The screens of a piece, and its ledger. */
const Views = memo(function Views({ id, isLedgerOpen, openDrawer }: ViewsProps) {
  return (
    <>
      <View to={`/piece/${id}`} end>
        Text
      </View>
      <View to={`/piece/${id}/findings`}>Findings</View>
      <View to={`/piece/${id}/shapes`}>Shapes</View>
      <View to={`/piece/${id}/output`}>Output</View>
      <Toggle isSelected={isLedgerOpen} onChange={(open) => openDrawer(open ? {} : undefined)}>
        Ledger
      </Toggle>
    </>
  );
});

interface TurnProps {
  readonly turn: 'Undo' | 'Redo';
  /** What it would do, in words. */
  readonly step: string | undefined;
  readonly isPossible: boolean;
  readonly onTurn: () => void;
}

/** Undo or redo, by one step. */
const Turn = memo(function Turn({ turn, step, isPossible, onTurn }: TurnProps) {
  const words = step ? `${turn}: ${step}` : turn;
  return (
    <Named title={step && words}>
      <QuietButton aria-label={words} isDisabled={!isPossible} onPress={onTurn}>
        <TurnIcon isForward={turn === 'Redo'} />
      </QuietButton>
    </Named>
  );
});

/** What stays as it is whatever the person decides. */
const Actions = memo(function Actions({ onSheet, onCopy }: Pick<PieceHeaderProps, 'onSheet' | 'onCopy'>) {
  return (
    <>
      <QuietButton onPress={() => onSheet('history')}>Steps</QuietButton>
      <QuietButton aria-label="Keys" onPress={() => onSheet('keys')}>
        ?
      </QuietButton>
      <ThemeSwitch />
      <PrimaryButton data-primary="" isDisabled={!onCopy} onPress={onCopy}>
        Copy clean text <Key of="copy" />
      </PrimaryButton>
    </>
  );
});

/** What undo and redo would do; undefined where there is nothing. */
function useNextSteps(
  piece: Omit<PieceView, 'ready'>,
  ready: Ready | undefined,
): readonly [string | undefined, string | undefined] {
  const { at } = piece.decisions.history;
  const names = useStepNames(piece, ready, Math.max(0, at - 1), at + 1);
  return at === 0 ? [undefined, names[0]] : [names[0], names[1]];
}

const TitleField = memo(function TitleField({ title, onRename }: Pick<PieceHeaderProps, 'title' | 'onRename'>) {
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
});

const Bar = styled.header`
  display: flex;
  align-items: center;
  gap: 12px;
  padding: 0 16px;
  border-bottom: 1px solid var(--line);
  background: var(--sheet);
  white-space: nowrap;
  /* The title of the piece says more than ours. */
  @media (max-width: 1400px) {
    > a > span {
      display: none;
    }
  }
  @media (max-width: 980px) {
    flex-wrap: wrap;
    gap: 2px 8px;
    padding: 4px 10px;
  }
  /* Little height, as at a great zoom, is for the text. */
  @media (max-height: 520px) {
    gap: 0 8px;
    padding: 2px 8px;
    a,
    button {
      padding-block: 2px;
    }
  }
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
  /* The line above the text says it too. */
  @media (max-width: 1400px) {
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
    box-shadow: inset 0 -2.5px var(--ribbon);
    @media (forced-colors: active) {
      text-decoration: underline 2.5px;
      text-underline-offset: 4px;
    }
  }
`;

const View = styled(NavLink)`
  ${view}
`;

const Toggle = styled(ToggleButton)`
  ${view}
`;

/** Tells on hover what a button would do; the button itself may be off. */
const Named = styled.span`
  display: contents;
`;

const Rest = styled.div`
  min-width: 0;
  margin-left: auto;
  display: flex;
  @media (max-width: 980px) {
    flex-wrap: wrap;
    margin: 0;
    > :first-child {
      display: none;
    }
  }
  > :not(:first-child) {
    flex: none;
  }
  align-items: center;
  gap: 4px;
`;
