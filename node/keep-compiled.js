// Runs the command's bundle over a text, and keeps what V8 compiled of it beside it.
import { createRequire } from 'node:module';
import { fileURLToPath } from 'node:url';

const { runBundle } = createRequire(import.meta.url)('../bin/run-bundle.js');
const { exported, keepCompiled } = runBundle(process.argv[2]);
await exported.main(['clean', fileURLToPath(new URL('../samples/prose/letter.txt', import.meta.url))]);
keepCompiled();
