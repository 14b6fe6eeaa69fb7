import { startTransition } from 'react';
import { hydrateRoot } from 'react-dom/client';
import { HydratedRouter } from 'react-router/dom';
import { loadAnewForMissingParts } from './offline/missing-parts.ts';
import { keepForOffline } from './offline/new-build.ts';
import { isStuck } from '../storage/answering.ts';
import { isInMemoryAlone } from '../storage/db.ts';
import { prepareStorage } from '../storage/prepare.ts';
import { STORAGE_WORDS } from './storage-words.ts';
import { tellWhenStuck } from './tell-when-stuck.ts';
import { toast } from './ui/toasts.tsx';
import { NonceContext, nonceOfPage } from './ui/nonce.ts';

/** The page comes to life once it is known where pieces are kept: all that it loads is asked of that place. */
void prepareStorage()
  .then((problem) => {
    if (!problem) return;
    // The other screens have a place for it.
    if (location.pathname.startsWith('/piece/')) toast({ ...STORAGE_WORDS[problem], tone: 'bad' });
  })
  .finally(() =>
    startTransition(() => {
      hydrateRoot(
        document,
        <NonceContext value={nonceOfPage()}>
          <HydratedRouter />
        </NonceContext>,
      );
    }),
  );

// The browser asks before a page is closed with which something may go.
window.addEventListener('beforeunload', (event) => {
  if (isInMemoryAlone() || isStuck()) event.preventDefault();
});
document.documentElement.dataset.started = '';
loadAnewForMissingParts();
tellWhenStuck();
keepForOffline();
