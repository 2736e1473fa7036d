import { lingui } from '@lingui/vite-plugin';
import babel from '@rolldown/plugin-babel';
import react from '@vitejs/plugin-react';
import { basename } from 'node:path';
import { defineConfig } from 'vite';

/** Sentences become keys of the catalogue; only files that have any are read for it. */
const words = { preset: { plugins: ['@lingui/babel-plugin-lingui-macro'] }, rolldown: { filter: { code: /@lingui\/(core|react)\/macro/ } } };

export default defineConfig({
  plugins: [react(), babel({ presets: [words] } as never), lingui()],
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
