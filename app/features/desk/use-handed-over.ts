import { useEffect } from 'react';
import { takeShared } from '../../../offline/shared.ts';
import { checkText } from '../../incoming/incoming.ts';
import type { IncomingState } from '../../incoming/use-incoming.ts';

interface LaunchQueue {
  setConsumer(consumer: (launched: { readonly files: readonly FileSystemFileHandle[] }) => void): void;
}

/** Takes what the system hands over: files opened with the installed app, and what other apps share with it. */
export function useHandedOver({ take, takeFiles }: Pick<IncomingState, 'take' | 'takeFiles'>): void {
  useEffect(() => {
    (globalThis as { launchQueue?: LaunchQueue }).launchQueue?.setConsumer(({ files }) => {
      if (files.length > 0) void Promise.all(files.map((file) => file.getFile())).then(takeFiles);
    });
    if (!new URLSearchParams(location.search).has('shared')) return;
    void takeShared().then(({ files, text }) => {
      if (files.length > 0) return takeFiles(files);
      return text === undefined ? undefined : take(checkText({ source: text }));
    });
    // What is handed over is there once, when the desk is.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, []);
}
