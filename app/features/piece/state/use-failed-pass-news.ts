import { useEffect, useRef } from 'react';
import { findPass, type FailedPass } from '../../../../core/index.ts';
import { toast } from '../../../ui/toasts.tsx';

const NONE: readonly FailedPass[] = [];

/** Says, once for each, that a pass failed on this text and was left out. */
export function useFailedPassNews(failed: readonly FailedPass[] = NONE): void {
  const told = useRef(new Set<string>());
  useEffect(() => {
    for (const { pass, message } of failed) {
      if (told.current.has(pass)) continue;
      told.current.add(pass);
      toast({
        text: `“${findPass(pass)?.title ?? 'A rule of yours'}” failed on this text`,
        detail: `This is a fault in Lucid Ribbon (${message}). The text is cleaned without it; everything else was done.`,
        tone: 'bad',
      });
    }
  }, [failed]);
}
