import { styled } from 'styled-components';
import type { FindingsPart } from './findings-part.ts';
import { PassSwitch } from './pass-switch.tsx';
import { Places, Section, Table } from './section.tsx';

/** Time codes, marks, links, cues and the like, by pass; and the speakers. */
export function MarkerSection({ piece, findings }: FindingsPart) {
  const { markers, speakers } = findings;
  return (
    <Section
      title="Marks, cues, page heads and numbers"
      lead="What a text carries for its pages, its screen or its scholars. What is switched on leaves the clean text; what is off was found, and stays."
    >
      {markers.length > 0 && (
        <Table>
          <thead>
            <tr>
              <th>Removed by</th>
              <th>Example</th>
              <th className="number">Places</th>
            </tr>
          </thead>
          <tbody>
            {markers.map(({ pass, count, forms, places }) => (
              <tr key={pass}>
                <td>
                  <PassSwitch piece={piece} pass={pass} />
                </td>
                <td className="soft">
                  {forms.map(({ text, count: times }) => (
                    <Form key={text}>
                      <code>{text.replace(/\s+/g, ' ')}</code>
                      {times > 1 && ` × ${times.toLocaleString('en')}`}
                    </Form>
                  ))}
                </td>
                <td className="number">
                  <Places piece={piece} title={forms[0]?.text ?? pass} places={places} count={count} />
                </td>
              </tr>
            ))}
          </tbody>
        </Table>
      )}
      {speakers.length > 0 && (
        <Speakers>
          <b>Speakers</b>
          {speakers.map(({ name, places, count }) => (
            <span key={name}>
              {name} <Places piece={piece} title={name} places={places} count={count} />
            </span>
          ))}
        </Speakers>
      )}
    </Section>
  );
}

const Form = styled.span`
  display: inline-block;
  max-width: 300px;
  margin-right: 14px;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
  vertical-align: bottom;
`;

const Speakers = styled.p`
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 4px 18px;
  margin-top: 12px;
`;
