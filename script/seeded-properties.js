// Takes the place of fast-check in unit tests: properties are checked with the same values in each run, so that a change alone
// makes a difference. SEED=n tries others; `npm run fuzz` looks for new ones.
import fc from '../node_modules/fast-check/lib/fast-check.js';

fc.configureGlobal({ seed: Number(process.env.SEED ?? 1) });

export * from '../node_modules/fast-check/lib/fast-check.js';
export default fc;
