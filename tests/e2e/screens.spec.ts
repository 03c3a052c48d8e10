import { gzipSync } from 'node:zlib';
import { expect, test, type Page } from '@playwright/test';
import { enoughContrast, noFaults } from './axe';
import { askedElsewhere } from './elsewhere';
import { MOVING, makeClass, openFriday, look, stepLink } from './steps';

test.use(MOVING);

const PAGES = [
  '/',
  '/people',
  '/people/new',
  '/movements',
  '/movements/ball-squeeze',
  '/movements/new?from=thumb-to-tips',
  '/classes',
  '/classes/new',
  '/settings',
  '/loading',
  '/people/import',
  '/people/list',
  '/people/questions',
  '/room',
  '/terms',
  '/files',
  '/practice',
  '/practice/group',
  '/practice/past',
  '/rules',
  '/words',
  '/models',
  '/lock',
];

/** Pages whose colours are looked at too: every colour of the theme stands on one of them. */
const COLOURS = ['/', '/people', '/movements/ball-squeeze', '/loading', '/settings', '/rules', '/lock'];

for (const path of PAGES)
  test(`${path}: axe finds nothing, a policy with a nonce, nobody else asked, nothing wider than the page at 200 % or on a phone`, async ({
    page,
  }) => {
    const elsewhere = askedElsewhere(page);
    const complaints: string[] = [];
    page.on('console', (m) => {
      if (m.text().includes('Content Security Policy')) complaints.push(m.text());
    });
    const response = (await page.goto(path))!;
    const policy = response.headers()['content-security-policy']!;
    expect(policy).toMatch(/script-src 'self' 'nonce-[^']+' 'strict-dynamic'/);
    expect(policy).not.toMatch(/script-src[^;]*unsafe/);
    await noFaults(page);
    if (COLOURS.includes(path)) await enoughContrast(page);
    for (const [width, height] of [
      [640, 400],
      [390, 844],
    ] as const) {
      await page.setViewportSize({ width, height });
      await expect.poll(() => overflow(page)).toBeLessThanOrEqual(0);
    }
    expect(elsewhere()).toEqual([]);
    expect(complaints).toEqual([]);
  });

/** What a page may ship, kB of script as it goes over the wire. */
const MOST_SCRIPT_KB = 200;

test(`Today ships at most ${MOST_SCRIPT_KB} kB of script`, async ({ request }) => {
  const html = await (await request.get('/')).text();
  // What only browsers of long ago load is not counted.
  const scripts = [...html.matchAll(/<script[^>]*\ssrc="([^"]+)"[^>]*>/g)].flatMap(([tag, src]) =>
    /nomodule/i.test(tag) ? [] : [src!],
  );
  expect(scripts.length).toBeGreaterThan(4);
  const sizes = await Promise.all(
    [...new Set(scripts)].map(async (src) => gzipSync(await (await request.get(src)).body()).length),
  );
  expect(sizes.reduce((sum, size) => sum + size, 0) / 1024).toBeLessThanOrEqual(MOST_SCRIPT_KB);
});

test('a page that is not there says so, and axe finds nothing on it', async ({ page }) => {
  expect((await page.goto('/nowhere'))!.status()).toBe(404);
  await noFaults(page);
});

test('each answer has a nonce of its own', async ({ request }) => {
  const nonces = await Promise.all(
    [1, 2, 3, 4].map(async () => {
      const policy = (await request.get('/movements')).headers()['content-security-policy']!;
      return /'nonce-([^']+)'/.exec(policy)![1]!;
    }),
  );
  expect(new Set(nonces).size).toBe(4);
});

/** How much wider the page is than its window, px. */
const overflow = (page: Page) =>
  page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);

test('axe finds nothing on a person', async ({ page }) => {
  await page.goto('/people');
  await page.getByRole('link', { name: 'Delphine M' }).click();
  await expect(page.getByRole('heading', { name: 'Delphine M' })).toBeVisible();
  await noFaults(page);
});

test('axe finds nothing at the door', async ({ page }) => {
  await openFriday(page);
  await stepLink(page, 'Door').click();
  await page.getByRole('button', { name: 'Pain in the left hand: 6' }).click();
  await noFaults(page);
  await page.setViewportSize({ width: 640, height: 400 });
  await expect.poll(() => overflow(page)).toBeLessThanOrEqual(0);
});

test('axe finds nothing on the plan, also with an editor, the picker and the panels open; it fits at 200 %', async ({
  page,
}) => {
  test.slow();
  await openFriday(page);
  await noFaults(page);
  await page.getByRole('button', { name: 'Wrist bends up and down', exact: true }).click();
  await page.getByRole('button', { name: 'Add to grip' }).click();
  await noFaults(page, '#desk');
  for (const panel of [/^Who comes/, 'Details', /^Kit/, 'Hand map', 'Needs', 'Compare']) {
    await page.getByRole('button', { name: panel }).click();
    await noFaults(page, 'aside');
  }
  await page.getByRole('region', { name: 'Time', exact: true }).getByRole('button').click();
  await page.getByRole('button', { name: 'What to shorten' }).click();
  await page.locator('button[id^="cell-"]').first().focus();
  await noFaults(page);
  await page.setViewportSize({ width: 640, height: 400 });
  await expect.poll(() => overflow(page)).toBeLessThanOrEqual(0);
});

