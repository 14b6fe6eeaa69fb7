import { ToggleButton } from 'react-aria-components';
import { styled } from 'styled-components';

/** A choice that is on or off, beside a field or above a list. */
export const Chip = styled(ToggleButton)`
  font: inherit;
  font-size: 13px;
  white-space: nowrap;
  color: var(--soft);
  background: none;
  border: 1px solid var(--line);
  border-radius: 99px;
  padding: 3px 11px;
  cursor: pointer;
  &[data-hovered] {
    background: var(--hover);
  }
  &[data-selected] {
    color: var(--ink);
    background: var(--chosen);
    border-color: var(--ribbon);
  }
`;

/** The line of controls above a list. */
export const Controls = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 8px;
  min-height: 38px;
  padding: 0 10px 6px 14px;
  border-bottom: 1px solid var(--line);
  font-size: 13px;
  button {
    font-size: 13px;
    padding: 3px 10px;
  }
`;
