const BELOW_VIEWS = [
  'core',
  'kitchen',
  'makes',
  'plan',
  'run',
  'judge',
  'learn',
  'schedule',
  'files',
  'store',
  'sim',
  'workers',
  'ui',
];

/**
 * The arrows between folders, as the architecture draws them: what each folder may import.
 * Everything not listed here is a fault.
 */
const may = {
  core: [],
  kitchen: ['core'],
  makes: ['core'],
  plan: ['core', 'kitchen', 'makes'],
  run: ['core', 'kitchen', 'makes', 'plan'],
  judge: ['core', 'makes', 'plan', 'run'],
  learn: ['core', 'makes', 'plan', 'run', 'judge'],
  schedule: ['core', 'makes', 'plan', 'run'],
  files: ['core', 'kitchen', 'makes', 'plan', 'run', 'judge', 'learn', 'schedule', 'sim'],
  store: ['core', 'kitchen', 'makes', 'plan', 'run', 'judge', 'learn', 'schedule', 'files'],
  sim: ['core', 'makes', 'plan', 'run', 'judge'],
  workers: ['core', 'kitchen', 'makes', 'plan', 'run', 'judge', 'learn', 'schedule', 'files', 'store', 'sim'],
  ui: ['core'],
  views: BELOW_VIEWS,
  app: [...BELOW_VIEWS, 'views'],
};

const arrows = Object.entries(may).map(([from, to]) => ({
  name: `arrows-${from}`,
  severity: 'error',
  comment: `src/${from} may import only itself${to.length ? ` and ${to.join(', ')}` : ''}`,
  from: { path: `^src/${from}/` },
  to: { path: '^(src|server|cli|e2e)/', pathNot: [`^src/(${[from, ...to].join('|')})/`] },
}));

module.exports = {
  forbidden: [
    ...arrows,
    {
      name: 'core-packages',
      severity: 'error',
      comment: 'the core knows no surface: zod is the only package it may use',
      from: { path: '^src/(core|makes|plan|run|judge|learn|schedule)/', pathNot: '\\.test\\.ts$' },
      to: { dependencyTypes: ['npm', 'npm-dev', 'core'], pathNot: 'node_modules/zod/' },
    },
    {
      name: 'views-apart',
      severity: 'error',
      comment: 'a view does not reach into another view',
      from: { path: '^src/views/([^/]+)/' },
      to: { path: '^src/views/', pathNot: '^src/views/($1|common|draft)/' },
    },
    {
      name: 'cli-without-browser',
      severity: 'error',
      from: { path: '^cli/' },
      to: { path: '^src/(store|workers|ui|views|app)/' },
    },
    {
      name: 'server-without-browser',
      severity: 'error',
      from: { path: '^server/' },
      to: { path: '^src/(store|workers|ui|views|app)/' },
    },
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'resolvable',
      severity: 'error',
      from: {},
      to: { couldNotResolve: true, pathNot: '\\?(worker|url)$|\\.css$' },
    },
  ],
  options: {
    parser: 'tsc',
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(\\.css$)|(^dist/)' },
    enhancedResolveOptions: {
      extensions: ['.ts', '.tsx', '.js', '.json'],
      exportsFields: ['exports'],
      conditionNames: ['import', 'default', 'types'],
    },
  },
};
