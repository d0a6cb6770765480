/** Dependencies run one way: basis ← matter ← plate ← the stages of the work ← {app, cli, server, demo}. */

module.exports = {
  forbidden: [
    {
      name: 'no-cycles',
      severity: 'error',
      from: { pathNot: '\\.test\\.ts$' },
      to: { circular: true, viaOnly: { pathNot: 'node_modules' } },
    },
    {
      name: 'basis-is-the-ground',
      severity: 'error',
      from: { path: '^core/basis/', pathNot: '\\.test\\.ts$' },
      to: { path: '^core/', pathNot: '^core/basis/' },
    },
    {
      name: 'matter-on-basis',
      severity: 'error',
      from: { path: '^core/matter/', pathNot: '\\.test\\.ts$' },
      to: { path: '^core/', pathNot: '^core/(basis|matter)/' },
    },
    {
      name: 'plate-on-matter',
      severity: 'error',
      from: { path: '^core/plate/', pathNot: '\\.test\\.ts$' },
      to: { path: '^core/', pathNot: '^core/(basis|matter|plate)/' },
    },
    {
      name: 'core-knows-no-interface',
      severity: 'error',
      from: { path: '^core/', pathNot: '(\\.test\\.ts$|/testing/)' },
      to: { path: '^(app|cli|server|demo|e2e|words|bench)/' },
    },
    {
      name: 'core-imports-only-zod-and-culori',
      severity: 'error',
      from: { path: '^core/', pathNot: '(\\.test\\.ts$|/testing/)' },
      to: { path: 'node_modules', pathNot: 'node_modules/(zod|culori)/' },
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
      name: 'words-need-no-core',
      severity: 'error',
      from: { path: '^words/', pathNot: '\\.test\\.ts$' },
      to: { path: '^(core|app|cli|server)/' },
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
      from: { path: '^app/(formula|weigh|lift|iron|line|run|keep|book|kit|practice)/' },
      to: { path: '^app/(formula|weigh|lift|iron|line|run|keep|book|kit|practice)/', pathNot: '^app/$1/' },
    },
    {
      name: 'command-line-and-server-stand-alone',
      severity: 'error',
      from: { path: '^(cli|server)/', pathNot: '\\.test\\.ts$' },
      to: { path: '^(app|demo)/' },
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
