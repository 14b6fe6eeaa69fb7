import { createContext, useContext, useLayoutEffect } from 'react';
import { TYPED_IN } from '../../../ui/typed-in.ts';
import { COMMANDS, keyOf, type CommandId, type OwnKeys } from './commands.ts';

/** The keys that the person chose. */
export const KeysContext = createContext<OwnKeys>({});

/** Where letters are typed, or have a meaning of their own. */
const OWN_KEYS = `${TYPED_IN}, [contenteditable], [role="dialog"], [role="menu"], [role="listbox"], [role="grid"]`;

/** What commands do; those that are not named, or undefined, do nothing now. Shift is told. */
export type Handlers = Readonly<Partial<Record<CommandId, ((shift: boolean) => void) | undefined>>>;

/** Does what a key says, wherever nothing else wants it. */
export function useCommands(handlers: Handlers): void {
  const own = useContext(KeysContext);
  // With the screen, not after it: whoever sees a command may press its key at once.
  useLayoutEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.defaultPrevented || event.ctrlKey || event.metaKey || event.altKey) return;
      if (event.target instanceof Element && event.target.closest(OWN_KEYS)) return;
      const key = event.key.toLowerCase();
      const command = COMMANDS.find(({ id }) => keyOf(id, own) === key);
      const act = command && handlers[command.id];
      if (!act) return;
      event.preventDefault();
      act(event.shiftKey);
    };
    document.addEventListener('keydown', onKey);
    return () => document.removeEventListener('keydown', onKey);
  }, [handlers, own]);
}

/** The key of a command as it is written. */
export function useKeyName(): (command: CommandId) => string {
  const own = useContext(KeysContext);
  return (command) => keyOf(command, own).toUpperCase();
}
