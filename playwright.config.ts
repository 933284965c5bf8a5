import { defineConfig } from '@playwright/test';
// @ts-expect-error: a script without types, shared with the installer
import { chromiumPath } from './scripts/chromium.mjs';

export const PORT = 4180;
export const DEMO_PORT = 4181;

const launchOptions = {
  executablePath: (chromiumPath as () => string)(),
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
    '--no-first-run',
  ],
};

export default defineConfig({
  testDir: 'e2e',
  outputDir: 'test-results',
  // Generous: what is tested is that things come about, not how soon on a busy machine.
  timeout: 300_000,
  expect: { timeout: 60_000 },
  workers: 2,
  // A busy machine may miss a moment once; what passes only then is named at the end.
  retries: process.env['CI'] ? 1 : 0,
  reporter: [['list'], ['json', { outputFile: 'test-results/e2e.json' }]],
  use: {
    actionTimeout: 60_000,
    baseURL: `http://localhost:${PORT}`,
    launchOptions,
    // What a test holds back on the network is not to come from the device; offline.wide.spec.ts has them.
    serviceWorkers: 'block',
    permissions: ['clipboard-read', 'clipboard-write'],
  },
  webServer: [
    { command: `node scripts/serve-once.mjs ${PORT}`, url: `http://localhost:${PORT}/healthz` },
    { command: `node scripts/serve-once.mjs ${DEMO_PORT} demo`, url: `http://localhost:${DEMO_PORT}/healthz` },
  ],
  projects: [
    {
      name: 'phone',
      testMatch: /.*\.phone\.spec\.ts/,
      use: { viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true },
    },
    { name: 'wide', testMatch: /.*\.wide\.spec\.ts/, use: { viewport: { width: 1280, height: 800 } } },
  ],
});
