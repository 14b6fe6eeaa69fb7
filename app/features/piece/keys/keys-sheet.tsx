import { useContext, useEffect, useState } from 'react';
import { styled } from 'styled-components';
import { QuietButton } from '../../../ui/buttons.tsx';
import { Sheet } from '../../../ui/sheet.tsx';
import { changeKey, COMMANDS, keyOf, type Command, type CommandId, type OwnKeys } from './commands.ts';
import { keyCap, KeyCap } from './key.tsx';
import { KeysContext } from './use-commands.ts';

interface KeysSheetProps {
  readonly onClose: () => void;
  readonly onChange: (keys: OwnKeys) => void;
}

const GROUPS: readonly { readonly id: Command['group']; readonly title: string }[] = [
  { id: 'doubts', title: 'Doubts' },
  { id: 'moving', title: 'Moving around' },
  { id: 'paragraphs', title: 'Paragraphs and selections' },
  { id: 'view', title: 'View' },
];

/** Keys that are the same in all programs, or belong to the place where they are pressed. */
const FIXED: readonly (readonly [keys: readonly string[], title: string])[] = [
  [['Ctrl Z', 'Ctrl Shift Z'], 'Undo and redo, a step at a time'],
  [['Ctrl F'], 'Find words in this piece'],
  [['Enter'], 'On a paragraph: write in it. While writing: a new paragraph; with Shift a new line'],
  [['Backspace'], 'At the beginning of a paragraph: join it to the one before'],
  [['Alt F10'], 'While writing: to the bar of what is selected'],
  [['Esc'], 'Leave the paragraph; close what is open'],
];

/** All keys on one sheet; those of one sign can be changed. */
export default function KeysSheet({ onClose, onChange }: KeysSheetProps) {
  const own = useContext(KeysContext);
  const [asked, setAsked] = useState<CommandId>();
  const [trouble, setTrouble] = useState('');
  useNextKey(asked, (key) => {
    setAsked(undefined);
    if (!asked || key === undefined) return;
    const change = changeKey(own, asked, key);
    setTrouble(change.ok ? '' : troubleWords(key, change.taken));
    if (change.ok) onChange(change.keys);
  });
  return (
    <Sheet title="Keys" isOpen onClose={onClose} width={860}>
      <p>To change a key, press its button, then the new key. Keys work wherever you are not typing.</p>
      <Trouble role="status">{asked ? 'Press the new key now, or Esc to leave it as it is.' : trouble}</Trouble>
      <Columns>
        {GROUPS.map((group) => (
          <section key={group.id} aria-labelledby={`keys-${group.id}`}>
            <h3 id={`keys-${group.id}`}>{group.title}</h3>
            {COMMANDS.filter((command) => command.group === group.id).map(({ id, title }) => (
              <Row key={id}>
                <Change
                  type="button"
                  aria-label={`${title}: ${keyOf(id, own)}. Change the key`}
                  data-asked={asked === id || undefined}
                  onClick={() => setAsked(id)}
                >
                  {asked === id ? '…' : keyOf(id, own).toUpperCase()}
                </Change>
                <span>{title}</span>
              </Row>
            ))}
          </section>
        ))}
        <section aria-labelledby="keys-fixed" data-long="">
          <h3 id="keys-fixed">Always</h3>
          {FIXED.map(([keys, title]) => (
            <Row key={title}>
              <Caps>
                {keys.map((key) => (
                  <KeyCap key={key}>{key}</KeyCap>
                ))}
              </Caps>
              <span>{title}</span>
            </Row>
          ))}
        </section>
      </Columns>
      <QuietButton isDisabled={Object.keys(own).length === 0} onPress={() => onChange({})}>
        All keys as they were at first
      </QuietButton>
    </Sheet>
  );
}

/** Catches the next key while one is asked for; Escape gives none. */
function useNextKey(asked: CommandId | undefined, onKey: (key: string | undefined) => void): void {
  useEffect(() => {
    if (!asked) return undefined;
    const listen = (event: KeyboardEvent) => {
      if (['Shift', 'Control', 'Alt', 'Meta', 'Tab'].includes(event.key)) return;
      event.preventDefault();
      event.stopPropagation();
      onKey(event.key === 'Escape' ? undefined : event.key);
    };
    document.addEventListener('keydown', listen, true);
    return () => document.removeEventListener('keydown', listen, true);
  }, [asked, onKey]);
}

function troubleWords(key: string, taken: CommandId | undefined): string {
  const title = COMMANDS.find(({ id }) => id === taken)?.title;
  return title
    ? `${key.toUpperCase()} is taken: ${title}. Give that another key first.`
    : `${key} belongs to the browser or to the keyboard itself. Take a letter, a figure or a sign.`;
}

const Columns = styled.div`
  columns: 2 300px;
  column-gap: 28px;
  section {
    break-inside: avoid;
    margin-bottom: 12px;
  }
  h3 {
    font-size: 12.5px;
    color: var(--soft);
    margin-bottom: 4px;
  }
`;

const Row = styled.div`
  display: grid;
  grid-template-columns: 34px 1fr;
  [data-long] > & {
    grid-template-columns: 92px 1fr;
  }
  gap: 10px;
  align-items: baseline;
  padding: 3px 0;
  font-size: 13px;
`;

const Caps = styled.span`
  display: grid;
  gap: 3px;
  justify-items: start;
`;

const Change = styled.button`
  ${keyCap}
  justify-self: start;
  min-width: 30px;
  padding: 3px 8px;
  color: var(--ink);
  background: var(--sheet);
  cursor: pointer;
  &:hover,
  &[data-asked] {
    background: var(--chosen);
  }
`;

const Trouble = styled.p`
  min-height: 20px;
  && {
    color: var(--doubt);
  }
`;
