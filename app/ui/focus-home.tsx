import { useEffect } from 'react';
import { styled } from 'styled-components';

/** The element that the focus goes to where nothing else has it: what the screen is about. */
const HOME = 'text';

/** What takes the focus by itself when it has come, and gives it back when it goes. */
const OVERLAY = '[role="menu"], [role="dialog"], [role="listbox"]';

/** Whoever takes the focus away may give it a place of its own: so long, ms. */
const PATIENCE = 200;

/** Spread on it. */
export const home = { id: HOME } as const;

function goHome(): void {
  const element = document.getElementById(HOME);
  if (element && element.tabIndex < 0 && !element.hasAttribute('tabindex')) element.tabIndex = -1;
  element?.focus({ preventScroll: true });
}

/** The first stop of each page leads past all that is around its text. */
export function SkipLink() {
  return (
    <Skip
      href={`#${HOME}`}
      onClick={(event) => {
        event.preventDefault();
        goHome();
      }}
    >
      Skip to the text
    </Skip>
  );
}

/**
 * Keeps the focus from falling to the page itself, where keys lead nowhere and a screen reader begins at the top: when what had it
 * goes away or gives it up, it goes to what the screen is about. A press of the pointer may leave it where it likes.
 */
export function FocusKeeper() {
  useEffect(() => {
    let clock: ReturnType<typeof setTimeout> | undefined;
    let wasPressed = false;
    let hadFocus = false;
    const isLost = () =>
      document.activeElement === document.body && document.hasFocus() && !document.querySelector(OVERLAY);
    const look = (event: FocusEvent) => {
      if (event.relatedTarget !== null || wasPressed) return;
      clearTimeout(clock);
      clock = setTimeout(() => {
        if (isLost()) goHome();
      }, PATIENCE);
    };
    const onPress = () => {
      wasPressed = true;
      setTimeout(() => (wasPressed = false));
    };
    // What is taken away or switched off does not always tell that it loses the focus.
    const onKey = (event: KeyboardEvent) => {
      if (event.key === 'Tab' && hadFocus && isLost()) goHome();
    };
    const onFocus = () => (hadFocus = true);
    document.addEventListener('focusout', look);
    document.addEventListener('focusin', onFocus);
    document.addEventListener('pointerdown', onPress, true);
    document.addEventListener('keydown', onKey, true);
    return () => {
      clearTimeout(clock);
      document.removeEventListener('focusout', look);
      document.removeEventListener('focusin', onFocus);
      document.removeEventListener('pointerdown', onPress, true);
      document.removeEventListener('keydown', onKey, true);
    };
  }, []);
  return null;
}

const Skip = styled.a`
  position: fixed;
  z-index: 30;
  top: 8px;
  left: 8px;
  padding: 7px 14px;
  border-radius: 8px;
  color: var(--paper);
  background: var(--ink);
  &:not(:focus) {
    clip-path: inset(50%);
  }
  @media print {
    display: none;
  }
`;
