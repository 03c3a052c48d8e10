import { expect, test } from '@playwright/test';
import { removeFolder, scratchFolder, startOwn } from './own-server';
import { noFaults } from './axe';

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
  } finally {
    await server.stop('SIGTERM');
    removeFolder(folder);
  }
  await page.goto(`${server.url}/people`).catch(() => undefined);
  await expect(page.getByRole('heading', { name: 'Oskil cannot be reached' })).toBeVisible();
  await expect(page.getByText('kept in this browser')).toBeVisible();
  await noFaults(page);
});
