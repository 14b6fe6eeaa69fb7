import { useState } from 'react';
import { Label, Text, TextArea, TextField } from 'react-aria-components';
import { styled } from 'styled-components';
import type { NamedWords } from '../../../core/index.ts';
import { Card, field } from './card.tsx';

interface WordListsProps {
  readonly words: NamedWords | undefined;
  readonly onChange: (words: NamedWords | undefined) => void;
}

const LISTS = [
  { key: 'untouched', title: 'Never change', about: 'No pass changes these words: “CO2”, “E. Trask & Sons”.' },
  {
    key: 'hyphenated',
    title: 'Keep the hyphen',
    about: 'They are not closed up where a line end split them: “co-op”.',
  },
  {
    key: 'openings',
    title: 'Begin a paragraph',
    about: 'A line that begins so is never joined to the one above: “NOTE”.',
  },
] as const;

/** Words that the style treats otherwise than the rest. */
export function WordLists({ words = {}, onChange }: WordListsProps) {
  const [typed, setTyped] = useState(() => LISTS.map(({ key }) => (words[key] ?? []).join(', ')));
  const change = (at: number, value: string) => {
    const now = typed.map((old, one) => (one === at ? value : old));
    setTyped(now);
    const lists = LISTS.map(({ key }, one) => [key, toWords(now[one]!)] as const).filter(([, list]) => list.length > 0);
    onChange(lists.length === 0 ? undefined : Object.fromEntries(lists));
  };
  return (
    <Card title="Words" about="Upper and lower case count; put a comma between.">
      {LISTS.map(({ key, title, about }, at) => (
        <Field key={key} value={typed[at]!} onChange={(value) => change(at, value)}>
          <Label>{title}</Label>
          <TextArea rows={1} />
          <Text slot="description">
            <small>{about}</small>
          </Text>
        </Field>
      ))}
    </Card>
  );
}

function toWords(list: string): string[] {
  return [...new Set(list.split(/[,\n]/).map((word) => word.trim()))].filter((word) => word !== '');
}

const Field = styled(TextField)`
  ${field}
  [slot='description'] {
    grid-column: 2;
  }
`;
