#!/usr/bin/env node
// Starts the command; bundles it first where the bundle is missing or, in a checkout, older than the sources.
const { existsSync, readdirSync, statSync } = require('node:fs');
const { join } = require('node:path');
const { runBundle } = require('./run-bundle.js');

const root = join(__dirname, '..');
const command = join(root, 'build/cli/clean.cjs');

function newest(folder) {
  let latest = 0;
  for (const entry of readdirSync(folder, { withFileTypes: true })) {
    const path = join(folder, entry.name);
    if (entry.isDirectory()) latest = Math.max(latest, newest(path));
    else if (entry.name.endsWith('.ts') && !entry.name.endsWith('.test.ts'))
      latest = Math.max(latest, statSync(path).mtimeMs);
  }
  return latest;
}

/** An installed package never changes: its sources are not looked at. */
function isBuilt() {
  const built = statSync(command, { throwIfNoEntry: false })?.mtimeMs;
  if (built === undefined || !existsSync(join(root, '.git'))) return built !== undefined;
  return built >= Math.max(...['core', 'pdf', 'node', 'cli'].map((folder) => newest(join(root, folder))));
}

async function build() {
  const { bundleAll } = await import('../node/bundle.js').catch(() => {
    process.stderr.write('lucid-ribbon: the command is not built yet; run "npm install" in its folder first.\n');
    process.exit(2);
  });
  await bundleAll();
}

async function start() {
  if (!isBuilt()) await build();
  process.exitCode = await runBundle(command).exported.main(process.argv.slice(2));
}

void start();
