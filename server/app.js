import { createRequestHandler } from '@react-router/express';
import compression from 'compression';
import express from 'express';
import sirv from 'sirv';
import { LOOPBACK, onlyOwnNames } from './hosts.js';
import { logApi } from './log-api.js';
import { refuseFromElsewhere } from './loopback.js';
import { sendPage } from './pages.js';

const YEAR = 365 * 24 * 3600;
const HOUR = 3600;
/** What a browser asks for anew each time: whether there is a new build is told by it. */
const ALWAYS_ASKED = /\/(?:service-worker\.js|manifest\.webmanifest)$/;

/** What every answer says, whatever it is. */
const HEADERS = {
  'X-Content-Type-Options': 'nosniff',
  'Cross-Origin-Resource-Policy': 'same-origin',
  'Permissions-Policy':
    'camera=(), display-capture=(), geolocation=(), microphone=(), midi=(), payment=(), serial=(), usb=(), clipboard-read=(self), clipboard-write=(self)',
};

/**
 * The server's answers: the API, static files, then the pages of the build. `client` is the folder of the static files; `host` the
 * address that is listened at, `names` what else it goes by.
 */
export function createApp({ build, client, host, names }) {
  const app = express();
  app.disable('x-powered-by');
  app.use((request, response, next) => {
    response.set(HEADERS);
    // Over plain HTTP from elsewhere browsers pass it over, and complain.
    if (LOOPBACK.test(request.hostname ?? '')) response.set('Cross-Origin-Opener-Policy', 'same-origin');
    next();
  });
  // Nothing here takes it, and it would echo what a browser keeps from scripts.
  app.use((request, response, next) => {
    if (request.method === 'TRACE') sendPage(request, response, 405, { Allow: 'GET, HEAD' });
    else next();
  });
  app.use('/api', logApi(), refuseFromElsewhere);
  app.use(onlyOwnNames(host, names));
  app.use(compression());
  // Beside what the build made stand its compressed forms. Names in /assets change with what is in them.
  app.use('/assets', sirv(`${client}/assets`, { brotli: true, gzip: true, immutable: true, maxAge: YEAR }));
  const setHeaders = (response, path) => {
    if (ALWAYS_ASKED.test(path)) response.setHeader('Cache-Control', 'no-cache');
  };
  app.use(sirv(client, { brotli: true, gzip: true, maxAge: HOUR, setHeaders }));
  app.use('/assets', (request, response) => sendPage(request, response, 404));
  app.use((request, response, next) => {
    if (isReadable(request.path)) next();
    else sendPage(request, response, 400);
  });
  app.use((request, response, next) => {
    if (/^\/api(?:\/|$)/.test(request.path) || ['GET', 'HEAD'].includes(request.method)) next();
    else sendPage(request, response, 405, { Allow: 'GET, HEAD' });
  });
  app.all(/.*/, createRequestHandler({ build, mode: 'production' }));
  // Express tells what is an error handler by its four arguments.
  app.use((error, request, response, next) => {
    console.error(error);
    if (response.headersSent) next(error);
    else sendPage(request, response, error.status === 400 ? 400 : 500);
  });
  return app;
}

function isReadable(path) {
  try {
    return !decodeURIComponent(path).includes('\0');
  } catch {
    return false;
  }
}
