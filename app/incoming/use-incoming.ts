import { useEffect, useRef, useState } from 'react';
import { useFetcher } from 'react-router';
import { isHouseStyle } from '../../core/index.ts';
import { doWithout } from '../../storage/prepare.ts';
import { STORAGE_WORDS, UNTAKEN_WORDS } from '../storage-words.ts';
import { toast, type ToastMessage } from '../ui/toasts.tsx';
import { handOver, type Taken } from './handover.ts';
import { readingProgress, type ReadingProgress } from './reading-progress.ts';
import { INCOMING_WORDS, readFile, readTransfer, type Incoming } from './incoming.ts';

/** Takes in text by paste, drop, choice of files or typing, makes pieces of it and says what cannot become one. */
export interface IncomingState {
  readonly isBusy: boolean;
  readonly progress: ReadingProgress;
  /** Stops the reading; the files that are left are not read. */
  stopReading(): void;
  readonly isDropping: boolean;
  readonly dropProps: {
    readonly onDragOver: (event: React.DragEvent) => void;
    readonly onDragLeave: (event: React.DragEvent) => void;
    readonly onDrop: (event: React.DragEvent) => void;
  };
  take(incoming: Incoming, fromDraft?: boolean): Promise<void>;
  takeFiles(files: readonly File[]): Promise<void>;
}

/** Whether a file says at its beginning that it is a house style. */
async function mayBeStyle(file: File): Promise<boolean> {
  return file.name.endsWith('.json') && isHouseStyle(await file.slice(0, 200).text());
}

function isPicture({ type }: File): boolean {
  return type.startsWith('image/');
}

