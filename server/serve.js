// Serves the built application on this machine: static files, then React Router. PORT and HOST can be set.
import './production.js';
import { createRequestHandler } from '@react-router/express';
import compression from 'compression';
import express from 'express';
import sirv from 'sirv';
import { fileURLToPath } from 'node:url';
import { logApi } from './log-api.js';
import { refuseFromElsewhere } from './loopback.js';

const client = fileURLToPath(new URL('../build/client', import.meta.url));
const build = await import('../build/server/index.js');
const host = process.env.HOST ?? '127.0.0.1';
const wanted = Number(process.env.PORT ?? 4173);
const PORTS_TRIED = 20;

const app = express();
app.disable('x-powered-by');
app.use('/api', logApi(), refuseFromElsewhere);
app.use(compression());
app.use((_request, response, next) => {
  response.set('X-Content-Type-Options', 'nosniff');
  next();
});
// Beside what the build made stand its compressed forms. Names in /assets change with what is in them.
const YEAR = 365 * 24 * 3600;
const HOUR = 3600;
app.use('/assets', sirv(`${client}/assets`, { brotli: true, gzip: true, immutable: true, maxAge: YEAR }));
app.use(sirv(client, { brotli: true, gzip: true, maxAge: HOUR }));
app.all(/.*/, createRequestHandler({ build, mode: 'production' }));

/** Listens on the wanted port, or on the next free one where nobody insisted. */
function listen(port, left) {
  const server = app.listen(port, host);
  server.once('listening', () => {
    process.stdout.write(`Lucid Ribbon is at http://${host === '0.0.0.0' ? 'localhost' : host}:${port}/\n`);
  });
  server.once('error', (error) => {
    if (error.code === 'EADDRINUSE' && process.env.PORT === undefined && left > 0) listen(port + 1, left - 1);
    else {
      process.stderr.write(`Cannot serve on port ${port}: ${error.message}\n`);
      process.exit(1);
    }
  });
  for (const signal of ['SIGINT', 'SIGTERM']) process.once(signal, () => end(server));
}

/** What is being answered may be finished, for so long; ms. */
const LAST_ANSWERS = 1500;

function end(server) {
  server.close(() => process.exit(0));
  server.closeIdleConnections();
  setTimeout(() => process.exit(0), LAST_ANSWERS).unref();
}

listen(wanted, PORTS_TRIED);
