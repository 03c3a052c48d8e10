import { expect, test, type Page } from '@playwright/test';
import { startPostgres } from '../../scripts/lib/postgres.mjs';
import { removeFolder, scratchFolder, startOwn, type OwnServer } from './own-server';
import { stepLink } from './steps';

/** Two computers with an Oskil each, one PostgreSQL server: what one does is there for the other. */
let shared: Awaited<ReturnType<typeof startPostgres>> = null;
let apps: readonly OwnServer[] = [];
const folders = [scratchFolder(), scratchFolder()];

test.beforeAll(async () => {
  test.setTimeout(480_000);
  shared = await startPostgres();
  if (!shared) return;
  const env = { DATABASE_URL: shared.url, OSKIL_TODAY: '2026-11-24' };
  const first = await startOwn(folders[0]!, { ...env, OSKIL_DEMO: '1' });
  apps = [first, await startOwn(folders[1]!, env)];
});
test.afterAll(async () => {
  for (const app of apps) expect(await app.stop('SIGTERM')).toBe(0);
  await shared?.stop();
  folders.forEach(removeFolder);
});

const rename = async (page: Page, from: string, to: string) => {
  await page.getByRole('button', { name: `${from}, rename` }).click();
  await page.getByLabel('Section name').fill(to);
  await page.keyboard.press('Enter');
};

test('two instructors at two computers: a plan comes together, a class begun is begun, and one lock holds for both', async ({
  browser,
}) => {
  test.skip(!shared, 'There is no PostgreSQL here');
  test.slow();
  const [at, there] = await Promise.all(
    apps.map(async ({ url }) => (await browser.newContext({ baseURL: url })).newPage()),
  );
  if (!at || !there) throw new Error('Two pages');
  await at.goto('/classes');
  await at
    .getByRole('row', { name: /Friday Slow Hands.*planned/ })
    .getByRole('link')
    .click();
  await expect(at.getByRole('heading', { name: 'Friday Slow Hands, week 4' })).toBeVisible();
  const path = new URL(at.url()).pathname;
  await there.goto(path);
  await rename(at, 'Load', 'Lean');
  await expect(at.getByText('Saved: Rename Load')).toBeVisible();
  await rename(there, 'Ease', 'Soothe');
  await expect(there.getByText(/Both changes are in it/)).toBeVisible();
  await expect(there.getByRole('button', { name: 'Lean, rename' })).toBeVisible();
  await at.reload();
  await expect(at.getByRole('button', { name: 'Soothe, rename' })).toBeVisible();

  await stepLink(at, 'Teach').click();
  await at.getByRole('button', { name: 'Start the class' }).click();
  await expect(at.getByRole('button', { name: /^Next/ })).toBeVisible();
  await there.goto('/classes');
  await expect(there.getByRole('row', { name: /Friday Slow Hands.*teaching/ })).toBeVisible();

  await there.goto('/settings');
  const lock = there.getByRole('region', { name: 'Lock' });
  await lock.getByLabel('Passphrase', { exact: true }).fill('seven slow beads');
  await lock.getByLabel('The same again').fill('seven slow beads');
  await lock.getByRole('button', { name: 'Set a passphrase' }).click();
  await expect(there.getByText('Oskil is locked from now on')).toBeVisible();
  await at.goto('/people');
  await expect(at.getByRole('heading', { name: 'Oskil is locked' })).toBeVisible();
  await at.getByLabel('Passphrase or code').fill('seven slow beads');
  await at.getByRole('button', { name: 'Open' }).click();
  await expect(at.getByRole('link', { name: 'Ansel B' })).toBeVisible();
});
