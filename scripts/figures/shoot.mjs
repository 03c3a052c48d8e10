// The sheets in .figures as PNG files beside them.
import { readdirSync } from 'node:fs';
import { resolve } from 'node:path';
import { pathToFileURL } from 'node:url';
import { launchChromium } from '../lib/chromium.mjs';

const browser = await launchChromium();
const page = await browser.newPage({ viewport: { width: 1500, height: 800 } });
for (const name of readdirSync('.figures').filter((n) => n.endsWith('.html'))) {
  await page.goto(pathToFileURL(resolve('.figures', name)).href);
  await page.screenshot({ path: `.figures/${name.replace('.html', '.png')}`, fullPage: true });
  console.log(name);
}
await browser.close();
