import { lingui } from '@lingui/vite-plugin';
import babel from '@rolldown/plugin-babel';
import react from '@vitejs/plugin-react';
import { basename } from 'node:path';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';

/** Sentences become keys of the catalogue; only files that have any are read for it. */
const words = { preset: { plugins: ['@lingui/babel-plugin-lingui-macro'] }, rolldown: { filter: { code: /@lingui\/(core|react)\/macro/ } } };

export default defineConfig({
  plugins: [
    react(),
    babel({ presets: [words] } as never),
    lingui(),
    // What stands between talk and the network is `src/sw.ts`; where a device begins is told by the server, for each student.
    VitePWA({
      strategies: 'injectManifest',
      srcDir: 'src',
      filename: 'sw.ts',
      injectRegister: false,
      manifest: false,
      injectManifest: { globPatterns: ['**/*.{js,css,html,woff2,svg}'], maximumFileSizeToCacheInBytes: 6_000_000 },
    }),
  ],
  publicDir: 'target/public',
  css: {
    modules: {
      localsConvention: 'camelCaseOnly',
      // A name says where it comes from; it is the same in every build, so that the browser tests can hold on to it.
      generateScopedName: (name: string, file: string) => `${basename(file.split('?')[0], '.module.css')}_${name}`,
    },
  },
  build: { outDir: 'target/dist', emptyOutDir: true, chunkSizeWarningLimit: 1500 },
  server: { proxy: { '/api': 'http://localhost:8640' } },
  test: { include: ['src/**/*.test.{ts,tsx}'], css: true, testTimeout: 40_000, setupFiles: ['src/testing/words.ts'] },
} as never);
