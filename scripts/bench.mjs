// Speed, reported and never asserted: the core in Node, then the figure and the shelf in Chromium.
import { chromium } from '@playwright/test';
import { ensureBuilt, ensureInstalled, run } from './lib/prepare.mjs';
import { startScratchDemo } from './lib/scratch-server.mjs';

const SECONDS = 6;
const kb = (bytes) => `${Math.round(bytes / 1024)} kB`;

ensureInstalled();
console.log('Core');
run('npm', ['run', '-s', 'unit', '--', '--config', 'jest.bench.config.mjs', '--silent=false']);
ensureBuilt();
const { url, started, stop } = await startScratchDemo();
try {
  if (started) await inChromium();
} finally {
  await stop();
}

async function inChromium() {
  const browser = await chromium.launch({
    executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium',
    args: [
      '--no-sandbox',
      '--disable-gpu',
      '--no-first-run',
      '--disable-background-networking',
      '--disable-sync',
    ],
  });
  try {
    await measure(await browser.newPage({ viewport: { width: 1280, height: 800 } }));
  } finally {
    await browser.close();
  }
}

async function measure(page) {
  console.log('Figure, two hands, full screen');
  for (const id of ['wrist-circles-air', 'clasped-circles', 'ball-squeeze']) {
    await page.goto(`${url}/movements/${id}`);
    await page.getByRole('button', { name: 'Full screen' }).click();
    await page.waitForTimeout(3_000);
    const { fps, p95, height } = await page.evaluate(frames, SECONDS);
    console.log(`  ${id}: ${fps} frames a second, p95 ${p95} ms between frames, ${height} px high`);
  }
  console.log('Movements page');
  await weigh(page);
}

/** In the page: count frames for some seconds. */
function frames(seconds) {
  const gaps = [];
  const figure = document.querySelector('[role=dialog] svg[role=img]');
  return new Promise((resolve) => {
    let last = performance.now();
    const first = last;
    const tick = (now) => {
      gaps.push(now - last);
      last = now;
      if (now - first < seconds * 1000) requestAnimationFrame(tick);
      else {
        gaps.sort((a, b) => a - b);
        resolve({
          fps: ((gaps.length * 1000) / (now - first)).toFixed(1),
          p95: gaps[Math.floor(gaps.length * 0.95)].toFixed(1),
          height: Math.round(figure.getBoundingClientRect().height),
        });
      }
    };
    requestAnimationFrame(tick);
  });
}

async function weigh(page) {
  const session = await page.context().newCDPSession(page);
  await session.send('Network.enable');
  await session.send('Network.setCacheDisabled', { cacheDisabled: true });
  const kinds = {};
  const kindOf = new Map();
  session.on('Network.responseReceived', ({ requestId, type }) => kindOf.set(requestId, type));
  session.on('Network.loadingFinished', ({ requestId, encodedDataLength }) => {
    const kind = kindOf.get(requestId) ?? 'Other';
    kinds[kind] = (kinds[kind] ?? 0) + encodedDataLength;
  });
  await page.goto(`${url}/movements`, { waitUntil: 'networkidle' });
  const total = Object.values(kinds).reduce((a, b) => a + b, 0);
  const each = Object.entries(kinds).map(([kind, bytes]) => `${kind.toLowerCase()} ${kb(bytes)}`);
  console.log(`  ${kb(total)} on the wire: ${each.join(', ')}`);
  const nodes = await page.evaluate(() => document.querySelectorAll('svg path').length);
  console.log(`  ${nodes} paths drawn at the top of the page`);
  const idle = await page.evaluate(
    () =>
      new Promise((resolve) => {
        let changes = 0;
        const watcher = new MutationObserver((list) => (changes += list.length));
        watcher.observe(document.body, { subtree: true, childList: true, attributes: true });
        setTimeout(() => resolve(changes), 2_000);
      }),
  );
  console.log(`  ${idle} changes of the page in two idle seconds`);
}
