import { defineConfig } from '@playwright/test';
import { chromiumPath } from './scripts/lib/chromium-path.mjs';

/** Each worker has a server of its own, started by scripts/test.mjs: OSKIL_URLS. By hand there is one: OSKIL_URL. */
const urls = process.env.OSKIL_URLS?.split(' ') ?? [];
const mine = urls[Number(process.env.TEST_PARALLEL_INDEX ?? 0)];
if (mine) process.env.OSKIL_URL = mine;

export default defineConfig({
  testDir: 'tests/e2e',
  workers: Math.max(1, urls.length),
  // A slow machine gets one second look; what needed it is reported as flaky.
  retries: process.env.CI ? 1 : 0,
  // Several run beside each other, and the machine may be busy besides.
  timeout: 240_000,
  expect: { timeout: 45_000 },
  reporter: process.env.OSKIL_E2E_JSON
    ? [['line'], ['json', { outputFile: process.env.OSKIL_E2E_JSON }]]
    : [['line']],
  use: {
    baseURL: process.env.OSKIL_URL ?? 'http://127.0.0.1:4820',
    viewport: { width: 1280, height: 800 },
    // Hands that move at sixty frames a second take a whole core; a spec about motion asks for it (`MOVING`).
    contextOptions: { reducedMotion: 'reduce' },
    // What is kept for when Oskil is away takes time in every test; those about it let it in.
    serviceWorkers: 'block',
    launchOptions: {
      executablePath: chromiumPath(),
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
