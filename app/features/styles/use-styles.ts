import { useCallback, useEffect, useRef, useState } from 'react';
import { useFetcher } from 'react-router';
import { DEFAULT_STYLE, type HouseStyle } from '../../../core/index.ts';
import type { StyleRecord } from '../../../storage/db.ts';
import { newRecord, readStyleFile, styleIsHere } from '../../incoming/style-file.ts';
import { STORAGE_WORDS } from '../../storage-words.ts';
import { toast } from '../../ui/toasts.tsx';
import type { StyleResult, StyleWrite } from './styles-actions.ts';

/** The person's styles and the ways to change them; each change is stored at once. */
export interface Styles {
  readonly all: readonly StyleRecord[];
  /** Give the id of what is new. */
  create(): string;
  duplicate(style: HouseStyle): string;
  change(style: StyleRecord): void;
  remove(style: StyleRecord): void;
  /** Reads styles from files; says what cannot be read. Gives the id of the last one that could. */
  takeFiles(files: readonly File[]): Promise<string | undefined>;
}

export function useStyles(stored: readonly StyleRecord[]): Styles {
  const [all, setAll] = useState(stored);
  const save = useSaving();
  const put = (style: StyleRecord) => {
    setAll((before) => {
      const isKnown = before.some(({ id }) => id === style.id);
      return isKnown ? before.map((one) => (one.id === style.id ? style : one)) : [...before, style];
    });
    save({ intent: 'save', style });
  };
  const add = (record: StyleRecord): string => {
    put(record);
    return record.id;
  };
  return {
    all,
    create: () => add(newRecord({ name: 'New style', style: DEFAULT_STYLE }, Date.now())),
    duplicate: (style) => add(newRecord({ ...style, name: `${style.name}, copy`, for: undefined }, Date.now())),
    change(style) {
      const now = Date.now();
      put({ ...style, changedAt: now });
      // A key is that of one style.
      for (const other of all)
        if (style.key !== undefined && other.key === style.key && other.id !== style.id)
          put({ ...other, key: undefined, changedAt: now });
    },
    remove(style) {
      setAll((before) => before.filter(({ id }) => id !== style.id));
      save({ intent: 'delete', id: style.id });
      const run = () => {
        setAll((before) => [...before, style]);
        save({ intent: 'restore', id: style.id });
      };
      toast({
        text: `“${style.name}” was deleted`,
        detail: 'Pieces that were cleaned with it stay as they are.',
        action: { label: 'Restore', run },
      });
    },
    async takeFiles(files) {
      let last: string | undefined;
      for (const file of files) {
        const read = await readStyleFile(file);
        if (read.ok) {
          last = add(read.record);
          toast(styleIsHere(read.record.name, read.unknown));
        } else toast({ text: read.text, detail: read.detail, tone: 'bad' });
      }
      return last;
    },
  };
}

/** Stores changes one after the other; what cannot be stored is said. */
function useSaving(): (write: StyleWrite) => void {
  const { submit, data } = useFetcher<StyleResult>();
  const last = useRef(Promise.resolve());
  useEffect(() => {
    if (data && !data.ok) toast({ ...STORAGE_WORDS[data.problem], tone: 'bad' });
  }, [data]);
  return useCallback(
    (write) => {
      last.current = last.current.then(() =>
        submit(JSON.stringify(write), { method: 'post', encType: 'application/json' }),
      );
    },
    [submit],
  );
}
