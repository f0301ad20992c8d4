import react from '@vitejs/plugin-react';
import optimizeLocales from '@react-aria/optimize-locales-plugin';
import { fileURLToPath } from 'node:url';
import { constants } from 'node:zlib';
import { defineConfig, type Plugin, type UserConfig } from 'vite';
import { compression, defineAlgorithm } from 'vite-plugin-compression2';
import { VitePWA } from 'vite-plugin-pwa';
import { askedTogether, FRAMEWORK, partsOf, type Parts } from './scripts/parts';
import { licences } from './scripts/licences';
import { quickLocale } from './scripts/quick-locale';

/** How hard files are made small. Where nobody waits for them over a line, as in tests, a build need not spend half its time on that. */
const SMALLEST = process.env.LOOSELY_PACKED ? 1 : constants.BROTLI_MAX_QUALITY;
const API = 'http://127.0.0.1:4173';

/** What settles which modules there are. */
const modulePlugins = (): Plugin[] => [
  planningWorker(),
  // Its build for browsers of today: its usual one carries what older ones lack.
  {
    name: 'modern-store',
    config: () => ({ resolve: { alias: [{ find: /^dexie$/, replacement: 'dexie/dist/modern/dexie.mjs' }] } }),
  },
  { ...optimizeLocales.vite({ locales: ['en-GB', 'en-US'] }), enforce: 'pre' },
];

/** A worker built with the page, so that what both need (all that is known and said) is one file, loaded once. */
function planningWorker(): Plugin {
  const ID = 'virtual:planner-worker';
  const entry = fileURLToPath(new URL('src/workers/planner.worker.ts', import.meta.url));
  let building = false;
  return {
    name: 'planning-worker',
    configResolved: (config) => void (building = config.command === 'build'),
    resolveId: (id) => (id === ID ? `\0${ID}` : undefined),
    load(id) {
      if (id !== `\0${ID}`) return undefined;
      if (!building) return `export default '/src/workers/planner.worker.ts';`;
      const file = this.emitFile({ type: 'chunk', id: entry, name: 'planner.worker' });
      return `export default import.meta.ROLLUP_FILE_URL_${file};`;
    },
  };
}

export default defineConfig(async ({ command }): Promise<UserConfig> => {
  const modules = modulePlugins();
  const parts: Parts = command === 'build' ? await partsOf(modulePlugins()) : new Map();
  return {
    plugins: [
      react(),
      ...modules,
      quickLocale(),
      askedTogether(parts),
      // At the tub there may be no network: the whole app is kept after the first visit. A newer one takes over when every tab is closed.
      VitePWA({
        registerType: 'prompt',
        injectRegister: false,
        manifest: {
          name: 'Umbrastic',
          short_name: 'Umbrastic',
          description: 'Looks after down, waterproof, footwear, microfibre and protective gear.',
          start_url: '/',
          display: 'standalone',
          background_color: '#F4F1EA',
          theme_color: '#F4F1EA',
          icons: [{ src: '/icon.svg', sizes: 'any', type: 'image/svg+xml' }],
        },
        workbox: {
          globPatterns: [
            'index.html',
            'first-visit.js',
            'icon.svg',
            'licences.txt',
            'assets/*.{js,css}',
            'assets/*-latin-wght-normal-*.woff2',
          ],
          navigateFallback: '/index.html',
          navigateFallbackDenylist: [/^\/api\//],
        },
      }),
      licences(),
      // Made small once, here, and not at every visit.
      compression({
        include: /\.(js|css|html|svg|txt|webmanifest)$/,
        algorithms: [
          defineAlgorithm('brotliCompress', { params: { [constants.BROTLI_PARAM_QUALITY]: SMALLEST } }),
          defineAlgorithm('gzip', { level: Math.min(SMALLEST, 9) }),
        ],
      }),
    ],
    worker: { format: 'es' },
    optimizeDeps: { include: ['comlink'] },
    server: { proxy: { '/api': API } },
    build: {
      target: 'es2022',
      sourcemap: false,
      // What browsers of today do by themselves.
      modulePreload: { polyfill: false },
      chunkSizeWarningLimit: 700,
      rolldownOptions: {
        output: {
          codeSplitting: {
            groups: [
              { name: 'react', test: FRAMEWORK, priority: 2 },
              // Without what only other pages take from a room: the parts hold whatever they need themselves.
              {
                name: (id) => parts.get(id) ?? null,
                debugName: 'first page',
                priority: 1,
                includeDependenciesRecursively: false,
              },
            ],
          },
        },
      },
    },
  };
});
