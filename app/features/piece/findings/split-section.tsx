import { useState } from 'react';
import { styled } from 'styled-components';
import { Decision, otherDecision, type SplitFinding } from '../../../../core/index.ts';
import { QuietButton } from '../../../ui/buttons.tsx';
import { SPLIT_WORDS } from '../words/seam-words.ts';
import type { FindingsPart } from './findings-part.ts';
import { Places, Section, Table } from './section.tsx';
import { certaintyPercent } from '../words/certainty-words.ts';

const SHOWN_AT_FIRST = 10;

/** The words that a hyphen splits at a line end, the least certain first, each with its evidence. */
export function SplitSection({ piece, findings }: FindingsPart) {
  const [all, setAll] = useState(false);
  const { splits } = findings;
  const { style, take } = piece.decisions;
  const shown = all ? splits : splits.slice(0, SHOWN_AT_FIRST);
  return (
    <Section
      title="Split words"
      lead="Words cut by a hyphen at a line end. Most are closed up; real compounds keep their hyphen. The least certain come first."
    >
      <Table>
        <thead>
          <tr>
            <th>In the source</th>
            <th>Became</th>
            <th>Evidence</th>
            <th className="number">Certain</th>
            <th />
          </tr>
        </thead>
        <tbody>
          {shown.map((split) => (
            <tr key={split.place.from}>
              <td>
                <code>
                  {split.head} ␊ {split.tail}
                </code>
              </td>
              <td>
                <b>{outcomeOf(split)}</b>
              </td>
              <td className="soft">{split.settled ? 'you decided this' : SPLIT_WORDS[split.evidence]}</td>
              <td className="number">
                {!split.settled && split.certainty < style.certaintyLimit && <Doubt title="In doubt">◇ </Doubt>}
                {!split.settled && certaintyPercent(split.certainty)}
              </td>
              <Acts>
                <QuietButton
                  onPress={() =>
                    take({
                      kind: 'choose',
                      choice: { kind: 'seam', ...split.seam, decision: otherDecision(split.decision) },
                    })
                  }
                >
                  {split.decision === Decision.mend ? 'Keep the hyphen' : 'Close it up'}
                </QuietButton>
                <Places piece={piece} title={split.head + split.tail} places={[split.place]} count={1} />
              </Acts>
            </tr>
          ))}
        </tbody>
      </Table>
      {shown.length < splits.length && (
        <QuietButton onPress={() => setAll(true)}>Show all {splits.length.toLocaleString('en')}</QuietButton>
      )}
    </Section>
  );
}

function outcomeOf({ head, tail, decision }: SplitFinding): string {
  if (decision === Decision.mend) return head.slice(0, -1) + tail;
  return decision === Decision.join ? head + tail : `${head} / ${tail}`;
}

const Doubt = styled.span`
  color: var(--doubt);
  font-weight: 700;
`;

const Acts = styled.td`
  text-align: right;
  white-space: nowrap;
  button {
    padding: 1px 7px;
    color: var(--go);
  }
`;
