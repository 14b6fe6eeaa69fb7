import { whenIdle } from '../ui/when-idle.ts';

/** A build of the program that waits for its turn; asks to be used now. */
export interface NewBuild {
  /** Whether it came: it does where no other page of the old one is open. The page then loads anew. */
  use(): Promise<boolean>;
}

const SCRIPT = '/service-worker.js';
/** How often a page that stays open looks for a new build, ms. */
const LOOKED_EVERY = 3600_000;

/**
 * Keeps the program for use without a network, once the page stands and rests: it takes as much work as opening a piece. Does nothing
 * where the browser cannot.
 */
export function keepForOffline(): void {
  if (!import.meta.env.PROD || !('serviceWorker' in navigator)) return;
  const register = () =>
    void navigator.serviceWorker.register(SCRIPT).then(
      (registration) => void setInterval(() => void registration.update().catch(() => undefined), LOOKED_EVERY),
      // Without it the program works as long as there is a network.
      () => undefined,
    );
  if (document.readyState === 'complete') whenIdle(register);
  else addEventListener('load', () => whenIdle(register), { once: true });
}

/** Calls back when a new build waits. Gives what ends the watching. */
export function watchForNewBuild(onNew: (build: NewBuild) => void): () => void {
  const { serviceWorker } = navigator as { serviceWorker?: ServiceWorkerContainer };
  if (!serviceWorker) return () => undefined;
  const ended = new AbortController();
  const { signal } = ended;
  const tell = (waiting: ServiceWorker | null) => {
    // The first one takes no other's place.
    if (waiting && serviceWorker.controller && !signal.aborted) onNew({ use: () => use(serviceWorker, waiting) });
  };
  void serviceWorker.getRegistration().then((registration) => {
    if (!registration || signal.aborted) return;
    tell(registration.waiting);
    const onFound = () => {
      const { installing } = registration;
      installing?.addEventListener('statechange', () => tell(registration.waiting), { signal });
    };
    // The browser may have found it before this was asked.
    onFound();
    registration.addEventListener('updatefound', onFound, { signal });
    void registration.update().catch(() => undefined);
  });
  return () => ended.abort();
}

function use(container: ServiceWorkerContainer, waiting: ServiceWorker): Promise<boolean> {
  container.addEventListener('controllerchange', () => location.reload(), { once: true });
  const { port1, port2 } = new MessageChannel();
  waiting.postMessage({ kind: 'use-now' }, [port2]);
  return new Promise((resolve) => {
    port1.onmessage = ({ data }) => resolve((data as { isAlone: boolean }).isAlone);
  });
}
