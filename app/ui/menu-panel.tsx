import { Menu, MenuItem, Popover } from 'react-aria-components';
import { styled } from 'styled-components';

/** A small panel at the thing that it is about. */
export const Panel = styled(Popover)`
  background: var(--sheet);
  color: var(--ink);
  border: 1px solid var(--line);
  border-radius: 10px;
  box-shadow: var(--shadow);
  outline: none;
  [role='dialog'] {
    outline: none;
  }
`;

/** What can be done there. */
export const Options = styled(Menu)`
  padding: 5px;
  max-height: 320px;
  overflow: auto;
  outline: none;
`;

export const Option = styled(MenuItem)`
  padding: 6px 9px;
  border-radius: 6px;
  color: var(--ink);
  cursor: pointer;
  outline: none;
  &[data-focused] {
    background: var(--hover);
    box-shadow: inset 0 0 0 2px var(--ribbon);
  }
`;
