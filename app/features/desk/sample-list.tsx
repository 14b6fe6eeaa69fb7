import { useFetcher } from 'react-router';
import { styled } from 'styled-components';
import type { Sample } from '../../../samples/index.ts';
import { Button } from '../../ui/buttons.tsx';

/** Texts to try the product on. Each press makes a piece of its own. */
export function SampleList({ samples }: { readonly samples: readonly Sample[] }) {
  const fetcher = useFetcher();
  const open = (sample: Sample) => {
    const said = new URLSearchParams({ intent: 'sample', id: sample.id, title: sample.title });
    void fetcher.submit(null, { method: 'post', action: `/?index&${said}` });
  };
  return (
    <Section aria-labelledby="samples-title">
      <h2 id="samples-title">Or try a sample</h2>
      <List>
        {samples.map((sample) => (
          <li key={sample.id}>
            <Card onPress={() => open(sample)} isDisabled={fetcher.state !== 'idle'}>
              <From>{sample.from}</From>
              <Name>{sample.title}</Name>
              <About>{sample.about}</About>
            </Card>
          </li>
        ))}
      </List>
    </Section>
  );
}

const Section = styled.section`
  min-height: 0;
  display: flex;
  flex-direction: column;
  gap: 12px;
  h2 {
    font:
      600 18px/1.45 'Literata Variable',
      Georgia,
      serif;
  }
`;

const List = styled.ul`
  list-style: none;
  margin: 0;
  padding: 2px;
  display: grid;
  gap: 8px;
  overflow: auto;
`;

const Card = styled(Button)`
  width: 100%;
  padding: 10px 14px;
  text-align: left;
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 1px 10px;
  white-space: normal;
`;

const Name = styled.span`
  grid-row: 1;
  font-weight: 600;
`;

const From = styled.span`
  grid-area: 1 / 2;
  color: var(--soft);
  font-size: 12.5px;
`;

const About = styled.span`
  grid-column: 1 / 3;
  color: var(--soft);
  font-size: 13px;
`;
