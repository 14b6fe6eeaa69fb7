import { lazy, Suspense, useEffect, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { styled } from 'styled-components';
import { BUILT_IN_STYLES, type OutputShape } from '../../../core/index.ts';
import type { StyleRecord } from '../../../storage/db.ts';
import { Button } from '../../ui/buttons.tsx';
import { toast } from '../../ui/toasts.tsx';
import type { Stylish } from './clipboard-run.ts';
import { useClipboardRun } from './use-clipboard-run.ts';

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
  const navigate = useNavigate();
  const known: readonly Stylish[] = [...styles, ...BUILT_IN_STYLES];
  const { isBusy, told, run } = useClipboardRun(styles, shape);
  useEffect(() => {
    if (!told) return;
    const { isGood, text, detail, piece } = told;
    toast({
      text,
      detail,
      ...(!isGood && { tone: 'bad' }),
      ...(piece !== undefined && { action: { label: 'Look', run: () => void navigate(`/piece/${piece}`) } }),
    });
  }, [told, navigate]);
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
