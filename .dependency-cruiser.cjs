/** The directions in which packages may import: web, server → contract, core; contract → core; cli → core and the server's files of mail; core → none of them. */
const only = (from, ...to) => ({
  name: `${from}-imports`,
  severity: 'error',
  from: { path: `^packages/${from}/`, pathNot: '\\.test\\.ts$' },
  to: { path: '^packages/', pathNot: [from, ...to].map((name) => `^packages/${name}/`) },
});

module.exports = {
  forbidden: [
    only('core'),
    only('contract', 'core'),
    only('cli', 'core', 'server/src/files'),
    only('server', 'contract', 'core'),
    only('web', 'contract', 'core'),
    {
      name: 'only-server-and-terminal-know-node',
      severity: 'error',
      from: { path: '^packages/(core|contract|web/src)/', pathNot: '\\.test\\.tsx?$' },
      to: { dependencyTypes: ['core'] },
    },
    {
      name: 'one-door-a-folder',
      comment: 'A folder of core is entered by its index.ts.',
      severity: 'error',
      from: { path: '^packages/core/([^/]+)/', pathNot: '\\.test\\.ts$' },
      to: {
        path: '^packages/core/[^/]+/',
        pathNot: ['^packages/core/$1/', '^packages/core/[^/]+/index\\.ts$'],
      },
    },
    { name: 'no-circles', severity: 'error', from: { path: '^packages/' }, to: { circular: true } },
    { name: 'resolvable', severity: 'error', from: { path: '^packages/' }, to: { couldNotResolve: true } },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(^|/)(dist|node_modules)/' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'node', 'default'],
      extensions: ['.ts', '.tsx', '.js', '.mjs', '.css'],
    },
  },
};
