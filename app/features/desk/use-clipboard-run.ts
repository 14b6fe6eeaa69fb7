import { useEffect, useRef, useState } from 'react';
import { useFetcher } from 'react-router';
import type { OutputShape } from '../../../core/index.ts';
import type { StyleRecord } from '../../../storage/db.ts';
import { handOver, type Taken } from '../../incoming/handover.ts';
import { STORAGE_WORDS } from '../../storage-words.ts';
import type { Stylish } from './clipboard-run.ts';

/** What a run on the clipboard came to, in words. */
export interface RunTold {
  readonly isGood: boolean;
  readonly text: string;
  readonly detail: string;
  /** The piece that it became; undefined where it is none. */
  readonly piece?: string;
}

export interface ClipboardRun {
  readonly isBusy: boolean;
  /** What the last run came to. */
  readonly told: RunTold | undefined;
  /** Cleans what is on the clipboard and writes it back; without a style, in the one that is meant for the text. */
  run(wanted: Stylish | undefined): Promise<void>;
}

const FAILED: RunTold = {
  isGood: false,
  text: 'The clipboard could not be cleaned',
  detail: 'It is as it was. Reload the page and try again.',
};

/** One run on the clipboard at a time, with what is to be said of it; the text becomes a piece, so that nothing is lost. */
export function useClipboardRun(styles: readonly StyleRecord[], shape: OutputShape): ClipboardRun {
  const [isBusy, setBusy] = useState(false);
  const [told, setTold] = useState<RunTold>();
  const fetcher = useFetcher<Taken>();
  /** What the last run did, told once its piece is stored. */
  const done = useRef<{ readonly text: string; readonly style: string; readonly isWritten: boolean }>(undefined);
  const run = async (wanted: Stylish | undefined) => {
    if (isBusy) return;
    setBusy(true);
    setTold(undefined);
    try {
      // What cleans is fetched when it is first needed.
      const { browserBoard, problemWords, runOnClipboard, summaryWords } = await import('./clipboard-run.ts');
      const result = await runOnClipboard(browserBoard(), styles, wanted, shape);
      if (!result.ok) {
        setTold({ isGood: false, ...problemWords(result.problem) });
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
      setTold(FAILED);
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
    const written = isWritten
      ? 'The clean text is on the clipboard'
      : 'The browser did not let this page write the clean text to the clipboard: copy it from the piece';
    setTold({
      isGood: isWritten,
      text,
      detail: `${written}. Style: ${style}.${data.ok ? '' : ` ${STORAGE_WORDS[data.problem].text}.`}`,
      ...(created !== undefined && { piece: created }),
    });
  }, [data]);
  return { isBusy, told, run };
}
