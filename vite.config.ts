import react from '@vitejs/plugin-react';
import optimizeLocales from '@react-aria/optimize-locales-plugin';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';

const API = 'http://127.0.0.1:4173';

export default defineConfig({
  plugins: [
    react(),
    { ...optimizeLocales.vite({ locales: ['en-GB', 'en-US'] }), enforce: 'pre' },
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
        globPatterns: ['index.html', 'icon.svg', 'assets/*.{js,css}', 'assets/*-latin-wght-normal-*.woff2'],
        navigateFallback: '/index.html',
        navigateFallbackDenylist: [/^\/api\//],
      },
    }),
  ],
  worker: { format: 'es' },
  optimizeDeps: { include: ['comlink'] },
  server: { proxy: { '/api': API } },
  build: {
    target: 'es2022',
    sourcemap: false,
    chunkSizeWarningLimit: 700,
    rolldownOptions: {
      output: {
        codeSplitting: {
          groups: [
            {
              name: 'react',
              test: /node_modules[\\/](react|react-dom|react-router|scheduler|styled-components|stylis|zustand)[\\/]/,
            },
          ],
        },
      },
    },
  },
});
