import { defineConfig } from 'vitest/config';

const shared = {
  globalSetup: './scripts/testSetup.mjs',
  setupFiles: './scripts/testSeed.ts',
  // A busy machine may take long; what a test waits for has limits of its own.
  testTimeout: 180_000,
  hookTimeout: 180_000,
  // No test changes what its neighbours import.
  isolate: false,
};

export default defineConfig({
  test: {
    // Each worker loads the whole core anew.
    maxWorkers: 2,
    projects: [
      {
        test: {
          ...shared,
          name: 'node',
          include: [
            'packages/{core,cli,contract,server}/**/*.test.ts',
            'demo/**/*.test.ts',
            'bench/**/*.test.ts',
          ],
        },
      },
      {
        test: {
          ...shared,
          globalSetup: [],
          setupFiles: ['./scripts/testSeed.ts', './packages/web/test/setup.ts'],
          name: 'web',
          include: ['packages/web/**/*.test.{ts,tsx}'],
          environment: 'jsdom',
        },
      },
    ],
  },
});
