/** The parts of the core in order: each may import only those above it. */
const parts = [
  'messages',
  'units',
  'vocabulary',
  'species',
  'equilibrium',
  'reactions',
  'tube',
  'perception',
  'channels',
  'notebook',
  'catalogue',
  'schemes',
  'sums',
  'deduction',
  'advice',
  'report',
]

const layers = parts.map((part, i) => ({
  name: `core-${part}-knows-only-what-is-above-it`,
  severity: 'error',
  from: { path: `^core/${part}/` },
  to: { path: `^core/(${parts.slice(i + 1).join('|') || 'none'})/` },
}))

/** @type {import('dependency-cruiser').IConfiguration} */
module.exports = {
  forbidden: [
    ...layers,
    { name: 'no-cycles', severity: 'error', from: {}, to: { circular: true } },
    { name: 'core-knows-no-face', severity: 'error', from: { path: '^core/' }, to: { path: '^(api|web|server|cli|e2e)/' } },
    { name: 'core-stands-alone', severity: 'error', from: { path: '^core/', pathNot: '\\.test\\.ts$' }, to: { dependencyTypes: ['core'] } },
    {
      // Structures are read by openchemlib, through one entry point that the faces lend to the core.
      name: 'core-uses-few-packages',
      severity: 'error',
      from: { path: '^core/', pathNot: ['\\.test\\.ts$', '^core/structure/perceive\\.ts$', '^core/messages/say\\.ts$'] },
      to: { path: 'node_modules/(?!zod|culori|@types/culori)' },
    },
    // The shapes at the border between server and page know the core alone.
    {
      name: 'api-knows-the-core-alone',
      severity: 'error',
      from: { path: '^api/' },
      to: { path: ['^(web|server|cli|e2e)/', 'node_modules/(?!zod)'] },
    },
    {
      name: 'faces-do-not-know-each-other',
      severity: 'error',
      from: { path: '^(web|server|cli)/' },
      to: { path: '^(web|server|cli)/', pathNot: '^$1/' },
    },
    {
      // A message is named without the catalogue it is said from, which whoever only names one need not load.
      name: 'a-part-is-used-by-its-index',
      severity: 'error',
      from: { path: '^core/([^/]+)/', pathNot: '\\.test\\.ts$' },
      to: { path: '^core/([^/]+)/.+', pathNot: ['^core/$1/', '^core/[^/]+/index\\.ts$', '^core/messages/message\\.ts$'] },
    },
    {
      name: 'faces-use-the-core-by-its-entry-points',
      severity: 'error',
      from: { path: '^(api|web|server|cli)/' },
      to: { path: '^core/', pathNot: '^core/(index|report/index|structure/perceive)\\.ts$' },
    },
    { name: 'not-to-unresolvable', severity: 'error', from: {}, to: { couldNotResolve: true } },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '^(server|web|cli|script/trials)/dist/' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.base.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'types', 'default'],
      extensions: ['.ts', '.tsx', '.js', '.json', '.css', '.d.ts'],
    },
  },
}
