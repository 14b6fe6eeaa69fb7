import { lazy, Suspense, useEffect, useRef, useState } from 'react';
import { useFetcher, useNavigate } from 'react-router';
import { styled } from 'styled-components';
import { BUILT_IN_STYLES, type OutputShape } from '../../../core/index.ts';
import type { StyleRecord } from '../../../storage/db.ts';
import { handOver, type Taken } from '../../incoming/handover.ts';
import { STORAGE_WORDS } from '../../storage-words.ts';
import { Button } from '../../ui/buttons.tsx';
import { toast } from '../../ui/toasts.tsx';
import type { Stylish } from './clipboard-run.ts';

const PickList = lazy(() => import('../../ui/pick-list.tsx'));

interface ClipboardActionsProps {
  readonly styles: readonly StyleRecord[];
  readonly shape: OutputShape;
}

/** In the place of a style: the one that is meant for the text, or the usual. */
const FITTING = '';

/** Cleans what is on the clipboard in one step and writes it back; by button, or by a key with Alt. */
export function ClipboardActions({ styles, shape }: ClipboardActionsProps) {
  const [chosen, choose] = useState(FITTING);
  const [isBusy, setBusy] = useState(false);
  const fetcher = useFetcher<Taken>();
  const navigate = useNavigate();
  const known: readonly Stylish[] = [...styles, ...BUILT_IN_STYLES];
  /** What the last run did, told once its piece is stored. */
  const done = useRef<{ readonly text: string; readonly style: string; readonly isWritten: boolean }>(undefined);
  const run = async (wanted: Stylish | undefined) => {
    if (isBusy) return;
    setBusy(true);
    try {
      // What cleans is fetched when it is first needed.
      const { browserBoard, problemWords, runOnClipboard, summaryWords } = await import('./clipboard-run.ts');
      const result = await runOnClipboard(browserBoard(), styles, wanted, shape);
      if (!result.ok) {
        toast({ ...problemWords(result.problem), tone: 'bad' });
        return;
      }
      const said = new URLSearchParams({
        intent: 'create',
        title: result.title,
        text: handOver(result.text),
        stay: '',
      });
      done.current = { text: summaryWords(result.summary), style: result.style, isWritten: result.isWritten };
      await fetcher.submit(null, { method: 'post', action: `/?index&${said}` });
    } catch {
      toast({
        text: 'The clipboard could not be cleaned',
        detail: 'It is as it was. Reload the page and try again.',
        tone: 'bad',
      });
    } finally {
      setBusy(false);
    }
  };
  const { data } = fetcher;
  useEffect(() => {
    if (!data || !done.current) return;
    const { text, style, isWritten } = done.current;
    done.current = undefined;
    const { created } = data.ok ? data : {};
    toast({
      text,
      detail: `${isWritten ? 'The clean text is on the clipboard' : 'The browser did not let this page write the clean text to the clipboard: copy it from the piece'}. Style: ${style}.${data.ok ? '' : ` ${STORAGE_WORDS[data.problem].text}.`}`,
      ...(!isWritten && { tone: 'bad' }),
      ...(created !== undefined && { action: { label: 'Look', run: () => void navigate(`/piece/${created}`) } }),
    });
  }, [data, navigate]);
  useRunKeys(styles, (style) => void run(style));
  return (
    <Row>
      <Button isDisabled={isBusy} onPress={() => void run(known.find(({ id }) => id === chosen))}>
        {isBusy ? 'Cleaning the clipboard…' : 'Clean the clipboard'} <kbd>Alt C</kbd>
      </Button>
      <Suspense>
        <PickList
          label="in the style"
          chosen={chosen}
          options={[
            { value: FITTING, title: 'that fits the text' },
            ...known.map(({ id, name }) => ({ value: id, title: name })),
          ]}
          onChoose={choose}
        />
      </Suspense>
    </Row>
  );
}

/** Alt C runs with the style that fits, Alt and a figure with the style that has that key. */
function useRunKeys(styles: readonly StyleRecord[], run: (style: Stylish | undefined) => void): void {
  const latest = useRef(run);
  useEffect(() => {
    latest.current = run;
  });
  useEffect(() => {
    const onKeyDown = (event: KeyboardEvent) => {
      if (!event.altKey || event.ctrlKey || event.metaKey || event.repeat || isTyping(event)) return;
      const key = /^Digit([1-9])$/.exec(event.code)?.[1];
      const style = key === undefined ? undefined : styles.find((one) => one.key === key);
      if (event.code !== 'KeyC' && !style) return;
      event.preventDefault();
      latest.current(style);
    };
    document.addEventListener('keydown', onKeyDown);
    return () => document.removeEventListener('keydown', onKeyDown);
  }, [styles]);
}

/** With Alt some keyboards write signs, such as “ç”: these belong to the words that are being typed. */
function isTyping(event: KeyboardEvent): boolean {
  const { target } = event;
  if (event.getModifierState('AltGraph')) return true;
  return (target instanceof HTMLTextAreaElement || target instanceof HTMLInputElement) && target.value !== '';
}

const Row = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: center;
  kbd {
    margin-left: 6px;
    padding: 1px 6px;
    border: 1px solid var(--line);
    border-radius: 5px;
    font: inherit;
    font-size: 12px;
    color: var(--soft);
  }
`;
