import react from '@vitejs/plugin-react';
import optimizeLocales from '@react-aria/optimize-locales-plugin';
import { defineConfig } from 'vite';

const API = 'http://127.0.0.1:4173';

export default defineConfig({
  plugins: [react(), { ...optimizeLocales.vite({ locales: ['en-GB', 'en-US'] }), enforce: 'pre' }],
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
