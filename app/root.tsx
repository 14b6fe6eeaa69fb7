import '@fontsource-variable/atkinson-hyperlegible-next';
import '@fontsource-variable/literata';
import '@fontsource-variable/literata/wght-italic.css';
import './ui/faces.css';
import { isRouteErrorResponse, Links, Meta, Outlet, Scripts, ScrollRestoration, useNavigate } from 'react-router';
import { I18nProvider, RouterProvider } from 'react-aria-components';
import type { Route } from './+types/root.ts';
import { Failure } from './ui/failure.tsx';
import { FocusKeeper, SkipLink } from './ui/focus-home.tsx';
import { useNonce } from './ui/nonce.ts';
import { GlobalStyle } from './ui/theme.ts';
import { Toasts } from './ui/toasts.tsx';
import { Unforeseen } from './ui/unforeseen.tsx';

export function Layout({ children }: { readonly children: React.ReactNode }) {
  const nonce = useNonce();
  return (
    <html lang="en" suppressHydrationWarning>
      <head>
        <meta charSet="utf-8" />
        <meta name="viewport" content="width=device-width, initial-scale=1" />
        <meta property="csp-nonce" nonce={nonce} suppressHydrationWarning />
        <link rel="manifest" href="/manifest.webmanifest" />
        <meta name="theme-color" content="#fffdf8" media="(prefers-color-scheme: light)" />
        <meta name="theme-color" content="#1d222b" media="(prefers-color-scheme: dark)" />
        <link rel="icon" href="/ribbon.svg" type="image/svg+xml" />
        <script src="/theme.js" nonce={nonce} suppressHydrationWarning />
        <Meta />
        <Links nonce={nonce} />
      </head>
      <body>
        <GlobalStyle />
        <p id="not-started" role="alert" hidden suppressHydrationWarning>
          Lucid Ribbon has not started. Load the page again; if that does not help, your browser may be too old for it,
          or blocks its scripts. Your pieces are kept.
        </p>
        {children}
        <ScrollRestoration nonce={nonce} />
        <Scripts nonce={nonce} />
      </body>
    </html>
  );
}

export default function Root() {
  const navigate = useNavigate();
  return (
    // The screens are in English whatever the browser speaks; parts of them would be in its language, and run its way.
    <I18nProvider locale="en-GB">
      <RouterProvider navigate={(to) => void navigate(to)}>
        <SkipLink />
        <FocusKeeper />
        <Outlet />
        <Toasts />
        <Unforeseen />
      </RouterProvider>
    </I18nProvider>
  );
}

export function ErrorBoundary({ error }: Route.ErrorBoundaryProps) {
  const missing = isRouteErrorResponse(error) && error.status === 404;
  return missing ? (
    <Failure title="There is no page at this address" advice="The piece may have been deleted, or the link is old." />
  ) : (
    <Failure
      title="Something went wrong on this page"
      advice="Your pieces are kept in this browser. Load the page again; if it happens again, open the piece from the desk."
      detail={error instanceof Error ? error.message : undefined}
    />
  );
}
