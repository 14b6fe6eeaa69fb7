import { useEffect } from 'react';

/** Where letters are typed, or have a meaning of their own. */
const OWN_KEYS =
  'input, textarea, select, [contenteditable], [role="dialog"], [role="menu"], [role="listbox"], [role="grid"]';

/** Keys of one letter, in small letters, wherever nothing else wants them. Shift is told. */
export function useDoubtKeys(keys: Readonly<Record<string, ((shift: boolean) => void) | undefined>>): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.defaultPrevented || event.ctrlKey || event.metaKey || event.altKey) return;
      if (event.target instanceof Element && event.target.closest(OWN_KEYS)) return;
      const act = keys[event.key.toLowerCase()];
      if (!act) return;
      event.preventDefault();
      act(event.shiftKey);
    };
    document.addEventListener('keydown', onKey);
    return () => document.removeEventListener('keydown', onKey);
  }, [keys]);
}
