// Class after class taught to its end at a fast clock, each from the one before, and what the page and the server hold after each:
// `npm run memory`. The argument is how many hours of class time; 6 when it is missing. It uses data of its own.
import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { launchChromium } from './lib/chromium.mjs';
import { answers, launch } from './lib/launch.mjs';
import { ensureBuilt, ensureInstalled } from './lib/prepare.mjs';
import { freePort } from './lib/scratch-server.mjs';

const HOURS = Number(process.argv[2] ?? 6);
const RATE = 40;
/** What a class may add for good is far below this; the heap is looked at after it was cleared, MB. */
const MAX_GROWTH = 40;

await main();

async function main() {
  ensureInstalled();
  ensureBuilt();
  const folder = mkdtempSync(join(tmpdir(), 'oskil-memory-'));
  const port = await freePort();
  const url = `http://127.0.0.1:${port}`;
  const env = { OSKIL_DEMO: '1', OSKIL_TODAY: '2026-11-24', OSKIL_CLOCK_RATE: String(RATE) };
  const { child, ended, output } = launch(folder, port, env);
  if (!(await answers(url, child))) throw new Error(`It did not start:\n${output()}`);
  const browser = await launchChromium();
  try {
    const page = await browser.newPage();
    await page.goto(url);
    await page.getByRole('link', { name: 'Plan' }).first().click();
    const held = [];
    for (let taughtMs = 0; taughtMs < HOURS * 3_600_000;) {
      taughtMs += await teachOne(page);
      held.push({ page: await heapMb(page), server: residentMb(child.pid) });
      const { page: heap, server } = held.at(-1);
      console.log(`${(taughtMs / 3_600_000).toFixed(1)} h taught: page ${heap} MB, server ${server} MB`);
      await toTheNext(page);
    }
    const growth = (of) => held.at(-1)[of] - held[0][of];
    console.log(
      `after the first class the page grew by ${growth('page')} MB, the server by ${growth('server')} MB`,
    );
    if (growth('page') > MAX_GROWTH) throw new Error('The page keeps something of each class.');
  } finally {
    await browser.close();
    child.kill('SIGTERM');
    await ended;
    rmSync(folder, { recursive: true, force: true });
  }
}

/** From the plan to the open wrap-up; returns how long the class took by its own clock, ms. */
async function teachOne(page) {
  await page.getByRole('link', { name: /^Teach/ }).click();
  await page.getByRole('button', { name: 'Start the class' }).click();
  await page.getByRole('button', { name: /^Next/ }).waitFor();
  const from = Date.now();
  for (; !page.url().endsWith('/wrap-up'); await page.waitForTimeout(100)) {
    if (await page.getByRole('button', { name: 'Start the count' }).isVisible())
      await page.keyboard.press('Space');
    else if (await page.getByText('Go on when you are ready').isVisible())
      await page.keyboard.press('ArrowRight');
  }
  return (Date.now() - from) * RATE;
}

/** Written up, and on to the plan of the next week. */
async function toTheNext(page) {
  await page.getByRole('button', { name: 'Write up' }).click();
  await page.getByText('The class is written up').waitFor();
  await page.getByRole('button', { name: 'Plan the next class from this one' }).click();
  await page.getByRole('link', { name: /^Teach/ }).waitFor();
}

/** The page's heap once what is not needed is cleared, MB. */
async function heapMb(page) {
  const session = await page.context().newCDPSession(page);
  await session.send('HeapProfiler.enable');
  await session.send('HeapProfiler.collectGarbage');
  const { usedSize } = await session.send('Runtime.getHeapUsage');
  await session.detach();
  return Math.round(usedSize / 1_000_000);
}

function residentMb(pid) {
  return Math.round(Number(execFileSync('ps', ['-o', 'rss=', '-p', String(pid)]).toString()) / 1_000);
}
