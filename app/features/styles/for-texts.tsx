import { useState } from 'react';
import { Input, Label, Text, TextField } from 'react-aria-components';
import { styled } from 'styled-components';
import type { StyleFor } from '../../../core/index.ts';
import { KIND_OPTIONS } from '../../style-parts/style-words.ts';
import PickList from '../../ui/pick-list.tsx';
import { Card, field } from './card.tsx';

interface ForTextsProps {
  readonly texts: StyleFor | undefined;
  readonly onChange: (texts: StyleFor | undefined) => void;
  /** A figure. */
  readonly shortcut: string | undefined;
  readonly onKey: (shortcut: string | undefined) => void;
}

const KEYS = [
  { value: '', title: 'none' },
  ...Array.from({ length: 9 }, (_, at) => ({ value: String(at + 1), title: `Alt ${at + 1}` })),
];

/** Which texts the style is for: it is proposed for those to which all of this applies. */
export function ForTexts({ texts = {}, onChange, shortcut, onKey }: ForTextsProps) {
  const [said, say] = useState(texts);
  const change = (part: Partial<StyleFor>) => {
    const now = { ...said, ...part };
    say(now);
    const told = Object.fromEntries(
      Object.entries(now).filter(([, value]) => value !== undefined && value !== ''),
    ) as StyleFor;
    onChange(Object.keys(told).length === 0 ? undefined : told);
  };
  return (
    <Card
      title="For which texts"
      about="It is proposed for new texts to which all of this applies, and used for them when the clipboard is cleaned."
    >
      <Field value={said.words ?? ''} onChange={(words) => change({ words })} maxLength={200}>
        <Label>Words near the beginning</Label>
        <Input placeholder="Minutes of the harbour board" />
      </Field>
      <Field value={said.file ?? ''} onChange={(file) => change({ file })} maxLength={200}>
        <Label>File name</Label>
        <Input placeholder="minutes-*.txt" />
        <Text slot="description">
          <small>* stands for any characters.</small>
        </Text>
      </Field>
      <Kind>
        <span>Kind of text</span>
        <PickList
          label="Kind of text"
          hidesLabel
          chosen={said.kind ?? ''}
          options={KIND_OPTIONS}
          onChoose={(kind) => change({ kind: (kind === '' ? undefined : kind) as StyleFor['kind'] })}
        />
      </Kind>
      <Kind>
        <span>Key</span>
        <PickList
          label="Key"
          hidesLabel
          chosen={shortcut ?? ''}
          options={KEYS}
          onChoose={(now) => onKey(now === '' ? undefined : now)}
        />
        <small>It cleans the clipboard in this style, from the desk.</small>
      </Kind>
    </Card>
  );
}

const Field = styled(TextField)`
  ${field}
  [slot='description'] {
    grid-column: 2;
  }
`;

const Kind = styled.div`
  ${field}
`;
