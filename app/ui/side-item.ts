import { ListBoxItem } from 'react-aria-components';
import { styled } from 'styled-components';

/** One of a list at the side of a page, of which one is shown. */
export const SideItem = styled(ListBoxItem)`
  display: grid;
  gap: 2px 8px;
  padding: 7px 16px 7px 15px;
  border-left: 3px solid transparent;
  cursor: pointer;
  outline: none;
  b {
    font-weight: 500;
  }
  &[data-hovered] {
    background: var(--hover);
  }
  &[data-selected] {
    background: var(--chosen);
    border-left-color: var(--ribbon);
    b {
      font-weight: 600;
    }
  }
  &[data-focus-visible] {
    box-shadow: inset 0 0 0 2px var(--ribbon);
  }
`;
