import { styled } from 'styled-components';
import { Switch } from '../../../ui/switch.tsx';
import type { FindingsPart } from './findings-part.ts';
import { Places, Section, Table } from './section.tsx';

/** Lines that come again and again: furniture, or a refrain. */
export function RepeatedSection({ piece, findings }: FindingsPart) {
  const { decisions, ready } = piece;
  const change = async (text: string, stays: boolean) => {
    const step = await ready.client.findings.repeatedStep(text, stays ? 'keep' : 'drop');
    if (step) decisions.take(step);
  };
  return (
    <Section
      title="Repeated lines"
      lead="The same line three times or more, its figures aside. Running heads and notices come back on each page; a refrain does so too, and stays. The switch says which lines stay in the text."
    >
      <Table>
        <thead>
          <tr>
            <th>Stays</th>
            <th>Line</th>
            <th>What happened to it</th>
            <th className="number">Places</th>
          </tr>
        </thead>
        <tbody>
          {findings.repeated.map(({ text, count, dropped, places }) => (
            <tr key={text}>
              <td>
                <Switch
                  aria-label={`“${text}” stays`}
                  isSelected={dropped < count}
                  onChange={(stays) => void change(text, stays)}
                />
              </td>
              <Line className={dropped > 0 ? 'soft' : ''}>
                <code>{text}</code>
              </Line>
              <td className="soft">
                {dropped === 0 ? 'stays' : dropped === count ? 'left the text' : `${dropped} of them left`}
              </td>
              <td className="number">
                <Places piece={piece} title={text} places={places} count={count} />
              </td>
            </tr>
          ))}
        </tbody>
      </Table>
    </Section>
  );
}

const Line = styled.td`
  max-width: 480px;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
`;
