import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  plugins: [react()],
  // The help that ships with the app is written beside the other documents.
  server: { fs: { allow: ['..'] } },
  build: { outDir: '../public/build', emptyOutDir: true, assetsInlineLimit: 0, manifest: true },
  test: {
    environment: 'jsdom',
    include: ['src/**/*.test.{ts,tsx}'],
    setupFiles: ['src/testing/setup.ts'],
    restoreMocks: true,
    // Modules are read once for all files of a worker: reading Ant Design sixty times took longer than all tests together.
    isolate: false,
    maxWorkers: '100%',
    testTimeout: 30000,
  },
});
