// Who may know whom in the front end. src/guards.test.ts shows that each rule bites.
const only = (name, from, allowed) => ({
  name,
  severity: 'error',
  from: { path: `^src/${from}/`, pathNot: '\\.test\\.' },
  to: { path: '^src/', pathNot: [`^src/${from}/`, ...allowed.map((folder) => `^src/${folder}/`)] },
});

/** @type {import('dependency-cruiser').IConfiguration} */
module.exports = {
  forbidden: [
    { name: 'no-circle', severity: 'error', from: {}, to: { circular: true } },
    only('lib-knows-nothing', 'lib', []),
    only('design-knows-lib', 'design', ['lib']),
    only('api-knows-lib', 'api', ['lib']),
    only('features-know-design-api-lib', 'features', ['design', 'api', 'lib']),
    {
      name: 'no-feature-knows-another',
      severity: 'error',
      from: { path: '^src/features/([^/]+)/' },
      // Health is met wherever somebody jumps: its door is open to all.
      to: { path: '^src/features/', pathNot: ['^src/features/$1/', '^src/features/health/index\\.ts$'] },
    },
    {
      name: 'features-have-one-door',
      severity: 'error',
      from: { path: '^src/app/' },
      to: { path: '^src/features/[^/]+/(?!index\\.ts)' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
  },
};
