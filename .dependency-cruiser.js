import { CORE, SEAMS } from './structure.js';

const TEST = '\\.test\\.tsx?$';

/** What a folder may not import, tests included. */
function forbid(name, comment, from, to) {
  return { name, comment, severity: 'error', from, to };
}

/** Each folder imports from those above it in its list, and from no other; `on` are files that are built on all of them. */
function inOrder(place, list, on) {
  return list.map(([folder], at) =>
    forbid(
      `${place.replace('/', '-')}-order-${folder}`,
      `${place}/${folder} knows nothing of what is built on it; see structure.js.`,
      { path: `^${place}/${folder}/` },
      {
        path: `^${place}/(?:${[...list.slice(at + 1).map(([later]) => later), ...on].join('|')})(?:/|$)`,
      },
    ),
  );
}

/** @type {import('dependency-cruiser').IConfiguration} */
export default {
  forbidden: [
    forbid('no-circles', 'Two files that need each other are one, or a third is missing.', {}, { circular: true }),
    ...inOrder('core', CORE.slice(0, -1), [CORE.at(-1)[0], 'index\\.ts']),
    ...inOrder('core/seams', SEAMS, ['decide\\.ts', 'explain\\.ts']),
    forbid(
      'seams-have-their-place',
      'A folder of core/seams stands in the list in structure.js.',
      { path: '^core/seams/' },
      { path: `^core/seams/(?!(?:${SEAMS.map(([folder]) => folder).join('|')})/)[^/]+/` },
    ),
    forbid(
      'core-has-its-place',
      'A folder of the core stands in the list in structure.js.',
      { path: '^core/' },
      { path: `^core/(?!(?:${CORE.map(([folder]) => folder).join('|')})/|index\\.ts$)` },
    ),
    forbid(
      'core-alone',
      'The core is built on nothing of ours.',
      { path: '^core/' },
      { path: '^(?:node|worker|storage|app|api|cli|bench|fuzz|samples)/' },
    ),
    forbid(
      'core-without-interface',
      'The core has no interface code.',
      { path: '^core/' },
      { path: 'node_modules/(?:react|dexie|styled-components)' },
    ),
    forbid(
      'worker',
      'The worker serves; it does not know whom.',
      { path: '^worker/' },
      { path: '^(?:app|cli|storage|bench)/' },
    ),
    forbid('storage', 'Storage keeps what it is given.', { path: '^storage/' }, { path: '^(?:app|cli|worker|bench)/' }),
    forbid(
      'node',
      'What the command and the server share knows neither.',
      { path: '^node/' },
      { path: '^(?:app|api|cli|storage|worker|bench)/' },
    ),
    forbid(
      'cli',
      'The command is built on the core and what it shares with the server.',
      { path: '^cli/' },
      { path: '^(?:app|storage|worker|bench)/' },
    ),
    forbid(
      'offline',
      'What keeps the program knows its pages by their addresses alone.',
      { path: '^offline/' },
      { path: '^(?:app|cli|api|worker|bench)/' },
    ),
    forbid(
      'api',
      'The API is built on the core and what it shares with the command.',
      { path: '^api/' },
      { path: '^(?:app|cli|storage|worker|bench)/' },
    ),
    forbid(
      'samples',
      'Samples are made by the core alone.',
      { path: '^samples/' },
      { path: '^(?:app|cli|storage|worker|bench)/' },
    ),
    forbid(
      'ui',
      'The parts in app/ui know nothing of the product.',
      { path: '^app/ui/' },
      { path: '^(?:core|storage|worker|app/(?:features|routes))/' },
    ),
    forbid(
      'incoming',
      'Whatever screen a text is brought to, it comes in the same way.',
      { path: '^app/incoming/' },
      { path: '^app/(?:features|routes)/' },
    ),
    forbid(
      'style-parts',
      'What several screens show knows none of them.',
      { path: '^app/style-parts/' },
      { path: '^app/(?:features|routes)/' },
    ),
    forbid(
      'features',
      'No feature imports another.',
      { path: '^app/features/([^/]+)/' },
      { path: '^app/(?:features/(?!$1/)[^/]+/|routes/)' },
    ),
    forbid(
      'passes',
      'No pass imports another.',
      { path: '^core/passes/', pathNot: ['^core/passes/(?:index|pass-table)\\.ts$', TEST] },
      { path: '^core/passes/(?!pass\\.ts$)' },
    ),
  ],
  options: {
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '^(?:build|\\.react-router)/' },
    enhancedResolveOptions: { extensions: ['.ts', '.tsx', '.js'] },
  },
};
