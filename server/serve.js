// Serves the built application on this machine: static files, then React Router. PORT, HOST and HOSTS can be set.
import './production.js';
import { fileURLToPath } from 'node:url';
import { createApp } from './app.js';

const client = fileURLToPath(new URL('../build/client', import.meta.url));
const build = await import('../build/server/index.js');
const host = process.env.HOST ?? '127.0.0.1';
/** Further names that the server goes by, between commas. */
const names = (process.env.HOSTS ?? '').toLowerCase().split(',').filter(Boolean);
const wanted = Number(process.env.PORT ?? 4173);
const PORTS_TRIED = 20;
/** How long the head of a request may take to come in, ms. */
const LONGEST_HEAD = 15_000;
/** How long an idle connection stays open, ms: a client that takes it up again just as it is closed would be cut off. */
const LONGEST_IDLE = 65_000;

const app = createApp({ build, client, host, names });

/** Listens on the wanted port, or on the next free one where nobody insisted. */
function listen(port, left) {
  const server = app.listen(port, host);
  server.headersTimeout = LONGEST_HEAD;
  server.keepAliveTimeout = LONGEST_IDLE;
  server.on('clientError', refuse);
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

const REFUSALS = {
  HPE_HEADER_OVERFLOW: '431 Request Header Fields Too Large',
  ERR_HTTP_REQUEST_TIMEOUT: '408 Request Timeout',
};

/** What is no request of HTTP gets an answer that is one. */
function refuse(error, socket) {
  if (error.code === 'ECONNRESET' || !socket.writable) return;
  const status = REFUSALS[error.code] ?? '400 Bad Request';
  const body = 'This is no request that can be read.\n';
  socket.end(
    `HTTP/1.1 ${status}\r\nConnection: close\r\nContent-Type: text/plain; charset=utf-8\r\nCache-Control: no-store\r\nX-Content-Type-Options: nosniff\r\nContent-Length: ${body.length}\r\n\r\n${body}`,
  );
}

/** What is being answered may be finished, for so long; ms. */
const LAST_ANSWERS = 1500;

function end(server) {
  server.close(() => process.exit(0));
  server.closeIdleConnections();
  setTimeout(() => process.exit(0), LAST_ANSWERS).unref();
}

listen(wanted, PORTS_TRIED);
