// Imports run one way: main → views → app → ui, data, workers → core; cli → core; server → core, demo. Type imports count like any other.
const ROOMS = '^(src|cli|server|demo|tests|bench|scripts)/';
const only = (name, from, allowed) => ({
  name,
  severity: 'error',
  from: { path: from },
  to: { path: ROOMS, pathNot: [from, ...allowed] },
});
module.exports = {
  forbidden: [
    { name: 'no-circular', severity: 'error', from: {}, to: { circular: true } },
    // Rooms of the core form no ring either, however many files lie between.
    {
      name: 'no-knots',
      severity: 'error',
      scope: 'folder',
      from: { path: '^src/core/[^/]+$' },
      to: { circular: true, path: '^src/core/[^/]+$' },
    },
    only('core-knows-nothing', '^src/core/', []),
    only('data-knows-core', '^src/data/', ['^src/core/']),
    only('workers-know-core', '^src/workers/', ['^src/core/']),
    only('ui-knows-core', '^src/ui/', ['^src/core/']),
    only('app-knows-below', '^src/app/', ['^src/(ui|data|workers|core)/']),
    only('views-know-below', '^src/views/', ['^src/(app|ui|data|workers|core)/']),
    {
      name: 'views-apart',
      severity: 'error',
      from: { path: '^src/views/([^/]+)/' },
      to: { path: '^src/views/', pathNot: '^src/views/$1/' },
    },
    // A page lays out; what it reads of the store comes from its model (`use*.ts`) or from the app.
    {
      name: 'pages-ask-no-store',
      severity: 'error',
      from: { path: '^src/(views|ui)/.*\\.tsx$' },
      to: { path: '/dexie(-react-hooks)?/' },
    },
    only('cli-knows-core', '^cli/', ['^src/core/']),
    only('server-knows', '^server/', ['^src/core/', '^demo/']),
    only('demo-knows-core', '^demo/', ['^src/core/']),
    only('scripts-know', '^scripts/', ['^src/core/', '^server/', '^demo/']),
    only('bench-knows', '^bench/', [
      '^src/(core|workers)/',
      '^server/',
      '^demo/',
      '^scripts/',
      '^tests/(make|light-cases|colour-cases|drop-cases|day-programme)',
    ]),
    only('unit-tests-know', '^tests/(?!browser/)', ['^src/(?!views/)', '^cli/', '^server/', '^demo/', '^scripts/']),
    only('browser-tests-drive', '^tests/browser/', ['^src/core/', '^server/', '^demo/', '^scripts/', '^tests/make']),
    {
      name: 'nobody-knows-tests',
      severity: 'error',
      from: { path: '^(src|cli|server|demo|scripts)/' },
      to: { path: '^(tests|bench)/' },
    },
    {
      name: 'core-pure',
      severity: 'error',
      from: { path: '^src/core/' },
      to: { path: 'node_modules/(react|react-dom|dexie|styled-components|zustand|react-aria-components|express)/' },
    },
  ],
  options: { doNotFollow: { path: 'node_modules' }, tsConfig: { fileName: 'tsconfig.json' }, tsPreCompilationDeps: true },
};
