import { Button as AriaButton } from 'react-aria-components';
import { styled } from 'styled-components';

/** A plain button with a border. */
export const Button = styled(AriaButton)`
  font: inherit;
  color: var(--ink);
  background: var(--sheet);
  border: 1px solid var(--line);
  border-radius: 8px;
  padding: 6px 12px;
  cursor: pointer;
  white-space: nowrap;
  &[data-hovered] {
    background: var(--hover);
  }
  &[data-pressed] {
    background: var(--chosen);
  }
  &[data-disabled] {
    color: var(--faint);
    opacity: 0.6;
    cursor: default;
  }
`;

/** The one action that a screen is for. */
export const PrimaryButton = styled(Button)`
  background: var(--go);
  border-color: var(--go);
  color: var(--go-ink);
  font-weight: 600;
  padding: 8px 16px;
  &[data-hovered] {
    background: color-mix(in srgb, var(--go) 88%, var(--ink));
  }
  &[data-pressed] {
    background: color-mix(in srgb, var(--go) 76%, var(--ink));
  }
  &[data-disabled] {
    color: var(--go-ink);
  }
`;

/** A button without a border, for small actions beside text. */
export const QuietButton = styled(Button)`
  border-color: transparent;
  background: none;
  color: var(--soft);
  padding: 5px 8px;
  &[data-disabled] {
    background: none;
  }
`;
