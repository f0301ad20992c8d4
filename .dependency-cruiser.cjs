// Imports run one way: main → views → app → ui, data, workers → core; cli → core; server → core, data/backup, demo.
const only = (name, from, allowed, own) => ({
  name, severity: 'error',
  from: { path: from },
  to: { path: '^(src|cli|server|demo|tests|bench|scripts)/', pathNot: [own ?? from, ...allowed] },
});
module.exports = {
  forbidden: [
    { name: 'no-circular', severity: 'error', from: {}, to: { circular: true, viaOnly: { dependencyTypesNot: ['type-only'] } } },
    only('core-knows-nothing', '^src/core/', []),
    only('data-knows-core', '^src/data/', ['^src/core/']),
    only('workers-know-core', '^src/workers/', ['^src/core/']),
    only('ui-knows-core', '^src/ui/', ['^src/core/']),
    only('app-knows-below', '^src/app/', ['^src/(ui|data|workers|core)/']),
    only('views-know-below', '^src/views/', ['^src/(app|ui|data|workers|core)/']),
    { name: 'views-apart', severity: 'error', from: { path: '^src/views/([^/]+)/' }, to: { path: '^src/views/', pathNot: '^src/views/$1/' } },
    only('cli-knows-core', '^cli/', ['^src/core/']),
    only('server-knows', '^server/', ['^src/core/', '^src/data/backup', '^demo/']),
    only('demo-knows-core', '^demo/', ['^src/core/']),
    { name: 'core-pure', severity: 'error', from: { path: '^src/core/' }, to: { path: 'node_modules/(react|react-dom|dexie|styled-components|zustand|react-aria-components|express)/' } },
  ],
  options: { doNotFollow: { path: 'node_modules' }, tsConfig: { fileName: 'tsconfig.json' }, tsPreCompilationDeps: true },
};