test('axe finds nothing on the traces, chosen rows, the history and the findings in full', async ({
  page,
}) => {
  test.slow();
  await makeClass(page, 'Axe plan', ['Ball squeeze', 'Ring squeeze'], ['Bashir K']);
  await page.getByRole('button', { name: 'History' }).click();
  await look(page, (menu) => menu.getByLabel('Traces').click());
  await page.getByRole('button', { name: 'Choose rows' }).click();
  await page.getByLabel('Choose Ball squeeze').check();
  await page.getByRole('button', { name: 'Keep as a block' }).click();
  await noFaults(page);
  const findings = page.getByRole('region', { name: 'Findings' });
  await findings.getByRole('button', { name: /^All/ }).click();
  await findings.getByRole('button', { name: /^Mute/ }).first().click();
  await noFaults(page);
});

test('axe finds nothing while teaching: before, explaining, counting, each panel, help', async ({ page }) => {
  test.slow();
  await makeClass(page, 'Axe class', ['Ball squeeze'], ['Bashir K']);
  await stepLink(page, 'Teach').click();
  await expect(page.getByRole('button', { name: 'Start the class' })).toBeVisible();
  await noFaults(page);
  await page.getByRole('button', { name: 'Start the class' }).click();
  await expect(page.getByRole('button', { name: 'Start the count' })).toBeVisible();
  await noFaults(page);
  await page.keyboard.press('Space');
  await page.keyboard.press('Space');
  await noFaults(page);
  for (const key of ['m', 'n', 'c', 'v']) {
    await page.keyboard.press(key);
    await expect(page.getByRole('dialog')).toBeVisible();
    await noFaults(page);
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toBeHidden();
  }
  await page.keyboard.press('h');
  await noFaults(page);
});

test('axe finds nothing on a rehearsal, a grip test, and who moves on', async ({ page }) => {
  await page.goto('/people');
  await page.getByRole('link', { name: 'Esi O' }).click();
  await page.getByRole('link', { name: 'Measure', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Read the meter' })).toBeVisible();
  await noFaults(page);
  await openFriday(page);
  const path = new URL(page.url()).pathname;
  await page.goto(`${path}/rehearse`);
  await expect(page.getByRole('heading', { name: 'Practise counting' })).toBeVisible();
  await noFaults(page);
  await page.goto('/classes');
  const last = page
    .getByRole('row', { name: /written up/ })
    .last()
    .getByRole('link');
  await page.goto(`${(await last.getAttribute('href'))!.replace(/\/wrap-up$/, '')}/decide`);
  await expect(page.getByRole('heading', { name: /^Who moves on/ })).toBeVisible();
  await noFaults(page);
});

test('axe finds nothing on a wrap-up, as a table and as a picture', async ({ page }) => {
  await page.goto('/classes');
  await page
    .getByRole('row', { name: /written up/ })
    .last()
    .getByRole('link')
    .click();
  await expect(page.getByRole('heading', { name: /^Wrap-up/ })).toBeVisible();
  await noFaults(page);
  await page.getByRole('button', { name: 'Show as a picture' }).click();
  await expect(page.locator('.apexcharts-series path').first()).toBeVisible();
  await noFaults(page);
});

test('everything stands out enough: a plan with its findings, teaching, marks, help and a wrap-up', async ({
  page,
}) => {
  test.slow();
  await makeClass(page, 'Contrast class', ['Ball squeeze', 'Ring squeeze'], ['Bashir K', 'Delphine M']);
  const findings = page.getByRole('region', { name: 'Findings' });
  await findings.getByRole('button', { name: /^All/ }).click();
  await look(page, (menu) => menu.getByLabel('Traces').click());
  await page.getByRole('button', { name: /^Who comes/ }).click();
  await enoughContrast(page);
  await stepLink(page, 'Teach').click();
  await page.getByRole('button', { name: 'Start the class' }).click();
  await expect(page.getByRole('button', { name: 'Start the count' })).toBeVisible();
  await page.keyboard.press('Space');
  await page.keyboard.press('Space');
  await enoughContrast(page);
  await page.keyboard.press('m');
  await expect(page.getByRole('dialog')).toBeVisible();
  await enoughContrast(page);
  await page.keyboard.press('Escape');
  await page.keyboard.press('h');
  await enoughContrast(page);
  await page.goto('/classes');
  await page
    .getByRole('row', { name: /written up/ })
    .last()
    .getByRole('link')
    .click();
  await page.getByRole('button', { name: 'Show as a picture' }).click();
  await expect(page.locator('.apexcharts-series path').first()).toBeVisible();
  await enoughContrast(page);
});
