/**
 * The floors of `core/`, from the ground up: what lies on a floor may import what lies below it, and nothing beside it.
 * The drawing in docs/architecture.md shows the same list.
 */
const FLOORS = [
  ['basis'],
  ['matter', 'safety'],
  ['plate', 'formula'],
  ['kit', 'photo', 'log'],
  ['cook', 'lift', 'weigh', 'keep'],
  ['fit'],
  ['advise'],
  ['lot'],
  ['run', 'book', 'practice', 'diagnose'],
  ['line'],
  ['rehearsal'],
  ['kitchen'],
];

const floorRules = FLOORS.flatMap((rooms, floor) =>
  rooms.map((room) => ({
    name: `floor-${floor}-${room}`,
    severity: 'error',
    from: { path: `^core/${room}/`, pathNot: '(\\.test\\.ts$|/testing/)' },
    to: { path: '^core/', pathNot: `^core/(${[room, ...FLOORS.slice(0, floor).flat()].join('|')})/` },
  })),
);

module.exports = {
  forbidden: [
    {
      name: 'no-cycles',
      severity: 'error',
      from: { pathNot: '\\.test\\.ts$' },
      to: { circular: true, viaOnly: { pathNot: 'node_modules' } },
    },
    ...floorRules,
    {
      name: 'core-knows-no-interface',
      severity: 'error',
      from: { path: '^core/', pathNot: '(\\.test\\.ts$|/testing/)' },
      to: { path: '^(app|cli|server|demo|e2e|words|benchmark)/' },
    },
    {
      name: 'core-imports-only-zod-and-culori',
      severity: 'error',
      from: { path: '^core/', pathNot: '(\\.test\\.ts$|/testing/)' },
      to: { path: 'node_modules', pathNot: 'node_modules/(zod|culori|@date-fns/tz)/' },
    },
    {
      name: 'interface-has-no-node',
      severity: 'error',
      from: { path: '^(app|words)/', pathNot: '(\\.test\\.ts$|/testing/)' },
      to: { dependencyTypes: ['core'] },
    },
    {
      name: 'core-has-no-node',
      severity: 'error',
      from: { path: '^core/', pathNot: '(\\.test\\.ts$|/testing/)' },
      to: { dependencyTypes: ['core'] },
    },
    {
      name: 'words-know-codes-only',
      severity: 'error',
      from: { path: '^words/', pathNot: '\\.test\\.ts$' },
      to: { path: '^(core/(?!basis/)|(app|cli|server)/)' },
    },
    {
      name: 'one-public-face-of-core',
      comment: 'from outside, a folder of core is known by its index',
      severity: 'error',
      from: { path: '^(app|cli|server|demo)/' },
      to: { path: '^core/', pathNot: '(/index\\.ts$|/testing/)' },
    },
    {
      name: 'one-public-face-between-stages',
      severity: 'error',
      from: { path: '^core/([^/]+)/', pathNot: '(\\.test\\.ts$|/testing/)' },
      to: { path: '^core/', pathNot: ['^core/$1/', '/index\\.ts$'] },
    },
    {
      name: 'stations-do-not-know-each-other',
      severity: 'error',
      from: { path: '^app/(plan|recipe|iron|cook|larder|log|kitchen)/' },
      to: { path: '^app/(plan|recipe|iron|cook|larder|log|kitchen)/', pathNot: '^app/$1/' },
    },
    {
      name: 'stations-do-not-know-the-shell',
      comment: 'the shell knows its stations, not the other way round',
      severity: 'error',
      from: { path: '^app/(plan|recipe|iron|cook|larder|log|kitchen)/' },
      to: { path: '^app/shell/' },
    },
    {
      name: 'nothing-needs-the-beginning',
      comment: 'the first questions may use what the stations ask with; no station knows them',
      severity: 'error',
      from: { path: '^app/', pathNot: '^app/(setup/|App\\.tsx$)' },
      to: { path: '^app/setup/' },
    },
    {
      name: 'command-line-and-server-stand-alone',
      severity: 'error',
      from: { path: '^(cli|server)/', pathNot: '\\.test\\.ts$' },
      to: { path: '^(app|demo)/' },
    },
    {
      name: 'the-contract-needs-nobody',
      severity: 'error',
      from: { path: '^contract/' },
      to: { path: '^(core|app|cli|server|demo|words)/' },
    },
    {
      name: 'tests-stay-tests',
      severity: 'error',
      from: { pathNot: '(\\.test\\.tsx?$|^e2e/|/testing/)' },
      to: { path: '(\\.test\\.tsx?$|/testing/)' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: { extensions: ['.ts', '.tsx', '.js', '.mjs', '.json'] },
  },
};
