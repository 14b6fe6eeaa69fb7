import { redirect } from 'react-router';
import { SAMPLES } from '../../samples/index.ts';
import { actOnDesk, loadDesk } from '../features/desk/desk-actions.ts';
import { Desk, DeskSkeleton } from '../features/desk/desk.tsx';
import type { Route } from './+types/desk.ts';

export function meta() {
  return [
    { title: 'Lucid Ribbon' },
    { name: 'description', content: 'Clean prose, with its real paragraphs, on your own machine.' },
  ];
}

export function loader() {
  return { samples: SAMPLES };
}

export async function clientLoader({ serverLoader }: Route.ClientLoaderArgs) {
  const [server, desk] = await Promise.all([serverLoader(), loadDesk()]);
  return { ...server, desk };
}
clientLoader.hydrate = true as const;

export async function clientAction({ request }: Route.ClientActionArgs) {
  const result = await actOnDesk(request);
  // A person who made one piece wants to see it; several dropped files stay on the desk.
  if (result.ok && result.created && !new URL(request.url).searchParams.has('stay')) {
    return redirect(`/piece/${result.created}`);
  }
  return result;
}

export function HydrateFallback() {
  return <DeskSkeleton />;
}

export default function DeskRoute({ loaderData }: Route.ComponentProps) {
  return <Desk samples={loaderData.samples} desk={loaderData.desk} />;
}
