import { openPool, type Pool } from '../node/pool.ts';
import { settingsFrom, type Settings } from './settings.ts';
import type { Tasks } from './thread.ts';

/** What answers requests. */
export interface Services {
  readonly settings: Settings;
  readonly pool: Pool<Tasks>;
}

const opened: { services?: Services | 'off' } = {};

/** What answers the requests of this process, opened with the first; undefined where the API is off. */
export function services(): Services | undefined {
  if (opened.services === undefined) {
    const settings = settingsFrom(process.env);
    opened.services = settings ? { settings, pool: openPool<Tasks>('api/thread.js', settings) } : 'off';
  }
  return opened.services === 'off' ? undefined : opened.services;
}
