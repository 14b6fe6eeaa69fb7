import { addRoute, cleanupOutdatedCaches, matchPrecache, precache, type PrecacheEntry } from 'workbox-precaching';
import { registerRoute } from 'workbox-routing';
import { readShortcuts, withShortcuts } from './manifest.ts';
import { pageFor } from './pages.ts';
import { keepShared } from './shared.ts';

declare const self: ServiceWorkerGlobalScope;
/** What one build is made of; put here as it is built. */
declare const FILES: readonly PrecacheEntry[];

// One build is kept whole, and answers for itself alone: files of two builds are never mixed. A new one waits, as browsers do, until
// the last page of the old one is closed, or a person says so.
precache([...FILES]);
cleanupOutdatedCaches();

registerRoute(
  ({ request, url, sameOrigin }) => sameOrigin && request.mode === 'navigate' && pageFor(url.pathname) !== undefined,
  async ({ url, request }) => (await matchPrecache(pageFor(url.pathname)!)) ?? fetch(request),
);

// Data that the server gives with a page are part of the build.
registerRoute(
  ({ url, sameOrigin }) => sameOrigin && (url.pathname.endsWith('.data') || url.pathname.startsWith('/samples/')),
  async ({ url, request }) => (await matchPrecache(url.pathname)) ?? fetch(request),
);

registerRoute(
  ({ url, sameOrigin }) => sameOrigin && url.pathname === '/manifest.webmanifest',
  async ({ url, request }) => {
    const kept = (await matchPrecache(url.pathname)) ?? (await fetch(request));
    return withShortcuts(kept, await readShortcuts());
  },
);

registerRoute(
  ({ url, sameOrigin }) => sameOrigin && url.pathname === '/share',
  async ({ request }) => {
    await keepShared(await request.formData());
    return Response.redirect('/?shared', 303);
  },
  'POST',
);

// All else as it was built.
addRoute({ cleanURLs: false, directoryIndex: '', ignoreURLParametersMatching: [] });

// The pages that are open when this one comes first are its own from then on: what they fetch later is of the same build.
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));

/** A person wants the new build now: it comes if no other page of the old one is open. The answer says so. */
self.addEventListener('message', (event) => {
  if ((event.data as { kind?: unknown } | null)?.kind !== 'use-now') return;
  const answer = async () => {
    const open = await self.clients.matchAll({ type: 'window', includeUncontrolled: true });
    const isAlone = open.length <= 1;
    event.ports[0]?.postMessage({ isAlone });
    if (isAlone) await self.skipWaiting();
  };
  event.waitUntil(answer());
});
