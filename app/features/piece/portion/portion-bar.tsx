import { MenuTrigger, Toolbar } from 'react-aria-components';
import { styled } from 'styled-components';
import type { Style } from '../../../../core/index.ts';
import { Button, QuietButton } from '../../../ui/buttons.tsx';
import { Option, Options, Panel } from '../../../ui/menu-panel.tsx';
import { Key, KeyCap } from '../keys/key.tsx';
import { passTitle } from '../words/rule-words.ts';
import { PORTION_BAR, leavePortionBar } from './portion-bar-focus.ts';
import { PartMenu } from './part-menu.tsx';
import type { MarkedPortion } from './use-portion.ts';

interface PortionBarProps {
  readonly marked: MarkedPortion;
  readonly style: Style;
  /** Copies the clean text of the selection; not there where it is one of the source. */
  readonly onCopy: (() => void) | undefined;
  /** Letters are typed where the selection is: the keys of the bar are those of its buttons only. */
  readonly isWriting: boolean;
  /** What is typed stands in the place of the selection. */
  readonly isTypedOver: boolean;
  /** Whether the kinds that the part may be are listed. */
  readonly isAskingPart: boolean;
  readonly onAskPart: (isAsking: boolean) => void;
}

/** What can be done with the part of the text that is selected. Nothing where nothing is. */
export function PortionBar({
  marked,
  style,
  onCopy,
  isWriting,
  isTypedOver,
  isAskingPart,
  onAskPart,
}: PortionBarProps) {
  const { view, act, toggle } = marked;
  if (!view) return null;
  const [first, last] = view.lines;
  return (
    // A press must not take the selection away.
    <Place
      id={PORTION_BAR}
      data-writing={isWriting || isTypedOver || undefined}
      onMouseDown={(event) => event.preventDefault()}
      onKeyDown={(event) => {
        if (event.key === 'Escape') leavePortionBar();
      }}
    >
      <Bar aria-label="The selected part">
        <b>{first === last ? `Line ${first}` : `Lines ${first} to ${last}`}</b>
        {isTypedOver && <Hint>Typing replaces it</Hint>}
        {isWriting && (
          <Hint>
            <KeyCap>Alt</KeyCap> <KeyCap>F10</KeyCap> opens this bar
          </Hint>
        )}
        <Button onPress={() => toggle('hold')}>
          {view.isHeld ? 'Release' : 'Keep as in the source'} <Key of="hold" />
        </Button>
        <Button onPress={() => act({ kind: 'only' })}>
          Clean only this <Key of="only-here" />
        </Button>
        <Button onPress={() => toggle('leave-out')}>
          {view.isLeftOut ? 'Restore' : 'Leave out'} <Key of="leave-out" />
        </Button>
        <PartMenu
          part={view.part}
          onSay={(as) => act({ kind: 'part', as })}
          isOpen={isAskingPart}
          onOpenChange={onAskPart}
        />
        {view.passes.length > 0 && (
          <MenuTrigger>
            <Button>Keep the original here…</Button>
            <Panel placement="top">
              <Options
                aria-label="Passes that changed something here"
                onAction={(pass) => act({ kind: 'stet', pass: String(pass) })}
              >
                {view.passes.map(({ pass, edits }) => (
                  <Pass key={pass} id={pass} textValue={passTitle(pass, style)}>
                    {passTitle(pass, style)} <small>{edits.toLocaleString('en')}</small>
                  </Pass>
                ))}
              </Options>
            </Panel>
          </MenuTrigger>
        )}
        {onCopy && <QuietButton onPress={onCopy}>Copy</QuietButton>}
      </Bar>
    </Place>
  );
}

const Place = styled.div`
  position: absolute;
  z-index: 3;
  bottom: 12px;
  inset-inline: 12px;
  margin: 0 auto;
  width: fit-content;
  padding: 7px 9px 7px 14px;
  border: 1px solid var(--line);
  border-radius: 12px;
  background: var(--sheet);
  box-shadow: var(--shadow);
  user-select: none;
  &[data-writing] button kbd {
    display: none;
  }
`;

const Bar = styled(Toolbar)`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px;
  b {
    margin-right: 6px;
    white-space: nowrap;
  }
`;

const Hint = styled.small`
  color: var(--soft);
  white-space: nowrap;
`;

const Pass = styled(Option)`
  display: flex;
  justify-content: space-between;
  gap: 18px;
  small {
    color: var(--soft);
    font-variant-numeric: tabular-nums;
  }
`;
