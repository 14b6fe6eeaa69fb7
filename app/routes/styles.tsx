import { actOnStyles, loadStyles, type StyleWrite } from '../features/styles/styles-actions.ts';
import { StylesScreen } from '../features/styles/styles-screen.tsx';
import type { Route } from './+types/styles.ts';

export function meta() {
  return [{ title: 'House styles · Lucid Ribbon' }];
}

export function clientLoader() {
  return loadStyles();
}
clientLoader.hydrate = true as const;

export async function clientAction({ request }: Route.ClientActionArgs) {
  return actOnStyles((await request.json()) as StyleWrite);
}

/** The screen already shows what it writes. */
export function shouldRevalidate({
  formMethod,
  defaultShouldRevalidate,
}: {
  formMethod?: string;
  defaultShouldRevalidate: boolean;
}) {
  return formMethod ? false : defaultShouldRevalidate;
}

export function HydrateFallback() {
  return null;
}

export default function StylesRoute({ loaderData }: Route.ComponentProps) {
  return <StylesScreen stored={loaderData} />;
}
