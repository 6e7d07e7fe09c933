import { defineConfig } from '@playwright/test'

const port = Number(process.env['E2E_PORT'] ?? 5391)

export default defineConfig({
  testDir: '.',
  outputDir: '../test-results',
  fullyParallel: true,
  workers: 2,
  // A busy machine may be slow; a test that only passes on a second try is still shown as flaky.
  retries: 1,
  timeout: 90_000,
  expect: { timeout: 10_000 },
  reporter: [
    ['list'],
    [
      'json',
      { outputFile: process.env['PLAYWRIGHT_JSON_OUTPUT_NAME'] ?? '../test-results/report.json' },
    ],
  ],
  use: {
    baseURL: `http://127.0.0.1:${port}`,
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    // No test waits for a list to glide into its place.
    contextOptions: { reducedMotion: 'reduce' },
    // Fetching all of Rimbo anew for each test would take most of their time: offline.spec.ts lets it.
    serviceWorkers: 'block',
    actionTimeout: 15_000,
    // A trace of every test would take a third of their time: one is drawn of the second try.
    trace: 'on-first-retry',
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
  projects: [
    { name: 'tests', testMatch: /\.spec\.ts$/ },
    { name: 'screenshots', testMatch: /screenshots\.ts$/ },
  ],
  webServer: {
    command: 'node --import tsx server/src/main.ts',
    cwd: '..',
    env: { PORT: String(port) },
    url: `http://127.0.0.1:${port}/`,
    reuseExistingServer: false,
    timeout: 30_000,
  },
})
