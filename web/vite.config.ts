import react from '@vitejs/plugin-react';
import { basename } from 'node:path';
import { defineConfig } from 'vite';

export default defineConfig({
  plugins: [react()],
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
  test: { include: ['src/**/*.test.{ts,tsx}'], css: true },
} as never);
