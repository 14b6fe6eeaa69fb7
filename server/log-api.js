import { pino } from 'pino';

const log = pino({ base: undefined, timestamp: pino.stdTimeFunctions.isoTime });

/** An address that is none of ours may hold anything. */
const KNOWN = /^\/(?:clean|passes|styles|health|openapi\.json|problems\/[a-z-]+)$/;

/**
 * Writes a line of JSON for each request of the API: what was asked for, how it ended, how long it took, how many bytes came and
 * went. Never any text of people: neither bodies, nor options, nor names of files.
 */
export function logApi() {
  return (request, response, next) => {
    // Read now: the address is another one while the request is handed on.
    const path = KNOWN.test(request.path) ? `/api${request.path}` : '/api/…';
    const start = performance.now();
    const before = request.socket.bytesWritten;
    response.once('close', () => {
      log.info({
        method: request.method,
        path,
        status: response.writableFinished ? response.statusCode : 'gone',
        ms: Math.round(performance.now() - start),
        bytesIn: Number(request.headers['content-length'] ?? NaN) || undefined,
        bytesOut: request.socket.bytesWritten - before,
      });
    });
    next();
  };
}
