import { startTransition } from 'react';
import { hydrateRoot } from 'react-dom/client';
import { HydratedRouter } from 'react-router/dom';
import { keepForOffline } from './offline/new-build.ts';
import { NonceContext, nonceOfPage } from './ui/nonce.ts';

startTransition(() => {
  hydrateRoot(
    document,
    <NonceContext value={nonceOfPage()}>
      <HydratedRouter />
    </NonceContext>,
  );
});

keepForOffline();
