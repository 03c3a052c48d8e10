import { existsSync } from 'node:fs';

/** Debian's Chromium. Its build without windows comes first: a page takes it half the time. */
const INSTALLED = ['/usr/bin/chromium-headless-shell', '/usr/bin/chromium'];

/** Where Chromium is on this machine, or nothing. */
export const chromiumPath = () =>
  [process.env.CHROMIUM_PATH, ...INSTALLED].find((path) => path && existsSync(path));
