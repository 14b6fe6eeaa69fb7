import { useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import { useRevalidator } from 'react-router';
import { styled } from 'styled-components';
import type * as Backup from '../../../storage/backup.ts';
import type { OpenBackup, Restored } from '../../../storage/backup.ts';
import { StorageError } from '../../../storage/errors.ts';
import { STORAGE_WORDS } from '../../storage-words.ts';
import { Button, PrimaryButton, QuietButton } from '../../ui/buttons.tsx';
import { download } from '../../ui/download.ts';
import { whenWords } from '../../ui/moments.ts';
import { Sheet } from '../../ui/sheet.tsx';
import { toast } from '../../ui/toasts.tsx';

interface Progress {
  readonly done: number;
  readonly all: number;
}

/** Saves all pieces as one file, and reads such a file in. */
export function BackupActions({ pieces, now }: { readonly pieces: number; readonly now: number }) {
  const [progress, setProgress] = useState<Progress>();
  const [opened, setOpened] = useState<OpenBackup>();
  const { revalidate } = useRevalidator();
  const tell = (done: number, all: number) => setProgress({ done, all });

  /** Does the work with its progress shown; the code for it is fetched first. */
  const run = async (work: (backup: typeof Backup) => Promise<void>) => {
    setProgress({ done: 0, all: 0 });
    try {
      await work(await import('../../../storage/backup.ts'));
    } catch (error) {
      const problem = error instanceof StorageError ? error.problem : 'unknown';
      toast({ ...STORAGE_WORDS[problem], tone: 'bad' });
    }
    setProgress(undefined);
  };
  const save = () =>
    run(async ({ writeBackup }) => {
      const file = await writeBackup(Date.now(), tell);
      download(file, `lucid-ribbon-${new Date().toISOString().slice(0, 10)}.backup.zip`, file.type);
      toast({ text: 'The backup was handed to the browser', detail: 'It is where your downloads are kept.' });
    });
  const look = (file: File) =>
    run(async ({ openBackup }) => {
      const read = await openBackup(file);
      if (read.ok) setOpened(read.backup);
      else toast({ ...PROBLEMS[read.problem], tone: 'bad' });
    });
  const restore = (mode: 'merge' | 'replace') =>
    run(async ({ restoreBackup }) => {
      const restored = await restoreBackup(opened!, mode, tell);
      setOpened(undefined);
      toast({ text: sayRestored(restored), ...(restored.bad > 0 && { detail: LEFT_OUT, tone: 'bad' }) });
      await revalidate();
    });

  return (
    <Row>
      <QuietButton isDisabled={pieces === 0 || progress !== undefined} onPress={() => void save()}>
        Save a backup
      </QuietButton>
      <FileTrigger acceptedFileTypes={['.zip']} onSelect={(files) => files?.[0] && void look(files[0])}>
        <QuietButton isDisabled={progress !== undefined}>Read a backup in…</QuietButton>
      </FileTrigger>
      {progress && !opened && <Bar {...progress} />}
      {opened && (
        <Sheet
          title="Read a backup in"
          isOpen
          onClose={() => progress === undefined && setOpened(undefined)}
          width={460}
          close="Cancel"
        >
          <Choices>
            <p>
              It was saved {whenWords(opened.head.savedAt, now)} and holds {sayPieces(opened.head.pieces)}.
            </p>
            {progress ? (
              <Bar {...progress} />
            ) : (
              <>
                <PrimaryButton onPress={() => void restore('merge')}>Add to what is here</PrimaryButton>
                <p>Nothing here changes. A piece that has changed since comes in beside the one that is here.</p>
                <Button onPress={() => void restore('replace')}>Replace what is here</Button>
                <p>
                  {pieces === 0
                    ? 'There is nothing here yet.'
                    : 'Pieces here that are not in the backup, and changes made since it was saved, are removed for good.'}
                </p>
              </>
            )}
          </Choices>
        </Sheet>
      )}
    </Row>
  );
}

const PROBLEMS = {
  'not-backup': { text: 'This file is no backup', detail: 'Choose a file that “Save a backup” wrote.' },
  newer: {
    text: 'A newer version of this program wrote this backup',
    detail: 'Reload the page to have the newest version, then read it in again.',
  },
} as const;

const LEFT_OUT = 'Some pieces in the backup could not be read and were left out; nothing that was here was removed.';

function sayPieces(count: number): string {
  return `${count.toLocaleString('en')} ${count === 1 ? 'piece' : 'pieces'}`;
}

function sayRestored({ added, same }: Restored): string {
  const there = same > 0 ? `, ${same.toLocaleString('en')} were there already` : '';
  return `${sayPieces(added)} came in${there}`;
}

function Bar({ done, all }: Progress) {
  return <progress aria-label="How many pieces are done" max={Math.max(1, all)} value={all === 0 ? undefined : done} />;
}

const Row = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 2px;
  margin-right: -8px;
  progress {
    width: 140px;
    accent-color: var(--ribbon);
  }
`;

const Choices = styled.div`
  display: grid;
  justify-items: start;
  gap: 10px;
  padding: 4px 0 8px;
  p {
    color: var(--soft);
  }
  button + p {
    margin-top: -6px;
    font-size: 13px;
  }
`;
