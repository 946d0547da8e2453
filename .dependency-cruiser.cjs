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
      name: 'rooms-without-cycles',
      comment: 'The rooms of the page (folders of apps/web/src) depend on each other one way only.',
      severity: 'error',
      scope: 'folder',
      from: { path: '^apps/web/src/[^/]+', pathNot: '^apps/web/src/testing' },
      to: { circular: true, path: '^apps/web/src/[^/]+', pathNot: '^apps/web/src/testing' },
    },
    {
      name: 'state-and-ui-are-below',
      comment: 'Hooks of state and parts of every form know no room.',
      severity: 'error',
      from: { path: '^apps/web/src/(state|ui)/', pathNot: '\\.test\\.tsx?$' },
      to: { path: '^apps/web/src/(?!(state|ui|api|worker)/)[^/]+/' },
    },
    {
      name: 'geometry-without-react',
      comment: 'Only components and hooks use React; what they compute is free of it.',
      severity: 'error',
      from: { path: '^apps/web/src/.*/(?!use[A-Z])[^/]+\\.ts$', pathNot: '/testing/|\\.test\\.ts$' },
      to: { path: 'node_modules/(react|react-dom|radix-ui)/' },
    },
    {
      name: 'constructions-stay-apart',
      comment:
        'A construction uses what is shared, never another construction; only the registry knows them.',
      severity: 'error',
      from: { path: `${core}garment/constructions/([^/]+)/`, pathNot: '\\.test\\.ts$' },
      to: { path: `${core}garment/constructions/`, pathNot: `${core}garment/constructions/$1/` },
    },
    {
      name: 'only-the-registry-knows-constructions',
      severity: 'error',
      from: {
        path: core,
        pathNot: `${core}garment/(registry\\.ts|constructions/)|${core}index\\.ts$|\\.test\\.ts$|/testing/`,
      },
      to: { path: `${core}garment/constructions/` },
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
