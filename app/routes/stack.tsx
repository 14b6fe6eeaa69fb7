import { StackScreen } from '../features/stack/stack-screen.tsx';
import { loadStackStyles } from '../features/stack/stack-actions.ts';
import type { Route } from './+types/stack.ts';

export function meta() {
  return [{ title: 'Stack · Lucid Ribbon' }];
}

export function clientLoader() {
  return loadStackStyles();
}
clientLoader.hydrate = true as const;

export function HydrateFallback() {
  return null;
}

export default function StackRoute({ loaderData }: Route.ComponentProps) {
  return <StackScreen {...loaderData} />;
}