/** `done` is said once a text became a piece of its own. */
export function useIncoming(done?: ToastMessage): IncomingState {
  const fetcher = useFetcher<Taken>();
  const [isDropping, setDropping] = useState(false);
  const [progress] = useState(readingProgress);
  const [isReading, setReading] = useState(false);
  const stopper = useRef<AbortController>(undefined);

  const take = async (incoming: Incoming, fromDraft = false, stay = false, file?: string) => {
    if (!incoming.ok) {
      const { text, detail } = INCOMING_WORDS[incoming.problem];
      toast({ text: file === undefined ? text : `${file}: ${lowered(text)}`, detail, tone: 'bad' });
      return;
    }
    const said = new URLSearchParams({ intent: 'create', title: incoming.title, text: handOver(incoming.text) });
    if (fromDraft) said.set('fromDraft', '');
    if (stay) said.set('stay', '');
    const before = location.pathname;
    await fetcher.submit(null, { method: 'post', action: `/?index&${said}` });
    if (done && location.pathname !== before) toast(done);
  };

  const takeFiles = async (files: readonly File[]) => {
    const stop = new AbortController();
    stopper.current = stop;
    const taken: string[] = [];
    // One after the other: a fetcher tells the outcome of its last submission only.
    for (const file of files) {
      if (await mayBeStyle(file)) {
        await takeStyle(file);
        continue;
      }
      setReading(true);
      const onProgress = byPercent((share) => progress.set({ name: file.name, share }));
      onProgress(0);
      const incoming = await readFile(file, { onProgress, signal: stop.signal }).catch(() => undefined);
      if (!incoming) break;
      await take(incoming, false, files.length > 1, file.name);
      if (incoming.ok) taken.push(file.name);
    }
    setReading(false);
    progress.set(undefined);
    if (stop.signal.aborted) toast({ text: 'Reading was stopped', detail: 'What had been read is on the desk.' });
    if (files.length > 1 && taken.length > 0)
      toast({ text: `${taken.length} of ${files.length} files are on the desk`, detail: taken.join(', ') });
  };

  /** A house style among the files joins the person's styles. */
  const takeStyle = async (file: File) => {
    // The checker is fetched when it is first needed.
    const { readStyleFile, styleIsHere } = await import('./style-file.ts');
    const read = await readStyleFile(file);
    if (!read.ok) toast({ text: read.text, detail: read.detail, tone: 'bad' });
    else {
      const write = JSON.stringify({ intent: 'save', style: read.record });
      await fetcher.submit(write, { method: 'post', encType: 'application/json', action: '/styles' });
      toast(styleIsHere(read.record.name, read.unknown));
    }
  };

  const { data: result, submit } = fetcher;
  useEffect(() => {
    if (!result || result.ok) return;
    const { problem, again } = result;
    const tryAgain = () => void submit(null, { method: 'post', action: again });
    const withoutStoring = async () => {
      await doWithout('done-without');
      tryAgain();
    };
    toast({
      ...(problem === 'silent' ? UNTAKEN_WORDS : STORAGE_WORDS[problem]),
      tone: 'bad',
      action: { label: 'Try again', run: tryAgain },
      otherwise: { label: 'Open it without storing', run: () => void withoutStoring() },
    });
  }, [result, submit]);

  const takePaste = useEffectEventRef((event: ClipboardEvent) => {
    if (!event.clipboardData || isTypingPlace(event.target)) return;
    event.preventDefault();
    const { files } = event.clipboardData;
    const hasText = event.clipboardData.getData('text/plain') !== '';
    if (!hasText && files.length > 0 && ![...files].every(isPicture)) void takeFiles([...files]);
    else void readTransfer(event.clipboardData).then((incoming) => take(incoming));
  });
  useEffect(() => {
    const onPaste = (event: ClipboardEvent) => takePaste.current(event);
    document.addEventListener('paste', onPaste);
    return () => document.removeEventListener('paste', onPaste);
  }, [takePaste]);

  const isOwn = useOwnDrag();
  const isForeign = ({ dataTransfer, target }: React.DragEvent) =>
    dataTransfer.types.includes('Files') || !(isOwn.current || isTypingPlace(target));

  return {
    isBusy: fetcher.state !== 'idle' || isReading,
    progress,
    stopReading: () => stopper.current?.abort(),
    isDropping,
    dropProps: {
      onDragOver: (event) => {
        if (!isForeign(event)) return;
        event.preventDefault();
        setDropping(true);
      },
      onDragLeave: (event) => {
        if (!event.currentTarget.contains(event.relatedTarget as Node | null)) setDropping(false);
      },
      onDrop: (event) => {
        if (!isForeign(event)) return;
        event.preventDefault();
        setDropping(false);
        const files = [...event.dataTransfer.files];
        if (files.length > 0) void takeFiles(files);
        else void readTransfer(event.dataTransfer).then((incoming) => take(incoming));
      },
    },
    take,
    takeFiles,
  };
}

/** Tells of progress no more often than each hundredth: a file of many pages would draw the page anew for each of them. */
function byPercent(tell: (share: number) => void): (share: number) => void {
  let told = -1;
  return (share) => {
    const percent = Math.floor(share * 100);
    if (percent !== told) tell(share);
    told = percent;
  };
}

function lowered(text: string): string {
  return text.charAt(0).toLowerCase() + text.slice(1);
}

/** A reference that always holds the newest version of a function, for listeners that outlive a render. */
function useEffectEventRef<T>(newest: T) {
  const ref = useRef(newest);
  useEffect(() => {
    ref.current = newest;
  });
  return ref;
}

/** Whether what is being dragged is words of this very page, which belong where they are let go. */
function useOwnDrag(): React.RefObject<boolean> {
  const isOwn = useRef(false);
  useEffect(() => {
    const begin = () => (isOwn.current = true);
    const end = () => (isOwn.current = false);
    document.addEventListener('dragstart', begin);
    document.addEventListener('dragend', end);
    return () => {
      document.removeEventListener('dragstart', begin);
      document.removeEventListener('dragend', end);
    };
  }, []);
  return isOwn;
}

/** Pasting into a name or a search field, or among words already typed, belongs to that field. */
function isTypingPlace(target: EventTarget | null): boolean {
  if (target instanceof HTMLInputElement || (target instanceof HTMLElement && target.isContentEditable)) return true;
  return target instanceof HTMLTextAreaElement && target.value !== '';
}
