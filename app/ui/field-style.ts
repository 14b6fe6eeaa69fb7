import { css } from 'styled-components';

/** How a field for a line of text looks. */
export const fieldStyle = css`
  font: inherit;
  color: var(--ink);
  background: var(--sheet);
  border: 1px solid var(--line);
  border-radius: 8px;
  padding: 5px 9px;
`;
