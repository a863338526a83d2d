const lenses = ['identify', 'carry', 'seat', 'float', 'mount', 'grease', 'diagnose']
/** What stands under the lenses, and knows none of them. */
const under = ['model', 'words', 'errors', 'tables', 'bearing-types']

/** A lens looks back along the working order only, and only at the front of the lens it looks at. */
const lensRules = lenses.map((lens, index) => ({
  name: `${lens}-looks-back`,
  severity: 'error',
  comment: 'Lenses take from those before them in the working order',
  from: { path: `^core/src/${lens}/` },
  to: { path: `^core/src/(${lenses.slice(index + 1).join('|') || 'none'})/` },
}))

module.exports = {
  forbidden: [
    {
      name: 'no-circles',
      severity: 'error',
      comment: 'A page that is loaded when it is opened may know the frame it is opened in',
      from: {},
      to: { circular: true, viaOnly: { dependencyTypesNot: ['type-only', 'dynamic-import'] } },
    },
    {
      name: 'core-stands-alone',
      severity: 'error',
      comment: 'Core imports zod, the transform of spectra, and itself',
      from: { path: '^core/src/' },
      to: { pathNot: ['^core/', 'node_modules/(zod|fft\\.js)/'] },
    },
    {
      name: 'contract-on-core',
      severity: 'error',
      from: { path: '^contract/src/' },
      to: { pathNot: ['^contract/', '^core/src/index\\.ts$', 'node_modules/zod/'] },
    },
    {
      name: 'front-door-only',
      severity: 'error',
      comment: 'A workspace is used through its index.ts and its data files',
      from: { path: '^(contract|server|web|e2e|tools)/' },
      to: { path: '^core/', pathNot: ['^core/src/index\\.ts$', '^core/data/.*\\.csv', '^core/test/references\\.ts$'] },
    },
    {
      name: 'nothing-imports-web',
      severity: 'error',
      from: { pathNot: '^web/' },
      to: { path: '^web/' },
    },
    {
      name: 'only-tools-import-server',
      severity: 'error',
      from: { pathNot: '^(server|tools)/' },
      to: { path: '^server/' },
    },
    {
      name: 'server-front-door',
      severity: 'error',
      from: { path: '^tools/' },
      to: { path: '^server/', pathNot: '^server/src/(index|reference-files)\\.ts$' },
    },
    {
      name: 'drawing-knows-millimetres-only',
      severity: 'error',
      comment: 'The drawing knows no store, route or request',
      from: { path: '^web/src/drawing/' },
      to: { path: ['^web/src/(shell|bench|yard|api)/', 'node_modules/(pinia|vue-router)/'] },
    },
    {
      name: 'under-the-lenses',
      severity: 'error',
      comment: 'What every lens stands on knows no lens, no kind and no job',
      from: { path: `^core/src/(${under.join('|')})/` },
      to: { path: `^core/src/(${lenses.join('|')}|job|shaftline|whole-shaft)/` },
    },
    {
      name: 'bench-and-job-apart',
      severity: 'error',
      comment: 'What both need lives under them: drawing, form, heat, figures, field',
      from: { path: '^web/src/bench/' },
      to: { path: '^web/src/job/' },
    },
    {
      name: 'job-and-bench-apart',
      severity: 'error',
      from: { path: '^web/src/(job|shaftline|yard|register|drawing|form|heat|figures|field|api|workers)/' },
      to: { path: '^web/src/bench/' },
    },
    {
      name: 'store-knows-sql-only',
      severity: 'error',
      comment: 'Commands stand over the store, and the store knows none of them',
      from: { path: '^server/src/store/' },
      to: { path: '^server/src/(bench|job|register|site|http|live|work|devices)/' },
    },
    {
      name: 'declared-where-used',
      severity: 'error',
      comment: 'A workspace names every package it imports; what only tests use stands at the root, for all of them',
      from: {},
      to: { dependencyTypes: ['npm-no-pkg', 'npm-unknown'], pathNot: '^node_modules/(chai|fast-check|@types)/' },
    },
    { name: 'nothing-missing', severity: 'error', from: {}, to: { couldNotResolve: true, pathNot: '\\?raw$' } },
    ...lensRules,
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(^|/)dist/' },
    tsConfig: { fileName: 'tsconfig.base.json' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: { exportsFields: ['exports'], conditionNames: ['import', 'types', 'default'] },
  },
}
