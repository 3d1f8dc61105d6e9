import { defineConfig } from '@playwright/test';
import { existsSync } from 'node:fs';

/** Debian's Chromium; where there is one without windows, which is lighter, that one. */
const BROWSERS = ['/usr/bin/chromium-headless-shell', '/usr/bin/chromium'];
const browser = BROWSERS.find((file) => existsSync(file)) ?? '';

export default defineConfig({
  testDir: 'e2e',
  globalSetup: './e2e/layWorld.ts',
  outputDir: 'test-results',
  timeout: 180_000,
  expect: { timeout: 30_000 },
  workers: 2,
  fullyParallel: true,
  reporter: [['list'], ['json', { outputFile: 'test-results/e2e.json' }]],
  use: {
    viewport: { width: 1280, height: 800 },
    permissions: ['clipboard-read', 'clipboard-write'],
    launchOptions: {
      executablePath: browser,
      args: [
        '--headless',
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
});
