import { MenuTrigger } from 'react-aria-components';
import { styled } from 'styled-components';
import { PART_KINDS, type PartKind } from '../../../../core/index.ts';
import { Button } from '../../../ui/buttons.tsx';
import { Option, Options, Panel } from '../../../ui/menu-panel.tsx';
import { Key } from '../keys/key.tsx';
import { PART_HELP, PART_WORDS } from '../words/part-words.ts';

interface PartMenuProps {
  /** What the person said that the part is; undefined where they said nothing. */
  readonly part: PartKind | undefined;
  /** Without a kind the evidence tells again. */
  readonly onSay: (as: PartKind | undefined) => void;
  readonly isOpen: boolean;
  readonly onOpenChange: (isOpen: boolean) => void;
}

/** Says what the selected lines are, where the evidence took them for something else. */
export function PartMenu({ part, onSay, isOpen, onOpenChange }: PartMenuProps) {
  const kindOf = (key: string | number) => PART_KINDS.find((kind) => kind === key);
  return (
    <MenuTrigger isOpen={isOpen} onOpenChange={onOpenChange}>
      <Button>
        {part ? `This is ${PART_WORDS[part]}` : 'This part is…'} <Key of="part" />
      </Button>
      <Panel placement="top">
        <Options aria-label="What the selected part is" onAction={(key) => onSay(kindOf(key))}>
          {PART_KINDS.map((kind) => (
            <Kind key={kind} id={kind} textValue={kind} data-current={kind === part || undefined}>
              {PART_WORDS[kind]}
              <small>{kind === part ? 'as you said' : PART_HELP[kind]}</small>
            </Kind>
          ))}
          {part && (
            <Kind id="as-found" textValue="Decide automatically">
              Decide automatically <small>take it back</small>
            </Kind>
          )}
        </Options>
      </Panel>
    </MenuTrigger>
  );
}

const Kind = styled(Option)`
  display: flex;
  align-items: baseline;
  justify-content: space-between;
  gap: 18px;
  small {
    color: var(--soft);
  }
  &[data-current] {
    font-weight: 600;
  }
`;
