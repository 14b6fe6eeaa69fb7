import { useEffect, useState } from 'react';
import { PrefetchPageLinks } from 'react-router';
import { startCleaningAhead } from '../../../worker/client.ts';
import { whenIdle } from '../../ui/when-idle.ts';

/** Loads what the piece screen needs once the desk stands, so that the first piece opens without waiting for it. */
export function PieceAhead() {
  const [isIdle, setIsIdle] = useState(false);
  useEffect(
    () =>
      whenIdle(() => {
        startCleaningAhead();
        setIsIdle(true);
      }),
    [],
  );
  return isIdle && <PrefetchPageLinks page="/piece/next" />;
}
