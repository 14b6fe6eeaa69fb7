import { startTransition, useEffect, useState } from 'react';
import type { OutputId, OutputShape } from '../../../../core/index.ts';
import { ignoreClosedWorker } from '../state/ignore-closed-worker.ts';
import type { Ready } from '../state/use-cleaning.ts';

/** What is shown of an output: its text in parts, so that a long one is drawn part by part as it comes into sight. */
export interface ShownOutput {
  readonly parts: readonly string[];
  /** In characters, line ends included. */
  readonly length: number;
  readonly lines: number;
}

/** Lines of a part. */
const AT_ONCE = 200;

/** The output in a format that is text; what was shown before stays in sight until the new one is there. */
export function useOutput({ client, version }: Ready, format: OutputId, shape: OutputShape, title: string) {
  const [shown, setShown] = useState<ShownOutput>();
  useEffect(() => {
    let isCurrent = true;
    client.output(format, shape, title).then((written) => {
      if (isCurrent && typeof written === 'string') startTransition(() => setShown(inParts(written)));
    }, ignoreClosedWorker);
    return () => {
      isCurrent = false;
    };
  }, [client, version, format, shape, title]);
  return shown;
}

function inParts(text: string): ShownOutput {
  const lines = text.split(/\r\n|\r|\n/);
  const parts: string[] = [];
  for (let from = 0; from < lines.length; from += AT_ONCE) parts.push(lines.slice(from, from + AT_ONCE).join('\n'));
  return { parts, length: text.length, lines: lines.length };
}
