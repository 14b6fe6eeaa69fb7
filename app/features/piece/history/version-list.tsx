import { useState } from 'react';
import { Input, Label, TextField } from 'react-aria-components';
import { styled } from 'styled-components';
import { fieldStyle } from '../../../ui/field-style.ts';
import type { Differences } from '../../../../core/index.ts';
import type { VersionRecord } from '../../../../storage/db.ts';
import { Button, QuietButton } from '../../../ui/buttons.tsx';
import { whenWords } from '../../../ui/moments.ts';
import { toast } from '../../../ui/toasts.tsx';
import type { PieceView } from '../state/piece-context.ts';
import { DifferenceList } from './difference-list.tsx';
import type { Versions } from './use-versions.ts';
import { ignoreClosedWorker } from '../state/ignore-closed-worker.ts';

interface VersionListProps {
  readonly piece: Omit<PieceView, 'ready'>;
  readonly ready: PieceView['ready'] | undefined;
  readonly versions: Versions;
  readonly onClose: () => void;
}

/** Keeps the piece as it is now under a name; goes back to what was kept, or tells how it differs. */
export function VersionList({ piece, ready, versions, onClose }: VersionListProps) {
  const [now] = useState(Date.now);
  const [compared, setCompared] = useState<{ readonly id: string; readonly differences: Differences }>();
  const isSameText = ({ outcome }: VersionRecord) => outcome.reading?.text === piece.decisions.reading?.text;
  const compare = ({ id, outcome }: VersionRecord) => {
    if (compared?.id === id) setCompared(undefined);
    else
      ready?.client
        .compare(outcome.style, outcome.choices)
        .then((differences) => setCompared({ id, differences }), ignoreClosedWorker);
  };
  return (
    <>
      <KeepForm onKeep={versions.keep} />
      {versions.list.length === 0 && <p>None yet. Save a version to try something else and come back.</p>}
      <List>
        {versions.list.map((version) => (
          <li key={version.id}>
            <b>{version.name}</b> <small>{whenWords(version.keptAt, now)}</small>
            <Actions>
              <Button
                onPress={() => {
                  versions.goBackTo(version);
                  setCompared(undefined);
                }}
              >
                Restore
              </Button>
              <Button isDisabled={!ready || !isSameText(version)} onPress={() => compare(version)}>
                {compared?.id === version.id ? 'Hide the differences' : 'Compare'}
              </Button>
              <QuietButton
                onPress={() => {
                  versions.forget(version);
                  toast({
                    text: `The version “${version.name}” was deleted`,
                    action: { label: 'Restore', run: () => versions.putBack(version) },
                  });
                }}
              >
                Delete
              </QuietButton>
            </Actions>
            {!isSameText(version) && <p>Saved while the text was read in another way. Restore it to see it.</p>}
            {compared?.id === version.id && (
              <DifferenceList
                differences={compared.differences}
                name={version.name}
                onShow={(at) => {
                  const { shown } = compared.differences;
                  piece.show({
                    title: `Different in “${version.name}”`,
                    places: shown.map(({ from, to }) => ({ from, to })),
                    at,
                  });
                  onClose();
                }}
              />
            )}
          </li>
        ))}
      </List>
    </>
  );
}

function KeepForm({ onKeep }: { readonly onKeep: (name: string) => void }) {
  const [name, setName] = useState('');
  return (
    <Form
      onSubmit={(event) => {
        event.preventDefault();
        if (name.trim() === '') return;
        onKeep(name.trim());
        setName('');
      }}
    >
      <TextField value={name} onChange={setName}>
        <Label>Save the current state as</Label>
        <Input placeholder="First draft" maxLength={80} />
      </TextField>
      <Button type="submit" isDisabled={name.trim() === ''}>
        Save
      </Button>
    </Form>
  );
}

const Form = styled.form`
  display: flex;
  align-items: end;
  gap: 8px;
  > :first-child {
    flex: 1;
  }
  label {
    display: block;
    color: var(--soft);
    font-size: 13px;
    margin-bottom: 3px;
  }
  input {
    width: 100%;
    ${fieldStyle}
  }
`;

const List = styled.ul`
  margin: 0;
  padding: 0;
  list-style: none;
  max-height: 40vh;
  overflow: auto;
  li {
    padding: 8px 2px;
    border-top: 1px solid var(--line);
  }
  small {
    color: var(--soft);
  }
`;

const Actions = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin-top: 6px;
  button {
    font-size: 13px;
    padding: 3px 9px;
  }
`;
