import { loadDesk } from '../features/desk/desk-actions.ts';
import { RunScreen } from '../features/desk/run-screen.tsx';
import type { Route } from './+types/run.ts';

export function meta() {
  return [{ title: 'Clean the clipboard · Lucid Ribbon' }];
}

export async function clientLoader({ request }: Route.ClientLoaderArgs) {
  const { styles, shape } = await loadDesk();
  return { styles, shape, wanted: new URL(request.url).searchParams.get('style') ?? undefined };
}
clientLoader.hydrate = true as const;

/** What a run stores is of no concern to what it began with. */
export function shouldRevalidate() {
  return false;
}

export function HydrateFallback() {
  return null;
}

export default function RunRoute({ loaderData }: Route.ComponentProps) {
  return <RunScreen {...loaderData} />;
}
