import { defineConfig } from '@playwright/test';

/** The real interface in Debian's Chromium, against the built program. Run by `npm test`, which sets everything up. */
export default defineConfig({
  testDir: 'e2e',
  outputDir: 'test-results',
  fullyParallel: false,
  workers: 2,
  timeout: 90_000,
  // A busy machine of two cores is slow to show a first page.
  expect: { timeout: 20_000 },
  forbidOnly: Boolean(process.env['CI']),
  reporter: [['list'], ['json', { outputFile: 'test-results/playwright.json' }]],
  use: {
    // Only the journeys without the server load the page from the device.
    serviceWorkers: 'block',
    viewport: { width: 1280, height: 800 },
    trace: 'retain-on-failure',
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
});
