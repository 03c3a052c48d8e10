import { expect, test, type Page } from '@playwright/test';
import { openTalks, removeFolder, scratchFolder, startOwn } from './own-server';
import { noFaults } from './axe';

test.use({ serviceWorkers: 'allow' });

test('when Oskil cannot be reached a page of its own says so; it can be put beside other programs', async ({
  page,
}) => {
  test.slow();
  const folder = scratchFolder();
  const server = await startOwn(folder);
  try {
    await page.goto(server.url);
    const manifest = await page.locator('link[rel=manifest]').getAttribute('href');
    const told = await (await page.request.get(`${server.url}${manifest}`)).json();
    expect(told).toMatchObject({ name: 'Oskil', display: 'standalone', start_url: '/' });
    await page.evaluate(async () => {
      await navigator.serviceWorker.ready;
    });
    // From here on the worker stands between.
    await page.reload();
    const kept = await page.evaluate(async () => {
      const cache = await caches.open((await caches.keys())[0]!);
      return (await cache.keys()).map((r) => new URL(r.url).pathname);
    });
    expect(kept).toContain('/offline');
    expect(kept.filter((path) => !/^\/(offline|icon\.svg|_next\/static\/.*\.css)$/.test(path))).toEqual([]);
    await server.stop('SIGTERM');
    await page.goto(`${server.url}/people`).catch(() => undefined);
    await expect(page.getByRole('heading', { name: 'Oskil cannot be reached' })).toBeVisible();
    await expect(page.getByText('kept in this browser')).toBeVisible();
    await noFaults(page);
    // Back again, it goes on where one was going.
    const again = await startOwn(folder, {}, Number(new URL(server.url).port), { asItIs: true });
    try {
      await page.getByRole('link', { name: 'Try again' }).click();
      await expect(page.getByRole('heading', { level: 1, name: 'People' })).toBeVisible();
      expect(new URL(page.url()).pathname).toBe('/people');
    } finally {
      await again.stop('SIGTERM');
    }
  } finally {
    await server.stop('SIGTERM');
    removeFolder(folder);
  }
});

const kept = (page: Page) =>
  page.evaluate(async () =>
    (await (await caches.open('oskil-class-1')).keys()).map((r) => new URL(r.url).pathname),
  );
const title = (page: Page, words: string) =>
  expect(page.getByRole('heading', { level: 1, name: words })).toBeVisible();

test('a class under way is there after a reload while Oskil is away, with all that was done; over, it is forgotten', async ({
  page,
}) => {
  test.setTimeout(480_000);
  const talks = await openTalks(['one', 'two', 'three']);
  let { server } = talks;
  const teach = server.url + talks.path;
  await page.goto(teach);
  await title(page, 'Talk one');
  await expect.poll(() => kept(page)).toContain(talks.path);
  await expect.poll(async () => (await kept(page)).length).toBeGreaterThan(8);
  // The second row and the mark on it land; the page that is kept knows of neither.
  await page.keyboard.press('ArrowRight');
  await title(page, 'Talk two');
  await page.keyboard.press('m');
  await page.getByRole('button', { name: 'Ida X: Eased it' }).click();
  await page.getByRole('button', { name: 'Done' }).click();
  await expect(page.getByText(/^Keeping/)).toBeHidden();

  await server.stop('SIGKILL');
  await page.reload();
  await title(page, 'Talk two');
  await page.keyboard.press('m');
  await expect(page.getByRole('button', { name: 'Ida X: Eased it' })).toHaveAttribute('aria-pressed', 'true');
  await page.getByRole('button', { name: 'Ida X: Sore' }).click();
  await page.getByRole('button', { name: 'Done' }).click();
  await page.keyboard.press('ArrowRight');
  await title(page, 'Talk three');
  await page.reload();
  await title(page, 'Talk three');
  await expect(page.getByText(/^Keeping \d things/)).toBeVisible();

  server = await talks.start();
  await expect(page.getByText(/^Keeping/)).toBeHidden({ timeout: 20_000 });
  await page.keyboard.press('ArrowRight');
  await expect(page).toHaveURL(/\/wrap-up$/);
  await expect.poll(() => kept(page)).toEqual([]);
  await page.goto(`${server.url}/people`);
  const person = await page.getByRole('link', { name: 'Ida X' }).getAttribute('href');
  const held = await page.request.get(`${server.url}/api${person}/everything`, {
    headers: { 'sec-fetch-site': 'same-origin' },
  });
  expect([...new Set((await held.text()).match(/"(eased|sore)"/g))].sort()).toEqual(['"eased"', '"sore"']);
  await server.stop('SIGTERM');
  removeFolder(talks.folder);
  await page.goto(teach).catch(() => undefined);
  await expect(page.getByRole('heading', { name: 'Oskil cannot be reached' })).toBeVisible();
  await expect(page.getByText('Ida')).toHaveCount(0);
});

