import { createServer, request as askServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { once } from 'node:events';

/** A server that hands everything on to another; it can be a network that fails, and a newer build. */
export interface Proxy {
  readonly address: string;
  /** From now on the service worker is that of a newer build. */
  bringNewBuild(): void;
  /** There is no network any more. */
  close(): Promise<void>;
}

export async function startProxy(target: string): Promise<Proxy> {
  let build = '';
  const server = createServer((asked, answer) => {
    // Whole files, so that they can be added to.
    const headers: typeof asked.headers = { ...asked.headers, 'accept-encoding': 'identity' };
    delete headers['if-none-match'];
    delete headers['if-modified-since'];
    const forwarded = askServer(`${target}${asked.url}`, { method: asked.method, headers }, (got) => {
      const isWorker = asked.url === '/service-worker.js';
      if (isWorker) delete got.headers['content-length'];
      answer.writeHead(got.statusCode!, got.headers);
      got.pipe(answer, { end: !isWorker });
      if (isWorker) got.on('end', () => answer.end(build));
    });
    forwarded.on('error', () => answer.destroy());
    asked.pipe(forwarded);
  });
  server.listen(0, '127.0.0.1');
  await once(server, 'listening');
  return {
    address: `http://127.0.0.1:${(server.address() as AddressInfo).port}`,
    bringNewBuild: () => (build = '\n// A newer build.\n'),
    close: async () => {
      server.closeAllConnections();
      server.close();
      await once(server, 'close');
    },
  };
}
