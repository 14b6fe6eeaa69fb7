// Runs the command's bundle over a text, and keeps beside the bundle what V8 has compiled of it by then.
import { createRequire } from 'node:module';
import { fileURLToPath } from 'node:url';

const { runBundle } = createRequire(import.meta.url)('../bin/run-bundle.js');
const { exported, keepCompiled } = runBundle(process.argv[2]);
await exported.main(['clean', fileURLToPath(new URL('../samples/prose/letter.txt', import.meta.url))]);
keepCompiled();
