import { useState } from 'react';
import { Input, Label, TextField } from 'react-aria-components';
import { Link } from 'react-router';
import { styled } from 'styled-components';
import { fieldStyle } from '../../../ui/field-style.ts';
import {
  BUILT_IN_STYLES,
  differencesOf,
  styleInForce,
  USUAL_SHAPE,
  type HouseStyle,
  type OutputShape,
} from '../../../../core/index.ts';
import { newId } from '../../../../storage/new-id.ts';
import { Button, PrimaryButton } from '../../../ui/buttons.tsx';
import { Sheet } from '../../../ui/sheet.tsx';
import { toast } from '../../../ui/toasts.tsx';
import { differenceWords, forWords } from '../../../style-parts/style-words.ts';
import type { PieceView } from '../state/piece-context.ts';

interface StyleSheetProps {
  readonly piece: Pick<PieceView, 'decisions' | 'styles' | 'keepStyle' | 'shape' | 'setShape'>;
  readonly onClose: () => void;
}

/** The style of a piece: what was changed since it was given, keeping that, and giving it another. Choices on the piece stay. */
export default function StyleSheet({ piece, onClose }: StyleSheetProps) {
  const { decisions, styles } = piece;
  const now = styleInForce(decisions.history);
  const own = styles.find(({ id }) => id === now.id);
  const changes = differencesOf(decisions.style, now.style);
  const isInUse = (id: string) => id === now.id && changes.length === 0;
  const give = (id: string, { name, style, output }: HouseStyle) => {
    decisions.take({ kind: 'use-style', id, name, style });
    if (output) piece.setShape(output);
  };
  const update = () => {
    if (!own) return;
    const kept = { ...own, style: decisions.style, changedAt: Date.now() };
    piece.keepStyle(kept);
    give(own.id, kept);
    toast({ text: `“${own.name}” was changed`, detail: 'New texts in this style are cleaned so.' });
  };
  return (
    <Sheet title={`Style of this piece: ${own?.name ?? now.name}`} isOpen onClose={onClose} width={600}>
      {changes.length === 0 ? (
        <p>Nothing was changed on this piece since.</p>
      ) : (
        <Changed>
          <h3>Changed on this piece</h3>
          <ul>
            {changes.map((change) => (
              <li key={JSON.stringify(change)}>{differenceWords(change)}</li>
            ))}
          </ul>
          <Row>
            {own && <PrimaryButton onPress={update}>Put this into “{own.name}”</PrimaryButton>}
            <Button onPress={() => give(now.id, own ?? now)}>Go back to “{own?.name ?? now.name}”</Button>
          </Row>
        </Changed>
      )}
      <KeepForm
        onKeep={(name) => {
          const at = Date.now();
          const output = isUsualShape(piece.shape) ? undefined : piece.shape;
          const kept = {
            id: newId(),
            name,
            style: decisions.style,
            ...(output && { output }),
            createdAt: at,
            changedAt: at,
          };
          piece.keepStyle(kept);
          give(kept.id, kept);
          toast({ text: `“${name}” is kept as a style`, detail: 'Say under “House styles” which texts it is for.' });
        }}
      />
      <h3>Use another style</h3>
      <p>What you decided on this piece stays.</p>
      <List>
        {[...styles, ...BUILT_IN_STYLES].map((style) => (
          <li key={style.id}>
            <div>
              <b>{style.name}</b>
              <small>{'about' in style ? style.about : (forWords(style.for) ?? 'Your own')}</small>
            </div>
            {/* It stays a button: one that is no more would take the focus with it. */}
            <Button
              aria-label={isInUse(style.id) ? `${style.name} is in use` : `Use ${style.name}`}
              onPress={() => !isInUse(style.id) && give(style.id, style)}
            >
              {isInUse(style.id) ? 'In use' : 'Use'}
            </Button>
          </li>
        ))}
      </List>
      <p>
        <Link to="/styles">House styles</Link>: change, share and compare them.
      </p>
    </Sheet>
  );
}

function isUsualShape(shape: OutputShape): boolean {
  return JSON.stringify(shape) === JSON.stringify(USUAL_SHAPE);
}

function KeepForm({ onKeep }: { readonly onKeep: (name: string) => void }) {
  const [name, setName] = useState('');
  const keep = () => {
    if (name.trim() === '') return;
    onKeep(name.trim());
    setName('');
  };
  return (
    <Keep
      onSubmit={(event) => {
        event.preventDefault();
        keep();
      }}
    >
      <TextField value={name} onChange={setName} maxLength={120}>
        <Label>Keep as a new style</Label>
        <Input placeholder="Its name" />
      </TextField>
      <Button type="submit" isDisabled={name.trim() === ''}>
        Keep
      </Button>
    </Keep>
  );
}

const Changed = styled.div`
  padding: 10px 14px 12px;
  border-radius: 10px;
  background: var(--chosen);
  ul {
    margin: 4px 0 10px;
    padding-left: 18px;
  }
`;

const Row = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
`;

const Keep = styled.form`
  display: flex;
  gap: 8px;
  align-items: end;
  > div {
    flex: 1;
    display: grid;
    gap: 4px;
  }
  label {
    font-weight: 600;
  }
  input {
    ${fieldStyle}
  }
`;

const List = styled.ul`
  list-style: none;
  margin: 0;
  padding: 0;
  li {
    display: flex;
    gap: 12px;
    align-items: center;
    padding: 6px 0;
    border-top: 1px solid var(--line);
  }
  div {
    flex: 1;
    display: grid;
  }
  b {
    font-weight: 600;
  }
  small {
    color: var(--soft);
    font-size: 13px;
  }
`;
