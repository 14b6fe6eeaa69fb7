import { useState } from 'react';
import { Button, Group, Input, Label, NumberField } from 'react-aria-components';
import { styled } from 'styled-components';
import type { OutputShape } from '../../core/index.ts';
import { QuietButton } from '../ui/buttons.tsx';
import { Segments } from '../ui/segments.tsx';

interface OutputFormProps {
  readonly shape: OutputShape;
  readonly usual: OutputShape;
  readonly onChange: (shape: OutputShape) => void;
  /** What is said of what becomes of these settings. */
  readonly children?: React.ReactNode;
}

const FIRST_WRAP = 72;
const NARROWEST = 20;
const WIDEST = 400;

/** How the clean text goes out. */
export function OutputForm({ shape, usual, onChange, children }: OutputFormProps) {
  const change = <K extends keyof OutputShape>(key: K, value: OutputShape[K]) => onChange({ ...shape, [key]: value });
  const keep = (key: 'keepsHeadings' | 'keepsLists' | 'keepsEmphasis' | 'keepsLinks', label: string) => (
    <Segments
      label={label}
      chosen={shape[key] ? 'kept' : 'plain'}
      options={KEPT}
      onChoose={(value) => change(key, value === 'kept')}
    />
  );
  return (
    <Form>
      <h2>Plain text</h2>
      <Segments
        label="Between paragraphs"
        chosen={shape.apart}
        options={APART}
        onChoose={(value) => change('apart', value)}
      />
      <Segments
        label="Lines"
        chosen={shape.wrap === 0 ? 'run' : 'wrap'}
        options={WRAP}
        onChoose={(value) => change('wrap', value === 'run' ? 0 : FIRST_WRAP)}
      />
      {shape.wrap > 0 && <WrapField key={shape.wrap} wrap={shape.wrap} onChange={(wrap) => change('wrap', wrap)} />}
      <Segments
        label="Line ends"
        chosen={shape.lineEnds}
        options={LINE_ENDS}
        onChoose={(value) => change('lineEnds', value)}
      />
      <Segments
        label="At the very end"
        chosen={shape.endsLastLine ? 'end' : 'none'}
        options={LAST}
        onChoose={(value) => change('endsLastLine', value === 'end')}
      />
      <h2>Punctuation</h2>
      <Segments
        label="After a sentence"
        chosen={shape.sentenceGap}
        options={GAPS}
        onChoose={(value) => change('sentenceGap', value)}
      />
      <Segments
        label="Quotation marks"
        chosen={shape.quotes}
        options={QUOTES}
        onChoose={(value) => change('quotes', value)}
      />
      <h2>Formatting</h2>
      {keep('keepsHeadings', 'Headings')}
      {keep('keepsLists', 'Lists')}
      {keep('keepsEmphasis', 'Emphasis')}
      {keep('keepsLinks', 'Links')}
      <Note>
        {children}{' '}
        {JSON.stringify(shape) !== JSON.stringify(usual) && (
          <QuietButton onPress={() => onChange(usual)}>Use the defaults</QuietButton>
        )}
      </Note>
    </Form>
  );
}

const APART = [
  { value: 'blank', title: 'blank line' },
  { value: 'line', title: 'line end' },
  { value: 'indent', title: 'indent' },
] as const;
const WRAP = [
  { value: 'run', title: 'not wrapped' },
  { value: 'wrap', title: 'wrapped' },
] as const;
const LINE_ENDS = [
  { value: 'lf', title: 'LF' },
  { value: 'crlf', title: 'CRLF' },
  { value: 'cr', title: 'CR' },
] as const;
const LAST = [
  { value: 'none', title: 'nothing' },
  { value: 'end', title: 'a line end' },
] as const;
const GAPS = [
  { value: 'as-is', title: 'as it is' },
  { value: 'one', title: 'one space' },
  { value: 'two', title: 'two' },
] as const;
const QUOTES = [
  { value: 'as-is', title: 'as they are' },
  { value: 'curly', title: '“ ”' },
  { value: 'straight', title: '" "' },
] as const;
const KEPT = [
  { value: 'kept', title: 'kept' },
  { value: 'plain', title: 'plain' },
] as const;

function WrapField({ wrap, onChange }: { readonly wrap: number; readonly onChange: (wrap: number) => void }) {
  const [value, setValue] = useState(wrap);
  return (
    <Columns
      value={value}
      minValue={NARROWEST}
      maxValue={WIDEST}
      onChange={(columns) => {
        const now = Number.isNaN(columns) ? FIRST_WRAP : columns;
        setValue(now);
        onChange(now);
      }}
    >
      <Label>At column</Label>
      <Group>
        <Button slot="decrement">−</Button>
        <Input />
        <Button slot="increment">+</Button>
      </Group>
    </Columns>
  );
}

const Form = styled.div`
  display: grid;
  gap: 9px;
  align-content: start;
  padding: 16px 18px 24px;
  overflow: auto;
  scrollbar-width: thin;
  background: var(--paper);
  border-right: 1px solid var(--line);
  h2 {
    margin-top: 10px;
    font-size: 13px;
    font-weight: 600;
    color: var(--soft);
  }
  h2:first-child {
    margin-top: 0;
  }
`;

const Columns = styled(NumberField)`
  display: flex;
  justify-content: space-between;
  align-items: center;
  [role='group'] {
    display: flex;
    border: 1px solid var(--line);
    border-radius: 8px;
    background: var(--sheet);
  }
  input {
    width: 44px;
    border: 0;
    padding: 4px;
    background: none;
    color: var(--ink);
    font: inherit;
    text-align: center;
  }
  button {
    border: 0;
    background: none;
    color: var(--ink);
    font: inherit;
    padding: 2px 10px;
    cursor: pointer;
  }
`;

const Note = styled.p`
  margin-top: 6px;
  color: var(--soft);
  font-size: 13px;
`;
