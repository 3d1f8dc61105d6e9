import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    include: ['packages/**/*.test.ts', 'demo/**/*.test.ts'],
    globalSetup: './scripts/testSetup.mjs',
    setupFiles: './scripts/testSeed.ts',
    // A busy machine may take long; what a test waits for has limits of its own.
    testTimeout: 180_000,
    hookTimeout: 180_000,
    // Most of the time the server's tests wait.
    maxWorkers: 3,
    // No test changes what its neighbours import.
    isolate: false,
  },
});
