import { lazy, memo, Suspense, useRef, useState } from 'react';
import { styled } from 'styled-components';
import { OUTPUTS, type OutputId } from '../../../core/index.ts';
import { coresLessOne } from '../../../worker/stack-pool.ts';
import { Button, PrimaryButton } from '../../ui/buttons.tsx';
import { Sheet } from '../../ui/sheet.tsx';
import { Segments } from '../../ui/segments.tsx';
import { toast } from '../../ui/toasts.tsx';
import type * as SaveAll from './save-all.ts';
import type { Sink } from './save-all.ts';
import type { StackRun } from './stack-run.ts';
import { many } from './stack-words.ts';
import { overviewOf } from './stack-view.ts';

const PickList = lazy(() => import('../../ui/pick-list.tsx'));

interface StackSaveProps {
  readonly run: StackRun;
  /** Nothing is cleaned yet. */
  readonly isEmpty: boolean;
}

/** What browsers have that can write files of a person's own; others get a download. */
interface Pickers {
  showSaveFilePicker?(options: object): Promise<FileSystemFileHandle>;
  showDirectoryPicker?(options: object): Promise<FileSystemDirectoryHandle>;
}

/** All clean texts out of the browser: as one archive, or into a folder. */
export const StackSave = memo(function StackSave({ run, isEmpty }: StackSaveProps) {
  const [isOpen, setOpen] = useState(false);
  const [to, setTo] = useState<OutputId>('text');
  const [withRecords, setWithRecords] = useState(false);
  const [done, setDone] = useState<number>();
  const stopper = useRef<AbortController>(undefined);
  // Looked at while the sheet is open; meanwhile more may be cleaned.
  const { files } = run.now();
  const cleaned = files.filter(({ result }) => result);
  const overview = overviewOf(isOpen ? files : []);
  const pickers = globalThis as Pickers;

  const save = async (openSink: (module: typeof SaveAll) => Promise<Sink>) => {
    const stop = new AbortController();
    stopper.current = stop;
    const module = await import('./save-all.ts');
    let sink: Sink;
    try {
      sink = await openSink(module);
    } catch {
      // Nothing was chosen.
      return;
    }
    setDone(0);
    try {
      const options = { to, withRecords, together: coresLessOne(), signal: stop.signal, onProgress: setDone };
      const failed = await module.saveAll(run, cleaned, sink, options);
      toast({
        text: `${many(cleaned.length - failed.length, 'clean text was', 'clean texts were')} saved`,
        ...(failed.length > 0 && {
          detail: `${many(failed.length, 'file', 'files')} could not be written: ${failed.slice(0, 5).join(', ')}`,
          tone: 'bad',
        }),
      });
      setOpen(false);
    } catch {
      if (stop.signal.aborted) toast({ text: 'Saving was stopped' });
      else
        toast({
          text: 'The clean texts could not be saved',
          detail: 'There may be no room left, or no leave to write there. Try again, or save them as a zip.',
          tone: 'bad',
        });
    }
    setDone(undefined);
  };

  const name = `clean-texts-${new Date().toISOString().slice(0, 10)}.zip`;
  const asZip = () =>
    save(async ({ zipSink }) => {
      const types = [{ accept: { 'application/zip': ['.zip'] } }];
      const handle = await pickers.showSaveFilePicker?.({ suggestedName: name, types });
      return zipSink(await handle?.createWritable(), name);
    });
  const intoFolder = () =>
    save(async ({ folderSink }) => folderSink(await pickers.showDirectoryPicker!({ mode: 'readwrite' })));

  return (
    <>
      <PrimaryButton isDisabled={isEmpty} onPress={() => setOpen(true)}>
        Save all…
      </PrimaryButton>
      {isOpen && (
        <Sheet
          title="Save all clean texts"
          isOpen
          onClose={() => done === undefined && setOpen(false)}
          width={480}
          close="Cancel"
        >
          <Choices>
            <p>
              {many(cleaned.length, 'clean text', 'clean texts')}
              {overview.waiting > 0 && `; ${many(overview.waiting, 'file waits', 'files wait')} to be cleaned`}
              {overview.questions > 0 && `; ${many(overview.questions, 'question is', 'questions are')} left`}.
            </p>
            <Suspense>
              <PickList
                label="Each as"
                chosen={to}
                options={OUTPUTS.map(({ id, title }) => ({ value: id, title }))}
                onChoose={(value) => setTo(value as OutputId)}
              />
            </Suspense>
            <Segments
              label="Change records"
              chosen={withRecords ? 'with' : 'without'}
              options={[
                { value: 'without', title: 'Without' },
                { value: 'with', title: 'One beside each text' },
              ]}
              onChoose={(value) => setWithRecords(value === 'with')}
            />
            {done === undefined ? (
              <Row>
                <PrimaryButton onPress={() => void asZip()}>Save as a zip</PrimaryButton>
                {pickers.showDirectoryPicker && <Button onPress={() => void intoFolder()}>Write into a folder…</Button>}
              </Row>
            ) : (
              <Row>
                <progress aria-label="How many clean texts are written" max={cleaned.length} value={done} />
                <span role="status">
                  {done.toLocaleString('en')} of {cleaned.length.toLocaleString('en')}
                </span>
                <Button onPress={() => stopper.current?.abort()}>Stop</Button>
              </Row>
            )}
          </Choices>
        </Sheet>
      )}
    </>
  );
});

const Choices = styled.div`
  display: grid;
  gap: 14px;
  justify-items: start;
  padding: 4px 0 8px;
`;

const Row = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px;
  progress {
    width: 200px;
    accent-color: var(--ribbon);
  }
`;
