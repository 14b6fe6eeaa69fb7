import { home } from '../../ui/focus-home.tsx';
import { styled } from 'styled-components';
import type { Stage } from '../../../core/index.ts';
import { Button } from '../../ui/buttons.tsx';

const STAGE_WORDS: Readonly<Record<Stage, string>> = {
  lines: 'Reading the lines',
  seams: 'Finding the paragraphs',
  blocks: 'Cleaning the paragraphs',
};

const STAGES: readonly Stage[] = ['lines', 'seams', 'blocks'];

/** What is shown while a text is being cleaned. */
export function Working({ stage, onCancel }: { readonly stage?: Stage; readonly onCancel?: () => void }) {
  const done = stage ? STAGES.indexOf(stage) : 0;
  return (
    <Place {...home}>
      <p role="status">{stage ? `${STAGE_WORDS[stage]}…` : 'Opening the piece…'}</p>
      <progress aria-label="Progress of the cleaning" max={STAGES.length} value={done + 0.5} />
      {onCancel && <Button onPress={onCancel}>Stop</Button>}
    </Place>
  );
}

/** What is shown after a person stopped the cleaning. */
export function Stopped({ onStart }: { readonly onStart: () => void }) {
  return (
    <Place {...home} role="status">
      <p>Cleaning was stopped. Your source is safe.</p>
      <Button onPress={onStart}>Clean again</Button>
    </Place>
  );
}

const Place = styled.main`
  display: grid;
  gap: 12px;
  justify-items: center;
  padding-top: 30vh;
  color: var(--soft);
  progress {
    width: 220px;
    accent-color: var(--ribbon);
  }
`;
