// One direction of imports: core <- data, workers <- ui <- screens <- app. The core knows no interface, storage or clock.
const only = (name, from, allowed, extra = []) => ({
  name,
  severity: 'error',
  from: { path: from },
  to: { pathNot: [...allowed, ...extra] },
});
// A package that is published as ES modules only is not followed into node_modules.
const library = (...names) => names.map((n) => `^(node_modules/)?${n}`);

// The rooms of the core, and what each may take from: itself, and rooms below it. The vocabulary is lowest, `checks` highest.
const WORDS = ['vocabulary', 'forms'];
const STORED = [...WORDS, 'learning', 'stored'];
const BELOW_CHECKS = [
  ...STORED,
  'random',
  'fitting',
  'units',
  'food',
  'filling',
  'wrapper',
  'safety',
  'heat',
  'cooling',
  'cooking',
  'forecast',
];
const HEATED = [...STORED, 'random', 'fitting', 'units', 'food', 'filling', 'wrapper', 'safety', 'heat'];
const ROOMS = {
  vocabulary: [],
  random: [],
  fitting: [],
  forms: ['vocabulary'],
  learning: ['vocabulary'],
  stored: [...WORDS, 'learning'],
  units: ['vocabulary'],
  food: ['vocabulary', 'stored', 'units'],
  filling: [...STORED, 'units', 'food'],
  wrapper: [...STORED, 'units', 'food'],
  safety: ['vocabulary'],
  heat: ['random', 'food'],
  cooling: HEATED,
  cooking: HEATED,
  forecast: [...HEATED, 'cooling', 'cooking'],
  probes: [...HEATED, 'cooling', 'cooking', 'forecast'],
  schedule: ['random'],
  recipe: [...STORED, 'units', 'food', 'filling', 'wrapper'],
  formats: [...STORED, 'units', 'food', 'filling', 'wrapper', 'recipe'],
  checks: BELOW_CHECKS,
  day: [...BELOW_CHECKS, 'checks', 'schedule', 'formats'],
  notebook: [...BELOW_CHECKS, 'checks'],
  rehearsal: [...BELOW_CHECKS, 'probes', 'checks', 'notebook'],
  print: [...BELOW_CHECKS, 'checks', 'day', 'schedule'],
};
const rooms = Object.entries(ROOMS).map(([room, below]) => ({
  name: `room-${room}`,
  severity: 'error',
  from: { path: `^src/core/${room}/` },
  to: { path: '^src/core/', pathNot: [`^src/core/(${[room, ...below].join('|')})/`, '^src/core/zod\\.ts$'] },
}));

module.exports = {
  forbidden: [
    ...rooms,
    // Every file of the core stands in a room.
    {
      name: 'core-in-rooms',
      severity: 'error',
      from: { path: `^src/core/(?!(${Object.keys(ROOMS).join('|')})/|zod\\.ts$)` },
      to: {},
    },
    only(
      'core-stands-alone',
      '^src/core',
      ['^src/core'],
      library(
        'zod',
        'date-fns',
        '@date-fns/tz',
        'fuse.js',
        'ml-levenberg-marquardt',
        'papaparse',
        'htmlparser2',
        'damerau-levenshtein',
      ),
    ),
    only('workers-use-core', '^src/workers', ['^src/(core|workers)'], library('comlink')),
    {
      name: 'data-below-interface',
      severity: 'error',
      from: { path: '^src/data' },
      to: { path: '^src/(ui|screens|app)' },
    },
    { name: 'ui-below-screens', severity: 'error', from: { path: '^src/ui' }, to: { path: '^src/(screens|app)' } },
    {
      name: 'screens-keep-to-themselves',
      severity: 'error',
      from: { path: '^src/screens/([^/]+)/' },
      to: { path: '^src/screens/[^/]+/', pathNot: '^src/screens/$1/' },
    },
    {
      name: 'stations-keep-to-themselves',
      severity: 'error',
      from: { path: '^src/screens/batch/([^/]+)/' },
      to: { path: '^src/screens/batch/[^/]+/', pathNot: '^src/screens/batch/$1/' },
    },
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
      to: { circular: true },
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
