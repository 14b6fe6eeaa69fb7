import { useEffect, useState } from 'react';

/** A menu that has not come after so long, ms, does not come. */
const LONGEST_WAY = 1000;

/**
 * Whether the kinds that a part may be are listed. The list comes a moment after its key: until it has the focus no other key does
 * anything, since what is typed is meant for it. Without a selection there is nothing to ask about.
 */
export function useAskingPart(hasSelection: boolean): readonly [boolean, (isAsking: boolean) => void] {
  const [isAsking, setAsking] = useState(false);
  const isOpen = isAsking && hasSelection;
  useEffect(() => {
    if (!isOpen) {
      setAsking(false);
      return undefined;
    }
    const hold = (event: KeyboardEvent) => {
      if (document.activeElement?.closest('[role="menu"]')) return;
      event.preventDefault();
      event.stopPropagation();
    };
    const release = () => window.removeEventListener('keydown', hold, true);
    window.addEventListener('keydown', hold, true);
    const clock = setTimeout(release, LONGEST_WAY);
    return () => {
      clearTimeout(clock);
      release();
    };
  }, [isOpen]);
  return [isOpen, setAsking];
}
