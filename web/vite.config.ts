import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

export default defineConfig({
  plugins: [react()],
  publicDir: 'target/public',
  build: { outDir: 'target/dist', emptyOutDir: true, chunkSizeWarningLimit: 1500 },
  server: { proxy: { '/api': 'http://localhost:8640' } },
  test: { include: ['src/**/*.test.ts'] },
} as never);
