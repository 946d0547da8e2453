/** The directions in which modules may depend on each other (docs/architecture.md). */
const core = '^packages/core/src/';
module.exports = {
  forbidden: [
    {
      name: 'no-circular',
      severity: 'error',
      from: {},
      to: { circular: true, dependencyTypesNot: ['type-only'] },
    },
    { name: 'no-unresolved', severity: 'error', from: {}, to: { couldNotResolve: true } },
    {
      name: 'core-is-pure',
      comment: 'The core has no framework, no I/O and no run-time package.',
      severity: 'error',
      from: { path: core, pathNot: '\\.test\\.ts$|/testing/' },
      to: { pathNot: core },
    },
    {
      name: 'core-never-reaches-a-construction',
      comment: 'Only the registry knows the constructions; nothing flows back into garment/.',
      severity: 'error',
      from: {
        path: core,
        pathNot: `${core}garment/|${core}index\\.ts$|${core}plan\\.ts$|\\.test\\.ts$|/testing/`,
      },
      to: {
        path: `${core}garment/`,
        pathNot: `${core}garment/(registry|construction|fields|sections)\\.ts$`,
      },
    },
    {
      name: 'garment-only-through-the-registry',
      severity: 'error',
      from: { path: `${core}plan\\.ts$` },
      to: {
        path: `${core}garment/`,
        pathNot: `${core}garment/(registry|construction|fields|sections)\\.ts$`,
      },
    },
    {
      name: 'hook-knows-nothing-of-the-planner',
      comment: 'The virtual hook reads row data only.',
      severity: 'error',
      from: { path: `${core}work/`, pathNot: '\\.test\\.ts$' },
      to: { path: core, pathNot: `${core}work/` },
    },
    {
      name: 'lower-layers',
      comment: 'units, body, fabric and shaping stand below fit, joins, advice and write.',
      severity: 'error',
      from: { path: `${core}(units|body|fabric|shaping)/`, pathNot: '\\.test\\.ts$' },
      to: { path: `${core}(fit|joins|advice|write|yarn|format|garment)/` },
    },
    {
      name: 'apps-stay-apart',
      severity: 'error',
      from: { path: '^apps/web/' },
      to: { path: '^apps/server/' },
    },
    {
      name: 'server-not-web',
      severity: 'error',
      from: { path: '^apps/server/' },
      to: { path: '^apps/web/' },
    },
    {
      name: 'core-by-its-door',
      severity: 'error',
      from: { path: '^(apps|packages/cli)/' },
      to: { path: '^packages/core/src/(?!index\\.ts$)' },
    },
    { name: 'core-not-apps', severity: 'error', from: { path: '^packages/' }, to: { path: '^apps/' } },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    exclude: { path: '/dist/' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['source', 'import', 'require', 'node', 'default', 'types'],
    },
    tsConfig: { fileName: 'tsconfig.tests.json' },
  },
};
