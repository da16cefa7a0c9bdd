/**
 * Arrows go one way. Between workspaces: web → words → contract → core and server → contract → core; between core's rooms in the
 * order below; in web: screens → parts → drawing → what stands below. Specs look into any file.
 */
const ROOMS = ['body', 'language', 'motion', 'judge', 'plan', 'log', 'evidence', 'film', 'search', 'view'];
const SPEC = '\\.spec\\.ts$|^core/testing/';

/** A room takes the rooms before it; the catalogue beside them is data for all. */
const roomOrder = ROOMS.map((room, i) => ({
  name: `core-${room}-takes-what-is-above`,
  severity: 'error',
  from: { path: `^core/${room}/`, pathNot: SPEC },
  to: { path: `^core/(${ROOMS.slice(i + 1).join('|') || 'nothing'})/` },
}));

module.exports = {
  forbidden: [
    {
      name: 'no-circles',
      severity: 'error',
      comment: 'what is needed for its types alone is not needed when it runs',
      from: {},
      to: { circular: true, viaOnly: { dependencyTypesNot: ['type-only'] } },
    },
    {
      name: 'core-stands-alone',
      severity: 'error',
      comment:
        'core is pure computation: no other workspace, no Node API, no package but the runtime of the generated parser and the linear algebra of the film desk',
      from: { path: '^core/', pathNot: SPEC },
      to: { pathNot: '^(core/|node_modules/(@lezer/(common|lr)|ml-matrix)/)' },
    },
    ...roomOrder,
    {
      name: 'core-catalogue-is-data',
      severity: 'error',
      comment: 'it may name the types of what it lists, and runs nothing of the rooms',
      from: { path: '^core/catalogue/', pathNot: SPEC },
      to: { path: '^core/(?!catalogue/)', dependencyTypesNot: ['type-only'] },
    },
    {
      name: 'only-rooms-from-outside',
      severity: 'error',
      from: { path: '^(web|server|demo|bench|e2e|contract|cli|words)/', pathNot: '^words/.*\\.spec\\.ts$' },
      to: {
        path: '^core/',
        pathNot: `^core/(${[...ROOMS, 'catalogue'].join('|')})/|^core/(said|grouped)\\.ts$|^core/testing/(holds|evenings|judged)\\.ts$`,
      },
    },
    {
      name: 'contract-knows-core-only',
      severity: 'error',
      from: { path: '^contract/src', pathNot: '\\.spec\\.ts$' },
      to: { pathNot: '^(contract/src|core/|node_modules/zod)' },
    },
    {
      name: 'words-say-what-core-and-contract-mean',
      severity: 'error',
      from: { path: '^words/', pathNot: '\\.spec\\.ts$' },
      to: { pathNot: '^(words|core|contract)/' },
    },
    {
      name: 'server-gives-codes',
      severity: 'error',
      comment: 'what a person reads is said where they read it',
      from: { path: '^(server|contract)/' },
      to: { path: '^words/' },
    },
    {
      name: 'screens-speak-any-language',
      severity: 'error',
      from: { path: '^web/src', pathNot: '^web/src/app/testing/' },
      to: { path: '^words/(en|marked)/' },
    },
    { name: 'server-not-to-web', severity: 'error', from: { path: '^server/' }, to: { path: '^(web|e2e|demo|bench|cli)/' } },
    { name: 'web-not-to-server', severity: 'error', from: { path: '^web/' }, to: { path: '^(server|e2e|demo|bench|cli|scripts)/' } },
    { name: 'web-without-node', severity: 'error', from: { path: '^web/src' }, to: { dependencyTypes: ['core'] } },
    {
      name: 'a-screen-knows-no-screen',
      severity: 'error',
      comment: 'what several show is a part; the shell alone knows them all',
      from: { path: '^web/src/app/screens/([^/]+)/' },
      to: { path: '^web/src/app/(screens/(?!$1/)|shell/)' },
    },
    {
      name: 'parts-know-no-screen',
      severity: 'error',
      from: { path: '^web/src/app/parts/' },
      to: { path: '^web/src/app/(screens|shell)/' },
    },
    {
      name: 'ui-and-drawing-stand-below',
      severity: 'error',
      from: { path: '^web/src/app/(ui|drawing)/' },
      to: { path: '^web/src/app/(screens|shell|parts)/' },
    },
    {
      name: 'data-compute-ports-stand-below',
      severity: 'error',
      from: { path: '^web/src/app/(data|compute|ports)/' },
      to: { path: '^web/src/app/(screens|shell|parts|ui|drawing)/' },
    },
    {
      name: 'no-specs-in-the-product',
      severity: 'error',
      from: { pathNot: '\\.spec\\.ts$|/testing/|^(e2e|bench)/' },
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
