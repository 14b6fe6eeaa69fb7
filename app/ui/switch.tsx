import { Switch as AriaSwitch, type SwitchProps } from 'react-aria-components';
import { styled } from 'styled-components';

/** An on/off switch without a visible label; give it an `aria-label`. */
export function Switch(props: SwitchProps) {
  return (
    <Root {...props}>
      <Track />
    </Root>
  );
}

const Track = styled.span`
  display: block;
  position: relative;
  width: 24px;
  height: 14px;
  border-radius: 7px;
  background: var(--faint);
  opacity: 0.7;
  &::after {
    content: '';
    position: absolute;
    left: 2px;
    top: 2px;
    width: 10px;
    height: 10px;
    border-radius: 50%;
    background: var(--sheet);
    /* Moved by the compositor: the page draws nothing anew meanwhile. */
    transition: translate 0.12s;
  }
`;

const Root = styled(AriaSwitch)`
  display: block;
  flex: none;
  padding: 4px 0;
  cursor: pointer;
  &[data-selected] ${Track} {
    background: var(--ribbon);
    opacity: 1;
  }
  &[data-selected] ${Track}::after {
    translate: 10px;
  }
  /* Where the browser paints with colours of its own the track would be gone. */
  @media (forced-colors: active) {
    ${Track} {
      forced-color-adjust: none;
      background: Canvas;
      border: 1px solid ButtonText;
      opacity: 1;
    }
    ${Track}::after {
      top: 1px;
      background: ButtonText;
    }
    &[data-selected] ${Track} {
      background: Highlight;
    }
    &[data-selected] ${Track}::after {
      background: HighlightText;
    }
  }
  &[data-focus-visible] ${Track} {
    outline: 2px solid var(--ribbon);
    outline-offset: 2px;
  }
`;
