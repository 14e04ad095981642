/**
 * Arrows point down only: app → features → live, ui → workers → instruments, data → formats → core →
 * domain. Screens reach storage and threads through live alone.
 */
const LAYERS = {
  domain: ['domain'],
  core: ['core', 'domain'],
  formats: ['formats', 'core', 'domain'],
  data: ['data', 'formats', 'core', 'domain'],
  instruments: ['instruments', 'core', 'domain'],
  workers: ['workers', 'instruments', 'data', 'formats', 'core', 'domain'],
  live: ['live', 'ui', 'instruments', 'workers', 'data', 'formats', 'core', 'domain'],
  ui: ['ui', 'instruments', 'formats', 'core', 'domain'],
  features: ['features', 'live', 'ui', 'instruments', 'formats', 'core', 'domain'],
  app: ['app', 'features', 'live', 'ui', 'instruments', 'formats', 'core', 'domain'],
  sw: ['sw'],
};

const layerRules = Object.entries(LAYERS).map(([layer, allowed]) => ({
  name: `${layer}-looks-down-only`,
  severity: 'error',
  from: { path: `^src/${layer}/` },
  to: { path: '^src/', pathNot: `^src/(${allowed.join('|')}|testing)/` },
}));

module.exports = {
  forbidden: [
    ...layerRules,
    {
      name: 'features-stay-apart',
      comment: 'a part that two features share moves to ui or below',
      severity: 'error',
      from: { path: '^src/features/([^/]+)/' },
      to: { path: '^src/features/', pathNot: '^src/features/$1/' },
    },
    {
      name: 'computation-knows-no-screen',
      severity: 'error',
      from: { path: '^src/(domain|core|formats)/', pathNot: '\\.test\\.tsx?$' },
      to: { path: 'node_modules/(react|react-dom|next|idb|comlink)/' },
    },
    {
      name: 'storage-and-threads-know-no-screen',
      severity: 'error',
      from: { path: '^src/(data|workers|instruments)/', pathNot: '\\.test\\.tsx?$' },
      to: { path: 'node_modules/(react|react-dom|next|@tanstack|sonner)/' },
    },
    {
      name: 'each-chapter-of-the-core-has-a-door',
      comment: 'outside a chapter, import it through src/core/<chapter>/index.ts',
      severity: 'error',
      from: { path: '^src/', pathNot: '^src/(core|testing)/' },
      to: { path: '^src/core/[^/]+/', pathNot: '^src/core/[^/]+/index\\.ts$' },
    },
    {
      name: 'fixtures-are-for-tests',
      severity: 'error',
      from: { path: '^src/', pathNot: '\\.test\\.tsx?$|^src/testing/' },
      to: { path: '^src/testing/' },
    },
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    { name: 'no-unresolved', severity: 'error', from: {}, to: { couldNotResolve: true } },
  ],
  options: {
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '\\.next/' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default', 'types'],
    },
  },
};
