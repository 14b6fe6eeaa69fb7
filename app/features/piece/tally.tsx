import { styled } from 'styled-components';
import type { WordTally } from '../../../core/index.ts';

const count = (value: number) => value.toLocaleString('en');

/** The proof that no word was lost: words in = out + removed + mended - inserted. */
export function Tally({ tally }: { readonly tally: WordTally }) {
  const sum = `${count(tally.wordsIn)} words in the source = ${count(tally.wordsOut)} in the clean text + ${count(tally.removed)} removed + ${count(tally.mended)} grown together with another half − ${count(tally.inserted)} inserted`;
  return (
    <Line title={sum} aria-label={sum} role="img">
      <b>{count(tally.wordsIn)}</b> in · <b>{count(tally.wordsOut)}</b> out · <b>{count(tally.removed)}</b> removed
      {tally.inserted > 0 && (
        <>
          {' '}
          · <b>{count(tally.inserted)}</b> new
        </>
      )}
    </Line>
  );
}

const Line = styled.span`
  min-width: 0;
  overflow: hidden;
  text-overflow: ellipsis;
  color: var(--soft);
  font-size: 13px;
  font-variant-numeric: tabular-nums;
  margin-right: 8px;
  b {
    color: var(--ink);
    font-weight: 650;
  }
`;
