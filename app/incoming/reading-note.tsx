import { useSyncExternalStore } from 'react';
import { styled } from 'styled-components';
import { QuietButton } from '../ui/buttons.tsx';
import type { IncomingState } from './use-incoming.ts';

/** What is shown while a file is being read, wherever it was let go; files that are read at once show nothing. */
export function ReadingNote({ incoming }: { readonly incoming: IncomingState }) {
  const { progress, stopReading } = incoming;
  const reading = useSyncExternalStore(progress.listen, progress.get, progress.get);
  if (!reading) return null;
  return (
    <Note role="status">
      <Name>Reading {reading.name}</Name>
      <progress
        aria-label="How much of the file is read"
        max={1}
        value={reading.share === 0 ? undefined : reading.share}
      />
      <QuietButton onPress={stopReading}>Stop</QuietButton>
    </Note>
  );
}

const Note = styled.div`
  position: fixed;
  inset: auto 0 24px 0;
  margin: 0 auto;
  width: max-content;
  max-width: min(90vw, 480px);
  display: flex;
  gap: 12px;
  align-items: center;
  padding: 10px 14px;
  border: 1px solid var(--line);
  border-radius: 10px;
  background: var(--sheet);
  box-shadow: var(--shadow);
  z-index: 20;
  /* Most files are read before anybody could read this. */
  animation: late-note 300ms step-end;
  @keyframes late-note {
    from {
      opacity: 0;
    }
  }
  progress {
    width: 140px;
    accent-color: var(--ribbon);
  }
`;

const Name = styled.span`
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
`;
