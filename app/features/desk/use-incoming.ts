import { useEffect, useRef, useState } from 'react';
import { useFetcher } from 'react-router';
import { STORAGE_WORDS } from '../../storage-words.ts';
import { toast } from '../../ui/toasts.tsx';
import type { DeskResult } from './desk-actions.ts';
import { handOver } from './handover.ts';
import { INCOMING_WORDS, readFile, readTransfer, type Incoming } from './incoming.ts';

/** Takes in text by paste, drop, choice of files or typing, makes pieces of it and says what cannot become one. */
export interface IncomingState {
  readonly isBusy: boolean;
  readonly isDropping: boolean;
  readonly dropProps: {
    readonly onDragOver: (event: React.DragEvent) => void;
    readonly onDragLeave: (event: React.DragEvent) => void;
    readonly onDrop: (event: React.DragEvent) => void;
  };
  take(incoming: Incoming, fromDraft?: boolean): void;
  takeFiles(files: readonly File[]): Promise<void>;
}

export function useIncoming(): IncomingState {
  const fetcher = useFetcher<DeskResult>();
  const [isDropping, setDropping] = useState(false);
  const [isReading, setReading] = useState(false);
  // The last text sent to storage: if it cannot be stored it must not be lost.
  const sent = useRef<Incoming>(undefined);

  const take = (incoming: Incoming, fromDraft = false, stay = false) => {
    if (!incoming.ok) {
      toast({ ...INCOMING_WORDS[incoming.problem], tone: 'bad' });
      return;
    }
    sent.current = incoming;
    const said = new URLSearchParams({ intent: 'create', title: incoming.title, text: handOver(incoming.text) });
    if (fromDraft) said.set('fromDraft', '');
    if (stay) said.set('stay', '');
    void fetcher.submit(null, { method: 'post', action: `/?index&${said}` });
  };

  const takeFiles = async (files: readonly File[]) => {
    setReading(true);
    for (const file of files) take(await readFile(file), false, files.length > 1);
    setReading(false);
  };

  const result = fetcher.data;
  const takeAgain = useEffectEventRef(() => sent.current && take(sent.current));
  useEffect(() => {
    if (result && !result.ok) {
      toast({
        ...STORAGE_WORDS[result.problem],
        tone: 'bad',
        action: { label: 'Try again', run: () => takeAgain.current() },
      });
    }
  }, [result, takeAgain]);

  const takePaste = useEffectEventRef((event: ClipboardEvent) => {
    if (!event.clipboardData || isTypingPlace(event.target)) return;
    event.preventDefault();
    take(readTransfer(event.clipboardData));
  });
  useEffect(() => {
    const onPaste = (event: ClipboardEvent) => takePaste.current(event);
    document.addEventListener('paste', onPaste);
    return () => document.removeEventListener('paste', onPaste);
  }, [takePaste]);

  return {
    isBusy: fetcher.state !== 'idle' || isReading,
    isDropping,
    dropProps: {
      onDragOver: (event) => {
        event.preventDefault();
        setDropping(true);
      },
      onDragLeave: (event) => {
        if (!event.currentTarget.contains(event.relatedTarget as Node | null)) setDropping(false);
      },
      onDrop: (event) => {
        event.preventDefault();
        setDropping(false);
        const files = [...event.dataTransfer.files];
        if (files.length > 0) void takeFiles(files);
        else take(readTransfer(event.dataTransfer));
      },
    },
    take,
    takeFiles,
  };
}

/** A reference that always holds the newest version of a function, for listeners that outlive a render. */
function useEffectEventRef<T>(newest: T) {
  const ref = useRef(newest);
  useEffect(() => {
    ref.current = newest;
  });
  return ref;
}

/** Pasting into a name or a search field, or among words already typed, belongs to that field. */
function isTypingPlace(target: EventTarget | null): boolean {
  if (target instanceof HTMLInputElement) return true;
  return target instanceof HTMLTextAreaElement && target.value !== '';
}
