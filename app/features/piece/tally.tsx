import { styled } from 'styled-components';
import type { WordTally } from '../../../core/index.ts';

const count = (value: number) => value.toLocaleString('en');

/** The proof that no word was lost: words in = out + removed + mended − new. Parts that are nought are not shown. */
export function Tally({ tally }: { readonly tally: WordTally }) {
  const sum = `${count(tally.wordsIn)} words in the source = ${count(tally.wordsOut)} in the clean text + ${count(tally.removed)} removed + ${count(tally.mended)} grown together with another half − ${count(tally.inserted)} inserted`;
  const parts = [
    ['+', tally.removed, 'removed'],
    ['+', tally.mended, 'mended'],
    ['−', tally.inserted, 'new'],
  ] as const;
  return (
    <Line title={sum} aria-label={sum} role="img">
      <b>{count(tally.wordsIn)}</b> words in = <b>{count(tally.wordsOut)}</b> out
      {parts
        .filter(([, words]) => words > 0)
        .map(([sign, words, name]) => (
          <span key={name}>
            {' '}
            {sign} <b>{count(words)}</b> {name}
          </span>
        ))}
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
