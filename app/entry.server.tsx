import { randomBytes } from 'node:crypto';
import { PassThrough } from 'node:stream';
import { renderToPipeableStream } from 'react-dom/server';
import { ServerRouter, type EntryContext } from 'react-router';
import { ServerStyleSheet } from 'styled-components';
import { contentSecurityPolicy } from './security-policy.ts';
import { NonceContext } from './ui/nonce.ts';

const ABORT_AFTER = 10_000;

export default async function handleRequest(
  request: Request,
  status: number,
  headers: Headers,
  context: EntryContext,
): Promise<Response> {
  const nonce = randomBytes(16).toString('base64');
  const sheet = new ServerStyleSheet({ nonce });
  try {
    const body = await renderWhole(
      sheet.collectStyles(
        <NonceContext value={nonce}>
          <ServerRouter context={context} url={request.url} nonce={nonce} />
        </NonceContext>,
      ),
    );
    headers.set('Content-Type', 'text/html; charset=utf-8');
    headers.set('Content-Security-Policy', contentSecurityPolicy(nonce, import.meta.env.DEV));
    headers.set('Referrer-Policy', 'no-referrer');
    // The nonce belongs to this answer alone.
    headers.set('Cache-Control', 'no-store');
    return new Response(body.replace('</head>', `${sheet.getStyleTags()}</head>`), { status, headers });
  } finally {
    sheet.seal();
  }
}

/** Renders to one string: styles are known only when all is rendered, and they belong in the head. */
function renderWhole(element: React.ReactElement): Promise<string> {
  return new Promise((resolve, reject) => {
    const chunks: Buffer[] = [];
    const stream = new PassThrough();
    stream.on('data', (chunk: Buffer) => chunks.push(chunk));
    stream.on('end', () => resolve(Buffer.concat(chunks).toString('utf8')));
    stream.on('error', reject);
    const { pipe, abort } = renderToPipeableStream(element, {
      onAllReady: () => pipe(stream),
      onShellError: reject,
      onError: (error) => console.error(error),
    });
    setTimeout(abort, ABORT_AFTER).unref();
  });
}
