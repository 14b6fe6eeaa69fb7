import { startTransition, useEffect, useState } from 'react';
import type { ReadBlock } from '../../../../core/index.ts';
import type { Ready } from '../state/use-cleaning.ts';
import { ignoreClosedWorker } from '../state/ignore-closed-worker.ts';

/** Paragraphs that are asked for and drawn at a time: little enough that the page stays free. */
const AT_ONCE = 60;

interface Read {
  readonly version: number;
  readonly parts: readonly (readonly ReadBlock[])[];
}

/** All paragraphs of the clean text, in parts, the first at once and the others one after the other. */
export function useReadBlocks({ client, version, summary }: Ready): { parts: Read['parts']; isComplete: boolean } {
  const [read, setRead] = useState<Read>({ version: -1, parts: [] });
  const parts = read.version === version ? read.parts : [];
  const next = parts.length * AT_ONCE;
  const isComplete = next >= summary.blocks;
  useEffect(() => {
    if (isComplete) return undefined;
    let isCurrent = true;
    client.read(next, next + AT_ONCE).then((part) => {
      if (!isCurrent) return;
      startTransition(() =>
        setRead((now) => ({ version, parts: now.version === version ? [...now.parts, part] : [part] })),
      );
    }, ignoreClosedWorker);
    return () => {
      isCurrent = false;
    };
  }, [client, version, next, isComplete]);
  return { parts, isComplete };
}
