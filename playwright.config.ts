import { defineConfig } from '@playwright/test';

/** The server is started by scripts/test.mjs or by hand; OSKIL_URL says where it listens. */
export default defineConfig({
  testDir: 'tests/e2e',
  workers: 1,
  // A slow machine gets one second look; what needed it is reported as flaky.
  retries: process.env.CI ? 1 : 0,
  // Two halves run beside each other, on machines of two cores.
  timeout: 120_000,
  expect: { timeout: 20_000 },
  reporter: process.env.OSKIL_E2E_JSON
    ? [['line'], ['json', { outputFile: process.env.OSKIL_E2E_JSON }]]
    : [['line']],
  use: {
    baseURL: process.env.OSKIL_URL ?? 'http://127.0.0.1:4820',
    viewport: { width: 1280, height: 800 },
    launchOptions: {
      executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        '--autoplay-policy=no-user-gesture-required',
      ],
    },
  },
});
