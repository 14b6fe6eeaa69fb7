import { Input, Label, TextField } from 'react-aria-components';
import { styled } from 'styled-components';
import { Segments } from '../../../ui/segments.tsx';
import { faces } from '../../../ui/theme.ts';
import type { Writing } from './use-teaching.ts';

interface WriteFormProps {
  readonly writing: Writing;
  /** How many parts are kept of each line. */
  readonly parts: number;
  readonly onChange: (change: Partial<Writing>) => void;
}

const FORMS = [
  { value: 'list', title: 'a list' },
  { value: 'lines', title: 'plain lines' },
  { value: 'columns', title: 'columns' },
] as const;

/** What each form begins with. */
const BEGINS: Readonly<Record<Writing['as'], Pick<Writing, 'before' | 'between' | 'after'>>> = {
  list: { before: '- ', between: ', ', after: '' },
  lines: { before: '', between: ' ', after: '' },
  columns: { before: '', between: '\t', after: '' },
};

/** How the kept parts are written: as a list, lines or columns, and what stands around them. */
export function WriteForm({ writing, parts, onChange }: WriteFormProps) {
  const { as, before, between, after } = writing;
  return (
    <Form>
      <Segments
        label="Write each line as"
        chosen={as}
        options={FORMS}
        onChoose={(value) => onChange({ as: value, ...BEGINS[value] })}
      />
      {as === 'columns' ? (
        Array.from({ length: parts }, (_, at) => (
          <Field
            key={at}
            value={writing.parts[at] ?? ''}
            onChange={(name) =>
              onChange({
                parts: Array.from({ length: parts }, (__, one) => (one === at ? name : (writing.parts[one] ?? ''))),
              })
            }
          >
            <Label>{parts === 1 ? 'Column head' : `Head ${at + 1}`}</Label>
            <Input placeholder="none" />
          </Field>
        ))
      ) : (
        <>
          <Field value={before} onChange={(value) => onChange({ before: value })}>
            <Label>Before</Label>
            <Input data-short="" placeholder="nothing" />
          </Field>
          {parts > 1 && (
            <Field value={between} onChange={(value) => onChange({ between: value })}>
              <Label>Between</Label>
              <Input data-short="" placeholder="nothing" />
            </Field>
          )}
          <Field value={after} onChange={(value) => onChange({ after: value })}>
            <Label>After</Label>
            <Input data-short="" placeholder="nothing" />
          </Field>
        </>
      )}
    </Form>
  );
}

const Form = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 18px;
`;

const Field = styled(TextField)`
  display: flex;
  align-items: center;
  gap: 8px;
  label {
    color: var(--soft);
  }
  input {
    width: 120px;
    font: 14px/1.4 ${faces.source};
    color: var(--ink);
    background: var(--sheet);
    border: 1px solid var(--line);
    border-radius: 7px;
    padding: 4px 8px;
    white-space: pre;
  }
  input[data-short] {
    width: 84px;
  }
  input::placeholder {
    color: var(--faint);
    font-style: italic;
  }
`;
