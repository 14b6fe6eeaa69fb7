import { useState } from 'react';
import { styled } from 'styled-components';
import { QuietButton } from '../../../ui/buttons.tsx';
import { Sheet } from '../../../ui/sheet.tsx';
import type { PieceView } from '../state/piece-context.ts';
import { useStepNames } from './use-step-names.ts';
import type { Versions } from './use-versions.ts';
import { VersionList } from './version-list.tsx';

interface HistorySheetProps {
  readonly onClose: () => void;
  readonly piece: Omit<PieceView, 'ready'>;
  readonly ready: PieceView['ready'] | undefined;
  readonly versions: Versions;
}

/** Every step so far, to go back to any of them, and the versions that were kept. */
export default function HistorySheet({ onClose, piece, ready, versions }: HistorySheetProps) {
  return (
    <Sheet title="Steps and versions" isOpen onClose={onClose} width={860}>
      <Columns>
        <section aria-label="Steps">
          <h3>Steps</h3>
          <p>Press a step to go back or forward to it.</p>
          <StepList piece={piece} ready={ready} />
        </section>
        <section aria-label="Versions">
          <h3>Versions</h3>
          <VersionList piece={piece} ready={ready} versions={versions} onClose={onClose} />
        </section>
      </Columns>
    </Sheet>
  );
}

const SHOWN_AT_FIRST = 200;

function StepList({ piece, ready }: Pick<HistorySheetProps, 'piece' | 'ready'>) {
  const { history, goTo } = piece.decisions;
  const { steps, at } = history;
  const [most, setMost] = useState(SHOWN_AT_FIRST);
  const from = Math.max(0, Math.min(at, steps.length - most));
  const names = useStepNames(piece, ready, from, steps.length);
  return (
    <List>
      {names
        .map((name, index) => {
          const after = from + index + 1;
          return (
            <li key={after}>
              <Entry
                type="button"
                aria-current={after === at ? 'step' : undefined}
                data-undone={after > at || undefined}
                onClick={() => goTo(after)}
              >
                <small>{after}</small> {name}
                {after > at && <i> (undone)</i>}
              </Entry>
            </li>
          );
        })
        .toReversed()}
      {from > 0 ? (
        <li>
          <QuietButton onPress={() => setMost(most * 4)}>Show earlier steps</QuietButton>
        </li>
      ) : (
        <li>
          <Entry type="button" aria-current={at === 0 ? 'step' : undefined} onClick={() => goTo(0)}>
            <small>0</small> As first cleaned
          </Entry>
        </li>
      )}
    </List>
  );
}

const Columns = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 340px), 1fr));
  gap: 26px;
  min-height: 0;
  section {
    display: flex;
    flex-direction: column;
    gap: 8px;
    min-width: 0;
  }
  h3 {
    font-size: 14px;
    margin: 0;
  }
`;

const List = styled.ol`
  margin: 0;
  padding: 4px;
  list-style: none;
  border: 1px solid var(--line);
  border-radius: 8px;
  height: 46vh;
  overflow: auto;
`;

const Entry = styled.button`
  display: block;
  width: 100%;
  padding: 5px 9px;
  border: 0;
  border-radius: 6px;
  background: none;
  color: var(--ink);
  font: inherit;
  font-size: 13.5px;
  text-align: left;
  cursor: pointer;
  small {
    display: inline-block;
    min-width: 26px;
    color: var(--soft);
    font-variant-numeric: tabular-nums;
  }
  &:hover {
    background: var(--hover);
  }
  &[aria-current] {
    background: var(--chosen);
    font-weight: 600;
  }
  &[data-undone] {
    color: var(--soft);
  }
`;
