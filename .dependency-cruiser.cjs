/** The direction of imports: web → contract → core and server → contract → core; core imports nothing of ours and nothing of a platform. */
module.exports = {
  forbidden: [
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'core-stands-alone',
      severity: 'error',
      comment: 'core is pure computation: no other workspace, no Node API, no package but the runtime of the generated parser',
      from: { path: '^core/src', pathNot: '\\.spec\\.ts$|/testing/' },
      to: { pathNot: '^(core/src|node_modules/@lezer/(common|lr)/)' },
    },
    {
      name: 'contract-knows-core-only',
      severity: 'error',
      from: { path: '^contract/src', pathNot: '\\.spec\\.ts$' },
      to: { pathNot: '^(contract/src|core/src|node_modules/zod)' },
    },
    { name: 'server-not-to-web', severity: 'error', from: { path: '^server/' }, to: { path: '^(web|e2e|demo|bench|cli)/' } },
    { name: 'web-not-to-server', severity: 'error', from: { path: '^web/' }, to: { path: '^(server|e2e|demo|bench|cli|scripts)/' } },
    { name: 'web-without-node', severity: 'error', from: { path: '^web/src' }, to: { dependencyTypes: ['core'] } },
    {
      name: 'through-the-index',
      severity: 'error',
      comment: 'other workspaces take core and contract by their index; what plans sessions has one of its own',
      from: { path: '^(web|server|demo|bench|e2e|contract|cli)/' },
      to: { path: '^core/src/', pathNot: '^core/src/(index|planning|testing/holds)\\.ts$' },
    },
    {
      name: 'screens-do-not-cross',
      severity: 'error',
      comment: 'what every screen uses stands below them; a screen knows no other screen, except those named',
      from: { path: '^web/src/app/(api|device|look|text|workers|drawing|state)/' },
      to: { path: '^web/src/app/(build|club|faults|floor|people|session|shell|stance|steps)/' },
    },
    {
      name: 'no-specs-in-the-product',
      severity: 'error',
      from: { pathNot: '\\.spec\\.ts$|/testing/|^e2e/' },
      to: { path: '\\.spec\\.ts$|/testing/' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(^|/)(dist|\\.angular)/' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.base.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['types', 'import', 'default'],
      extensions: ['.ts', '.mjs', '.js', '.json'],
    },
  },
};
