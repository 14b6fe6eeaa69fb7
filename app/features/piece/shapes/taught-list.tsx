import { styled } from 'styled-components';
import { isPassOn } from '../../../../core/index.ts';
import { QuietButton } from '../../../ui/buttons.tsx';
import { Switch } from '../../../ui/switch.tsx';
import type { PieceView } from '../state/piece-context.ts';

/** The shapes that are in force on the piece. */
export function TaughtList({ decisions: { style, take }, ready }: Pick<PieceView, 'decisions' | 'ready'>) {
  const shapes = style.shapes ?? [];
  if (shapes.length === 0) return null;
  return (
    <Taught aria-labelledby="taught">
      <h2 id="taught">Applied to this piece</h2>
      {shapes.map(({ id, name }) => (
        <div key={id}>
          <Switch
            aria-label={name}
            isSelected={isPassOn(style, id)}
            onChange={(on) => take({ kind: 'switch-pass', pass: id, on })}
          />
          <span>{name}</span>
          <small>{(ready.summary.counts[id] ?? 0).toLocaleString('en')}</small>
          <QuietButton aria-label={`Remove “${name}”`} onPress={() => take({ kind: 'remove-shape', shape: id })}>
            Remove
          </QuietButton>
        </div>
      ))}
    </Taught>
  );
}

const Taught = styled.section`
  padding: 14px 16px 0;
  margin-top: 14px;
  border-top: 1px solid var(--line);
  h2 {
    font-size: 13px;
    font-weight: 600;
    color: var(--soft);
    margin-bottom: 4px;
  }
  div {
    display: grid;
    grid-template-columns: auto minmax(0, 1fr) auto;
    gap: 0 9px;
    align-items: center;
  }
  small {
    color: var(--soft);
    font-variant-numeric: tabular-nums;
  }
  button {
    grid-column: 2 / -1;
    justify-self: start;
    padding-left: 0;
  }
`;
