import { readFileSync, writeFileSync } from 'node:fs';
import { withPassTable } from '../core/passes/pass-table.ts';

// Writes the table of passes into the README, from the list of passes itself.
writeFileSync('README.md', withPassTable(readFileSync('README.md', 'utf8')));