test('a class that was opened three hours ago is forgotten at the next page', async ({ page }) => {
  test.slow();
  const { server, folder, path } = await openTalks(['one']);
  await page.goto(server.url + path);
  await expect.poll(() => kept(page)).toContain(path);
  await page.goto(`${server.url}/people`);
  expect(await kept(page)).not.toEqual([]);
  await page.evaluate(async (teach) => {
    const cache = await caches.open('oskil-class-1');
    const old = new Date(Date.now() - 3 * 3_600_000 - 1_000).toUTCString();
    await cache.put(
      teach,
      new Response(await (await cache.match(teach))!.text(), { headers: { date: old } }),
    );
  }, path);
  await page.goto(`${server.url}/settings`);
  expect(await kept(page)).toEqual([]);
  await server.stop('SIGTERM');
  removeFolder(folder);
});

test('when Oskil is locked nothing of the class stays in the browser', async ({ page }) => {
  test.slow();
  const { server, folder, path } = await openTalks(['one']);
  await page.goto(server.url + path);
  await expect.poll(() => kept(page)).toContain(path);
  await page.goto(`${server.url}/settings`);
  await page.getByLabel('Passphrase', { exact: true }).fill('seven slow beads');
  await page.getByLabel('The same again').fill('seven slow beads');
  await page.getByRole('button', { name: 'Set a passphrase' }).click();
  await page.getByRole('button', { name: 'Lock now' }).click();
  await expect(page.getByRole('heading', { name: 'Oskil is locked' })).toBeVisible();
  expect(await kept(page)).toEqual([]);
  await server.stop('SIGTERM');
  removeFolder(folder);
});

test('a mark that Oskil refuses for good is set aside and told, also after a reload; those behind it land', async ({
  page,
}) => {
  const { folder, server, path } = await openTalks(['one', 'two']);
  try {
    await page.goto(server.url + path);
    await title(page, 'Talk one');
    let refused = 0;
    await page.route('**/marks', async (route) => {
      refused += 1;
      if (refused > 1) return route.continue();
      const body = JSON.stringify({ code: 'bad-input', message: 'That person is not in this class.' });
      await route.fulfill({ status: 400, contentType: 'application/json', body });
    });
    await page.keyboard.press('m');
    const landed = page.waitForResponse((r) => r.url().endsWith('/marks') && r.status() === 200);
    await page.getByRole('button', { name: 'Ida X: Eased it' }).click();
    await page.getByRole('button', { name: 'Ida X: Sore' }).click();
    await landed;
    await page.getByRole('button', { name: 'Done' }).click();
    const told = page
      .getByRole('alert')
      .filter({ hasText: '1 thing could not be stored: a mark. That person is not in this class.' });
    await expect(told).toBeVisible();
    await page.reload();
    await expect(told).toBeVisible();
    await told.getByRole('button', { name: 'I have seen it' }).click();
    await expect(told).toHaveCount(0);
    await page.reload();
    await title(page, 'Talk one');
    await expect(told).toHaveCount(0);
  } finally {
    await server.stop('SIGTERM');
    removeFolder(folder);
  }
});
