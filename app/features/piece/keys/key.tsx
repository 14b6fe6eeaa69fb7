import { css, styled } from 'styled-components';
import { faces } from '../../../ui/theme.ts';
import type { CommandId } from './commands.ts';
import { useKeyName } from './use-commands.ts';

/** The key of a command, as on a keyboard. */
export function Key({ of }: { readonly of: CommandId }) {
  return <Beside>{useKeyName()(of)}</Beside>;
}

/** How a key looks. */
export const keyCap = css`
  font: 600 11px ${faces.source};
  padding: 1px 5px;
  border: 1px solid var(--line);
  border-bottom-width: 2px;
  border-radius: 5px;
  color: var(--soft);
  button[data-primary] & {
    color: inherit;
    border-color: currentColor;
    opacity: 0.75;
  }
`;

export const KeyCap = styled.kbd`
  ${keyCap}
`;

const Beside = styled(KeyCap)`
  margin-left: 5px;
`;
