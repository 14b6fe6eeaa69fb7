import { isIP } from 'node:net';
import { hostname } from 'node:os';
import { sendPage } from './pages.js';

/** The names by which a machine calls itself. */
export const LOOPBACK = /^(?:localhost|127(?:\.\d{1,3}){3}|\[::1\])$/;
const EVERYWHERE = ['0.0.0.0', '::'];

/**
 * Refuses requests under a name that is none of this server: a page from elsewhere may have led a browser here by a name of its own.
 * `host` is the address that it listens at, `more` are further names; one that listens everywhere goes by any address, too.
 */
export function onlyOwnNames(host, more) {
  const names = new Set([host, `[${host}]`, ...more]);
  const isEverywhere = EVERYWHERE.includes(host);
  if (isEverywhere) names.add(hostname().toLowerCase());
  const isAddress = (name) => isIP(name.replace(/^\[(.*)\]$/, '$1')) !== 0;
  return (request, response, next) => {
    const name = (request.hostname ?? '').toLowerCase();
    if (LOOPBACK.test(name) || names.has(name) || (isEverywhere && isAddress(name))) next();
    else sendPage(request, response, 403);
  };
}
