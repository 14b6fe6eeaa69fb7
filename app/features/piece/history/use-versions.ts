import { useCallback, useMemo, useState } from 'react';
import { newId } from '../../../../storage/new-id.ts';
import type { VersionRecord } from '../../../../storage/db.ts';
import type { PieceWrite } from '../state/piece-actions.ts';
import type { Decisions } from '../state/use-decisions.ts';

/** The kept versions of a piece, and what can be done with them. */
export interface Versions {
  readonly list: readonly VersionRecord[];
  keep(name: string): void;
  forget(version: VersionRecord): void;
  /** Takes a version that was forgotten back. */
  putBack(version: VersionRecord): void;
  goBackTo(version: VersionRecord): void;
}

/** Keeps the list in step with storage. */
export function useVersions(
  pieceId: string,
  stored: readonly VersionRecord[],
  { style, choices, reading, take }: Decisions,
  save: (write: PieceWrite) => void,
): Versions {
  const [loaded, setLoaded] = useState(stored);
  const [list, setList] = useState(stored);
  if (loaded !== stored) {
    setLoaded(stored);
    setList(stored);
  }
  const put = useCallback(
    (version: VersionRecord) => {
      setList((now) => [version, ...now].sort((a, b) => b.keptAt - a.keptAt));
      save({ intent: 'keep-version', version });
    },
    [save],
  );
  return useMemo(
    () => ({
      list,
      keep: (name) =>
        put({
          id: newId(),
          pieceId,
          name,
          keptAt: Date.now(),
          outcome: { style, choices, ...(reading && { reading }) },
        }),
      forget: (version) => {
        setList((now) => now.filter(({ id }) => id !== version.id));
        save({ intent: 'forget-version', id: version.id });
      },
      putBack: put,
      goBackTo: ({ name, outcome }) => take({ kind: 'restore', name, ...outcome }),
    }),
    [list, put, pieceId, style, choices, reading, take, save],
  );
}
