// One direction of imports: core <- data, workers <- ui <- screens <- app. The core knows no interface, storage or clock.
const only = (name, from, allowed, extra = []) => ({
  name,
  severity: 'error',
  from: { path: from },
  to: { pathNot: [...allowed, ...extra] },
});
// A package that is published as ES modules only is not followed into node_modules.
const library = (...names) => names.map((n) => `^(node_modules/)?${n}`);

module.exports = {
  forbidden: [
    only(
      'core-stands-alone',
      '^src/core',
      ['^src/core'],
      library('zod', 'date-fns', 'fuse.js', 'ml-levenberg-marquardt', 'papaparse', 'htmlparser2'),
    ),
    only('workers-use-core', '^src/workers', ['^src/(core|workers)'], library('comlink')),
    {
      name: 'data-below-interface',
      severity: 'error',
      from: { path: '^src/data' },
      to: { path: '^src/(ui|screens|app)' },
    },
    { name: 'ui-below-screens', severity: 'error', from: { path: '^src/ui' }, to: { path: '^src/(screens|app)' } },
    { name: 'screens-below-app', severity: 'error', from: { path: '^src/screens' }, to: { path: '^src/app' } },
    {
      name: 'server-and-cli-use-core-only',
      severity: 'error',
      from: { path: '^(server|cli)' },
      to: { path: '^src/(ui|screens|app|data|workers)' },
    },
    {
      name: 'no-cycles',
      severity: 'error',
      from: {},
      to: { circular: true, viaOnly: { dependencyTypesNot: ['type-only'] } },
    },
    {
      name: 'no-dev-packages-in-source',
      severity: 'error',
      from: { path: '^src' },
      to: { dependencyTypes: ['npm-dev'] },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: { extensions: ['.web.ts', '.web.tsx', '.ts', '.tsx', '.js', '.json', '.ttf', '.woff2'] },
  },
};
