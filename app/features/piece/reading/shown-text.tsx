import { styled } from 'styled-components';
import type { Place, Run } from '../../../../core/index.ts';
import { breakable } from '../../../ui/long-words.tsx';
import { signedText } from './signed-text.tsx';

/** The text of a run, the part of it that is being shown marked, hidden characters by their signs where they are wanted. In the clean text a changed run is shown whole. */
export function runText(
  run: Run,
  shown: Place | undefined,
  side: 'source' | 'clean',
  isSigned: boolean,
): React.ReactNode {
  const textOf = isSigned ? signedText : breakable;
  if (!shown || !meets(shown, run)) return textOf(run.text);
  if (side === 'clean' && run.fate !== 'kept') return <Shown data-shown="">{textOf(run.text)}</Shown>;
  const from = Math.max(0, shown.from - run.from);
  const to = Math.min(run.text.length, shown.to - run.from);
  if (from >= to) return textOf(run.text);
  return (
    <>
      {textOf(run.text.slice(0, from))}
      <Shown data-shown="">{textOf(run.text.slice(from, to))}</Shown>
      {textOf(run.text.slice(to))}
    </>
  );
}

/** What makes a changed run one that can be asked about: by a click, or by the keys that go from change to change. */
export function editMark({ from, to }: Run) {
  return { 'data-edit': '', 'data-at': from, 'data-to': to, tabIndex: -1 } as const;
}

/** Whether a place and a run share something; an empty place or run does where it stands inside of the other, or at its edge. */
function meets(place: Place, run: Place): boolean {
  const isEmpty = place.from === place.to || run.from === run.to;
  return isEmpty ? place.from <= run.to && place.to >= run.from : place.from < run.to && place.to > run.from;
}

const Shown = styled.mark`
  color: var(--ink);
  background: var(--lit);
  border-radius: 3px;
  box-shadow: 0 0 0 2px var(--doubt);
`;
