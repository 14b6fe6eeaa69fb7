import { styled } from 'styled-components';
import { isPassOn, type PassId } from '../../../../core/index.ts';
import { Switch } from '../../../ui/switch.tsx';
import type { PieceView } from '../state/piece-context.ts';
import { passTitle } from '../words/rule-words.ts';

/** The switch of a pass beside what it deals with. */
export function PassSwitch({ piece, pass }: { readonly piece: PieceView; readonly pass: PassId }) {
  const { style, take } = piece.decisions;
  const title = passTitle(pass, style);
  return (
    <Line>
      <Switch
        aria-label={title}
        isSelected={isPassOn(style, pass)}
        onChange={(on) => take({ kind: 'switch-pass', pass, on })}
      />
      {title}
    </Line>
  );
}

const Line = styled.span`
  display: flex;
  align-items: center;
  gap: 8px;
`;
