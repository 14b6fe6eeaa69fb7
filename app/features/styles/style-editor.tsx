import { useState } from 'react';
import { Input, Label, TextField } from 'react-aria-components';
import { styled } from 'styled-components';
import {
  applyToStyle,
  differencesOf,
  toHouseStyleFile,
  USUAL_STYLE,
  type HouseStyle,
  type Step,
  type Style,
  type StyleStep,
} from '../../../core/index.ts';
import type { StyleRecord } from '../../../storage/db.ts';
import { PassOrder } from '../../style-parts/pass-order.tsx';
import { differenceWords, forWords } from '../../style-parts/style-words.ts';
import { Button, QuietButton } from '../../ui/buttons.tsx';
import { download } from '../../ui/download.ts';
import PickList from '../../ui/pick-list.tsx';
import { ForTexts } from './for-texts.tsx';
import { OutputPart } from './output-part.tsx';
import { OwnParts } from './own-parts.tsx';
import { Card } from './card.tsx';
import { PassSwitches } from './pass-switches.tsx';
import { TextParts } from './text-parts.tsx';
import { WordLists } from './word-lists.tsx';

interface StyleEditorProps {
  /** Not there for a style that comes with the program. */
  readonly record: StyleRecord | undefined;
  readonly style: HouseStyle & { readonly id: string; readonly about?: string };
  readonly others: readonly (HouseStyle & { readonly id: string })[];
  readonly onChange: (style: StyleRecord) => void;
  readonly onDuplicate: () => void;
  readonly onRemove: () => void;
}

/** One style, with all that it says; what is changed is kept at once. */
export function StyleEditor({ record, style, others, onChange, onDuplicate, onRemove }: StyleEditorProps) {
  const change = record && ((part: Partial<StyleRecord>) => onChange({ ...record, ...part }));
  const changeStyle = change && ((now: Style) => change({ style: now }));
  const take = changeStyle && ((step: Step) => changeStyle(applyToStyle(style.style, step as StyleStep)));
  const save = () => {
    const file = `${JSON.stringify(toHouseStyleFile(style), undefined, 2)}\n`;
    download(file, `${style.name.replace(/[\\/:*?"<>|]+/g, ' ').trim()}.style.json`, 'application/json');
  };
  return (
    <Scroller>
      <Top>
        {record ? (
          <NameField key={record.id} name={style.name} onRename={(name) => change!({ name })} />
        ) : (
          <h2>{style.name}</h2>
        )}
        <Button onPress={onDuplicate}>Duplicate</Button>
        <Button onPress={save}>Save as a file</Button>
        {record && <QuietButton onPress={onRemove}>Delete</QuietButton>}
      </Top>
      {!record && (
        <About>
          {style.about} {forWords(style.for)}
        </About>
      )}
      {!record && <About>It comes with the program and stays as it is: duplicate it to change it.</About>}
      <Compared style={style.style} others={others.filter(({ id }) => id !== style.id)} />
      {change && changeStyle && take && (
        <>
          <ForTexts
            key={`for ${style.id}`}
            texts={style.for}
            onChange={(texts) => change({ for: texts })}
            shortcut={record.key}
            onKey={(key) => change({ key })}
          />
          <TextParts style={style.style} onChange={changeStyle} />
          <Card title="Passes">
            <PassSwitches style={style.style} take={take} />
            <PassOrder style={style.style} take={take} />
          </Card>
          <WordLists
            key={`words ${style.id}`}
            words={style.style.words}
            onChange={(words) => changeStyle({ ...style.style, words })}
          />
          <OwnParts style={style.style} onChange={changeStyle} />
          <OutputPart output={style.output} onChange={(output) => change({ output })} />
        </>
      )}
    </Scroller>
  );
}

/** In what the style differs from another. */
function Compared({ style, others }: { readonly style: Style; readonly others: StyleEditorProps['others'] }) {
  const [against, compareTo] = useState(USUAL_STYLE.id);
  const other = others.find(({ id }) => id === against) ?? others[0];
  if (!other) return null;
  const differences = differencesOf(style, other.style);
  return (
    <Card title="Compared with">
      <PickList
        label="Compared with"
        hidesLabel
        chosen={other.id}
        options={others.map(({ id, name }) => ({ value: id, title: name }))}
        onChoose={compareTo}
      />
      {differences.length === 0 ? (
        <p>It does the same.</p>
      ) : (
        <Chips>
          {differences.map((difference) => (
            <li key={JSON.stringify(difference)}>{differenceWords(difference)}</li>
          ))}
        </Chips>
      )}
    </Card>
  );
}

function NameField({ name, onRename }: { readonly name: string; readonly onRename: (name: string) => void }) {
  const [value, setValue] = useState(name);
  return (
    <NameBox
      value={value}
      maxLength={120}
      onChange={(now) => {
        setValue(now);
        if (now.trim() !== '') onRename(now.trim());
      }}
      onBlur={() => setValue(name)}
    >
      <Label>Name</Label>
      <Input />
    </NameBox>
  );
}

const Scroller = styled.div`
  overflow: auto;
  scrollbar-width: thin;
  padding: 20px 28px 60px;
  > * {
    max-width: 880px;
  }
  display: grid;
  gap: 14px;
  align-content: start;
  background: var(--paper);
`;

const Top = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  h2 {
    flex: 1;
    font-size: 20px;
  }
`;

const NameBox = styled(TextField)`
  flex: 1;
  display: flex;
  gap: 10px;
  align-items: center;
  label {
    color: var(--soft);
  }
  input {
    flex: 1;
    min-width: 160px;
    font: inherit;
    font-size: 17px;
    font-weight: 600;
    color: var(--ink);
    background: var(--sheet);
    border: 1px solid var(--line);
    border-radius: 8px;
    padding: 6px 12px;
  }
`;

const About = styled.p`
  color: var(--soft);
`;

const Chips = styled.ul`
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  list-style: none;
  margin: 0;
  padding: 0;
  li {
    padding: 3px 10px;
    border-radius: 99px;
    background: var(--chosen);
    font-size: 13px;
  }
`;
