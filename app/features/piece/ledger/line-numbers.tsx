import { Group, Input, Label, NumberField } from 'react-aria-components';
import { styled } from 'styled-components';

/** Lines of the source, both ends included, from 1. */
export interface Lines {
  readonly first: number;
  readonly last: number;
}

interface LineNumbersProps {
  readonly lines: Lines;
  /** The number of lines of the source. */
  readonly most: number;
  readonly onChange: (lines: Lines) => void;
}

/** Two fields for the first and the last line. */
export default function LineNumbers({ lines, most, onChange }: LineNumbersProps) {
  return (
    <Numbers aria-label="Lines of the source">
      <Line label="from" value={lines.first} most={most} onChange={(first) => onChange({ ...lines, first })} />
      <Line label="to" value={lines.last} most={most} onChange={(last) => onChange({ ...lines, last })} />
    </Numbers>
  );
}

interface LineProps {
  readonly label: string;
  readonly value: number;
  readonly most: number;
  readonly onChange: (value: number) => void;
}

function Line({ label, value, most, onChange }: LineProps) {
  return (
    <NumberField
      value={value}
      minValue={1}
      maxValue={most}
      onChange={(next) => Number.isFinite(next) && onChange(next)}
    >
      <Label>{label}</Label>
      <Input size={6} />
    </NumberField>
  );
}

const Numbers = styled(Group)`
  display: flex;
  gap: 6px;
  .react-aria-NumberField {
    display: flex;
    align-items: center;
    gap: 4px;
    color: var(--soft);
  }
  input {
    width: 62px;
    font: inherit;
    color: var(--ink);
    background: var(--sheet);
    border: 1px solid var(--line);
    border-radius: 6px;
    padding: 2px 6px;
  }
`;
