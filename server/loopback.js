import { LOOPBACK } from './hosts.js';

const OURS = /^(?:127\.|::1$|::ffff:127\.)/;

/**
 * The API cleans for programs on this machine alone, whatever address the pages are served at; and for such as know where they are:
 * a page from elsewhere may have led a browser here under a name of its own.
 */
export function refuseFromElsewhere(request, response, next) {
  if (OURS.test(request.socket.remoteAddress ?? '') && LOOPBACK.test(request.hostname ?? '')) next();
  else response.status(403).type('text/plain').send('The API answers on this machine alone.\n');
}
