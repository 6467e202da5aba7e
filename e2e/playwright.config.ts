import { defineConfig } from '@playwright/test'

/** The address of a running Foxing is given by whoever starts the journeys (script/test, script/screenshots). */
export default defineConfig({
  testDir: 'journeys',
  outputDir: '../test-results',
  // A busy machine is slow, not wrong: how fast it is, `script/bench` tells.
  timeout: 300_000,
  expect: { timeout: 60_000 },
  // What a journey mostly does is wait; files share three browsers, the tests of one go one after another.
  workers: 3,
  reporter: process.env['CI'] ? 'line' : 'list',
  use: {
    baseURL: process.env['FOXING_URL'] ?? 'http://127.0.0.1:8470',
    viewport: { width: 1280, height: 800 },
    // Each journey begins with an empty device, which would fetch all that is kept for when the server is away: only those that go away do.
    serviceWorkers: 'block',
    // What failed is pictured. A trace costs more than the journey itself: `--trace on` for one that is looked into.
    screenshot: 'only-on-failure',
    trace: 'off',
    launchOptions: {
      executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium',
      args: [
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
})
