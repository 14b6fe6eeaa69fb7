import { Label, Radio, RadioGroup } from 'react-aria-components';
import { styled } from 'styled-components';

export interface SegmentsProps<Value extends string> {
  readonly label: string;
  readonly chosen: Value;
  readonly options: readonly { readonly value: Value; readonly title: string }[];
  readonly onChoose: (value: Value) => void;
}

/** One of a few values, all in sight beside each other. */
export function Segments<Value extends string>({ label, chosen, options, onChoose }: SegmentsProps<Value>) {
  return (
    <Group value={chosen} onChange={(value) => onChoose(value as Value)} orientation="horizontal">
      <Label>{label}</Label>
      <Row>
        {options.map(({ value, title }) => (
          <Segment key={value} value={value}>
            {title}
          </Segment>
        ))}
      </Row>
    </Group>
  );
}

const Group = styled(RadioGroup)`
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: center;
  gap: 4px 10px;
`;

const Row = styled.div`
  display: flex;
  border: 1px solid var(--line);
  border-radius: 8px;
  background: var(--sheet);
`;

const Segment = styled(Radio)`
  padding: 4px 10px;
  border-radius: 7px;
  color: var(--soft);
  cursor: pointer;
  white-space: nowrap;
  &[data-hovered] {
    background: var(--hover);
  }
  &[data-selected] {
    background: var(--chosen);
    color: var(--ink);
    font-weight: 600;
  }
  &[data-focus-visible] {
    outline: 2px solid var(--ribbon);
    outline-offset: -1px;
  }
  @media (forced-colors: active) {
    &[data-selected] {
      background: Highlight;
      color: HighlightText;
      forced-color-adjust: none;
    }
  }
`;
