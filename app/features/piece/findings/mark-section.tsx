import { Radio, RadioGroup } from 'react-aria-components';
import { styled } from 'styled-components';
import type { MarkFinding, ParagraphMark } from '../../../../core/index.ts';
import { markWords } from '../words/mark-words.ts';
import { capital } from '../words/seam-words.ts';
import type { FindingsPart } from './findings-part.ts';
import { Places, Section } from './section.tsx';

const EVIDENCE = 'evidence';
const NOTHING = 'nothing';

/** The kinds of gap between lines, how far each marks paragraphs, and the choice of one. */
export function MarkSection({ piece, findings }: FindingsPart) {
  const { decisions } = piece;
  const { marks, wraps } = findings;
  const choice = decisions.choices.find((made) => made.kind === 'mark');
  const chosen = choice ? keyOf(choice.mark) : EVIDENCE;
  const choose = (key: string) => {
    if (key === EVIDENCE) {
      if (choice) decisions.take({ kind: 'withdraw', choice });
      return;
    }
    const finding = marks.find(({ mark }) => keyOf(mark) === key);
    const mark: ParagraphMark = finding?.mark ?? { by: 'nothing' };
    const place = finding?.places[0] ?? { from: 0, to: 0 };
    decisions.take({ kind: 'choose', choice: { kind: 'mark', ...place, mark } });
  };
  return (
    <Section
      title="What marks a paragraph"
      lead={
        findings.kind === 'captions'
          ? 'In captions pauses, speakers and length decide; a gap can be made the mark all the same.'
          : 'A gap marks paragraphs where words hardly ever run on over it. If the evidence is wrong, say which gap it is.'
      }
    >
      <Group aria-label="What marks a paragraph" value={chosen} onChange={choose}>
        <Line value={EVIDENCE}>
          <Words>Decide automatically</Words>
          <Strength>line by line, from gaps, lengths and words</Strength>
        </Line>
        {marks.map((finding) => (
          <Row key={keyOf(finding.mark)}>
            <Line value={keyOf(finding.mark)}>
              <Words>{capital(markWords(finding.mark))}</Words>
              <Meter aria-hidden="true">
                <span style={{ width: `${(100 * finding.breaks) / finding.count}%` }} />
              </Meter>
              <Strength>{strengthWords(finding)}</Strength>
            </Line>
            <Places
              piece={piece}
              title={capital(markWords(finding.mark))}
              places={finding.places}
              count={finding.count}
            />
          </Row>
        ))}
        <Line value={NOTHING}>
          <Words>No gap: short last lines and words</Words>
          <Strength>
            {wraps
              ? 'a line that ends early with a stop ends its paragraph'
              : 'lines are not wrapped, so this tells little'}
          </Strength>
        </Line>
      </Group>
    </Section>
  );
}

function keyOf(mark: ParagraphMark): string {
  return mark.by === 'nothing' ? NOTHING : `${mark.blanks} ${mark.step} ${mark.odd}`;
}

/** How strongly a gap marks paragraphs. */
function strengthWords({ count, breaks, runningOn }: MarkFinding): string {
  const share = breaks / count;
  const kind =
    share > 0.95 ? 'marks paragraphs' : share > 0.6 ? 'mostly marks paragraphs' : share > 0.15 ? 'sometimes' : 'a wrap';
  const over = runningOn === 0 ? 'nothing runs on over it' : `words run on over ${runningOn.toLocaleString('en')}`;
  return `${kind}: ${breaks.toLocaleString('en')} of ${count.toLocaleString('en')}; ${over}`;
}

const Group = styled(RadioGroup)`
  display: grid;
  gap: 2px;
`;

const Row = styled.div`
  display: flex;
  align-items: center;
  gap: 8px;
  > :first-child {
    flex: 1;
  }
`;

const Line = styled(Radio)`
  display: flex;
  align-items: center;
  gap: 12px;
  padding: 5px 8px;
  border-radius: 8px;
  cursor: pointer;
  &::before {
    content: '';
    flex: none;
    width: 14px;
    height: 14px;
    border: 1.5px solid var(--faint);
    border-radius: 50%;
  }
  &[data-selected]::before {
    border: 4.5px solid var(--ribbon);
  }
  &[data-hovered] {
    background: var(--hover);
  }
  &[data-focus-visible] {
    outline: 2px solid var(--ribbon);
  }
`;

const Words = styled.span`
  width: 290px;
`;

const Meter = styled.span`
  width: 90px;
  height: 7px;
  border-radius: 4px;
  background: var(--raw-deep);
  overflow: hidden;
  span {
    display: block;
    height: 100%;
    background: var(--ribbon);
  }
`;

const Strength = styled.span`
  color: var(--soft);
  font-size: 13px;
`;
