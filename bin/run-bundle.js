// Runs a bundle from what V8 compiled of it before: compiling is half of the time that the command takes to start.
const { readFileSync, renameSync, writeFileSync } = require('node:fs');
const { createRequire } = require('node:module');
const { dirname } = require('node:path');
const { Script } = require('node:vm');

/** The first line of a bundle tells it from all others; what was kept begins with the line of the bundle that it belongs to. */
const idOf = (text) => text.slice(0, text.indexOf('\n') + 1);

function readKept(path, id) {
  try {
    const kept = readFileSync(path);
    return kept.toString('latin1', 0, id.length) === id ? kept.subarray(id.length) : undefined;
  } catch {
    return undefined;
  }
}

/**
 * Runs the bundle at this path. Gives what it exports, and a function that keeps, for the next start, what is compiled by then.
 * What was kept of another bundle, or by another version of Node, is not used.
 */
function runBundle(path) {
  const source = readFileSync(path, 'utf8');
  const id = idOf(source);
  const keptAt = `${path}.compiled`;
  const script = new Script(`(function (exports, require, module, __filename, __dirname) {${source}\n})`, {
    filename: path,
    cachedData: readKept(keptAt, id),
  });
  const module = { exports: {} };
  script.runInThisContext()(module.exports, createRequire(path), module, path, dirname(path));
  const keepCompiled = () => {
    const scratch = `${keptAt}.${process.pid}.tmp`;
    writeFileSync(scratch, Buffer.concat([Buffer.from(id, 'latin1'), script.createCachedData()]));
    renameSync(scratch, keptAt);
  };
  return { exported: module.exports, keepCompiled };
}

module.exports = { runBundle };
