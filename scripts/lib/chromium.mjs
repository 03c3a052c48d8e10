import { chromium } from '@playwright/test';
import { chromiumPath } from './chromium-path.mjs';

/** Debian's Chromium, asking nobody for anything. */
export const launchChromium = () =>
  chromium.launch({
    executablePath: chromiumPath(),
    args: [
      '--no-sandbox',
      '--disable-gpu',
      '--disable-quic',
      '--no-first-run',
      '--disable-background-networking',
      '--disable-component-update',
      '--disable-sync',
    ],
  });
