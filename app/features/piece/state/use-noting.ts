import { useCallback, useEffect, useRef, useState } from 'react';
import type { PieceRecord } from '../../../../storage/db.ts';
import type { Summary } from '../../../../worker/protocol.ts';
import type { PieceWrite } from './piece-actions.ts';

/**
 * Keeps with the piece what the desk lists: a title, taken from the text where the person gave none, and what the last cleaning
 * said. Gives the title and the way to change it.
 */
export function useNoting(
  piece: PieceRecord,
  summary: Summary | undefined,
  save: (write: PieceWrite) => void,
): readonly [string, (title: string) => void] {
  const [given, setGiven] = useState(piece.title);
  const noted = useRef({ words: piece.words, doubts: piece.doubts, kind: piece.kind });
  const suggested = summary?.suggestedTitle ?? '';
  const isNamed = given !== '';

  useEffect(() => {
    if (!summary) return;
    const note = { words: summary.tally.wordsOut, doubts: summary.doubts, kind: summary.kind };
    if (JSON.stringify(note) === JSON.stringify(noted.current)) return;
    noted.current = note;
    save({ intent: 'note', note });
  }, [summary, save]);

  const rename = useCallback(
    (title: string) => {
      setGiven(title);
      save({ intent: 'rename', title });
    },
    [save],
  );
  // The first title that the text gives stays: what is cleaned otherwise later does not rename the piece.
  useEffect(() => {
    if (!isNamed && suggested !== '') rename(suggested);
  }, [isNamed, suggested, rename]);
  return [isNamed ? given : suggested, rename];
}
