import { styled } from 'styled-components';
import { faces } from '../../../ui/theme.ts';
import type { CommandId } from './commands.ts';
import { useKeyName } from './use-commands.ts';

/** The key of a command, as on a keyboard. */
export function Key({ of }: { readonly of: CommandId }) {
  return <KeyCap>{useKeyName()(of)}</KeyCap>;
}

export const KeyCap = styled.kbd`
  font: 600 11px ${faces.source};
  padding: 1px 5px;
  margin-left: 5px;
  border: 1px solid var(--line);
  border-bottom-width: 2px;
  border-radius: 5px;
  color: var(--soft);
`;
