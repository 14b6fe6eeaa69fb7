const OURS = /^(?:127\.|::1$|::ffff:127\.)/;

/** The API cleans for programs on this machine alone, whatever address the pages are served at. */
export function refuseFromElsewhere(request, response, next) {
  if (OURS.test(request.socket.remoteAddress ?? '')) next();
  else response.status(403).type('text/plain').send('The API answers on this machine alone.\n');
}
