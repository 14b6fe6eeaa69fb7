/**
 * How soon the server answers that it is well while all its threads clean texts of 1 MB, beside the same with no work at all. Run on
 * the build: npm run bench:api. Wall-clock time, as people wait.
 */
import autocannon from 'autocannon';
import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { readFileSync } from 'node:fs';

const PORT = 4394;
const ADDRESS = `http://127.0.0.1:${PORT}`;
const SECONDS = 15;
/** Health is asked for so often, as a supervisor of many servers may. */
const ASKED_A_SECOND = 100;

const leaflet = readFileSync('samples/texts/tide-mills.txt', 'utf8');
const MEGABYTE = leaflet.repeat(Math.ceil(1_000_000 / leaflet.length)).slice(0, 1_000_000);

const server = spawn('node', ['server/serve.js'], {
  env: { ...process.env, PORT: String(PORT), LUCID_RIBBON_API: '1' },
});
await once(server.stdout, 'data');
server.stdout.resume();
try {
  const { threads } = (await (await fetch(`${ADDRESS}/api/health`)).json()) as { threads: number };
  const idle = await askHealth();
  const work = autocannon({
    url: `${ADDRESS}/api/clean`,
    method: 'POST',
    headers: { 'content-type': 'text/plain' },
    body: MEGABYTE,
    connections: threads,
    duration: SECONDS + 2,
    timeout: 60,
  });
  const busy = await askHealth();
  const cleaned = await work;
  process.stdout.write(
    [
      `threads ${threads}, texts of 1 MB cleaned meanwhile: ${cleaned['2xx']} in ${SECONDS + 2} s, refused ${cleaned.non2xx}, errors ${cleaned.errors}`,
      `health, no work:   median ${idle.latency.p50} ms, 99 % ${idle.latency.p99} ms, longest ${idle.latency.max} ms`,
      `health, all busy:  median ${busy.latency.p50} ms, 99 % ${busy.latency.p99} ms, longest ${busy.latency.max} ms`,
      '',
    ].join('\n'),
  );
} finally {
  server.kill();
}

function askHealth(): Promise<autocannon.Result> {
  return autocannon({ url: `${ADDRESS}/api/health`, connections: 2, overallRate: ASKED_A_SECOND, duration: SECONDS });
}
