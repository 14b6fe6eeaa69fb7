import { index, route, type RouteConfig } from '@react-router/dev/routes';

export default [
  index('routes/desk.tsx'),
  route('piece/:id', 'routes/piece.tsx', [
    index('routes/piece-text.tsx'),
    route('findings', 'routes/piece-findings.tsx'),
    route('shapes', 'routes/piece-shapes.tsx'),
    route('output', 'routes/piece-output.tsx'),
    route('read', 'routes/piece-read.tsx'),
  ]),
  route('run', 'routes/run.tsx'),
  route('stack', 'routes/stack.tsx'),
  route('styles', 'routes/styles.tsx'),
  route('samples/:id', 'routes/sample.ts'),
  route('api/clean', 'routes/api/clean.ts'),
  route('api/passes', 'routes/api/passes.ts'),
  route('api/styles', 'routes/api/styles.ts'),
  route('api/health', 'routes/api/health.ts'),
  route('api/openapi.json', 'routes/api/openapi.ts'),
  route('api/problems/:code', 'routes/api/problem.ts'),
  route('api/*', 'routes/api/elsewhere.ts'),
  route('*', 'routes/not-found.tsx'),
] satisfies RouteConfig;
