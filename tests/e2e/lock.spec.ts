import { readdirSync } from 'node:fs';
import { expect, test, type APIRequestContext, type Page, type Request } from '@playwright/test';
import { noFaults } from './axe';
import { end, freePort, scratchFolder, startOwn, type OwnServer } from './own-server';
import { makeClass } from './steps';

test.use({ serviceWorkers: 'allow' });

/** On a demo of its own, since nobody else gets in meanwhile. Routes, and what else a caller can say, are tried in gate.test and trust.spec. */
const port = await freePort();
test.use({ baseURL: `http://127.0.0.1:${port}` });
let folder: string;
let server: OwnServer;
test.beforeAll(async () => {
  folder = scratchFolder();
  const env = { OSKIL_DEMO: '1', OSKIL_TODAY: '2026-11-24', OSKIL_CLOCK_RATE: '40' };
  server = await startOwn(folder, env, port);
});
test.afterAll(() => end(folder, server));

const WORDS = 'seven slow beads';
const NOBODY = '00000000-0000-4000-8000-000000000000';

/** Every page and route there is, with an id of nobody where one is asked for. */
const places = (file: 'page.tsx' | 'route.ts'): readonly string[] =>
  readdirSync('src/app', { recursive: true, encoding: 'utf8' })
    .filter((f) => f.endsWith(`/${file}`))
    .map((f) => `/${f.replace(`/${file}`, '')}`.replace(/\[[^\]]+\]/g, NOBODY));
const OPEN = ['/lock', '/offline'];

const lockPanel = (page: Page) => page.getByRole('region', { name: 'Lock' });
async function setLock(page: Page) {
  await page.goto('/settings');
  await lockPanel(page).getByLabel('Passphrase', { exact: true }).fill(WORDS);
  await lockPanel(page).getByLabel('The same again').fill(WORDS);
  await lockPanel(page).getByRole('button', { name: 'Set a passphrase' }).click();
  await expect(page.getByText('Oskil is locked from now on')).toBeVisible();
}
async function takeLockAway(page: Page) {
  await page.goto('/settings');
  await lockPanel(page).getByLabel('Passphrase now').fill(WORDS);
  await lockPanel(page).getByRole('button', { name: 'Take the lock away' }).click();
  await expect(page.getByText('The lock is taken away')).toBeVisible();
}
/** Without following where it leads. */
const ask = (request: APIRequestContext, path: string) =>
  request.get(path, { maxRedirects: 0, headers: { 'sec-fetch-site': 'same-origin' } });

test('locked: nobody reaches any page or route; the passphrase opens it where one was going; a code opens marks alone', async ({
  page,
  browser,
}) => {
  test.slow();
  await page.goto('/settings');
  await lockPanel(page).getByLabel('Passphrase', { exact: true }).fill('short');
  await lockPanel(page).getByLabel('The same again').fill('short');
  await lockPanel(page).getByRole('button', { name: 'Set a passphrase' }).click();
  await expect(lockPanel(page).getByRole('alert')).toContainText('At least 10 letters');
  await setLock(page);
  try {
    await noFaults(page);
    const stranger = await browser.newContext();
    for (const path of places('page.tsx').filter((p) => !OPEN.includes(p))) {
      const answer = await ask(stranger.request, path);
      expect([path, answer.status()]).toEqual([path, 307]);
      expect(answer.headers().location).toContain('/lock');
    }
    const other = await stranger.newPage();
    await other.goto('/people');
    await expect(other).toHaveURL(/\/lock\?to=%2Fpeople$/);
    await expect(other.getByRole('link', { name: 'People' })).toHaveCount(0);
    expect(await other.content()).not.toContain('Ansel');
    await noFaults(other);
    await other.getByLabel('Passphrase or code').fill('seven fast beads');
    await other.getByRole('button', { name: 'Open' }).click();
    await expect(other.getByRole('alert').filter({ hasText: /./ })).toHaveText(
      'That does not open Oskil. Try again.',
    );
    await other.getByLabel('Passphrase or code').fill(WORDS);
    await other.getByRole('button', { name: 'Open' }).click();
    await expect(other).toHaveURL(/\/people$/);
    const [cookie] = await stranger.cookies();
    expect(cookie).toMatchObject({ name: 'oskil_session', httpOnly: true, sameSite: 'Strict' });
    await stranger.close();

    await page.goto('/');
    await page.getByRole('button', { name: 'Make a code for helpers' }).click();
    const code = (await page.getByRole('status').locator('strong').textContent())!;
    const helper = await browser.newContext();
    const screen = await helper.newPage();
    await screen.goto('/');
    await screen.getByLabel('Passphrase or code').fill(code.toLowerCase());
    await screen.getByRole('button', { name: 'Open' }).click();
    await expect(screen.getByRole('heading', { name: /^Marks: / })).toBeVisible();
    await noFaults(screen);
    for (const path of places('page.tsx').filter((p) => !OPEN.includes(p) && p !== '/room'))
      expect([path, (await ask(helper.request, path)).status()]).toEqual([path, 307]);
    expect((await ask(helper.request, '/room')).status()).toBe(200);
    await screen.goto('/people');
    await expect(screen.getByText('A helper’s code opens the screen for the room')).toBeVisible();
    await helper.close();

    await page.goto('/settings');
    await lockPanel(page).getByRole('button', { name: 'Lock now' }).click();
    await expect(page).toHaveURL(/\/lock$/);
    await page.getByLabel('Passphrase or code').fill(WORDS);
    await page.getByRole('button', { name: 'Open' }).click();
    await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();
  } finally {
    await takeLockAway(page);
  }
});

test('a helper’s own screen follows the class from another machine: room and marks, and no names in the room', async ({
  page,
  browser,
}) => {
  test.slow();
  await setLock(page);
  try {
    await makeClass(page, 'Followed class', ['Thumb web, web to web', 'Wrist bends up and down']);
    const path = new URL(page.url()).pathname;
    const made = await page.request.post(`/api${path}/helper-code`, {
      headers: { origin: new URL(page.url()).origin },
      data: {},
    });
    const { code } = (await made.json()) as { code: string };
    const helper = await browser.newContext();
    const marks = await helper.newPage();
    await marks.goto('/');
    await marks.getByLabel('Passphrase or code').fill(code);
    await marks.getByRole('button', { name: 'Open' }).click();
    await expect(marks.getByText('The rows show here once the class begins.')).toBeVisible();
    const opened = helper.waitForEvent('page');
    await marks.getByRole('link', { name: 'Room screen' }).click();
    const room = await opened;
    await expect(room.getByText('The class shows here once it begins.')).toBeVisible();

    await page.goto(`${path}/teach`);
    await page.getByRole('button', { name: 'Start the class' }).click();
    // The room may follow before this screen is ready for a key.
    await expect(page.getByRole('heading', { name: 'Thumb web, web to web', level: 1 })).toBeVisible();
    await expect(room.getByRole('heading', { name: 'Thumb web, web to web' })).toBeVisible();
    await expect(room.getByText('Next: Wrist bends up and down')).toBeVisible();
    await expect(marks.getByLabel('Row').locator('option:checked')).toHaveText('Thumb web, web to web (now)');
    await page.keyboard.press('ArrowRight');
    await expect(room.getByRole('heading', { name: 'Wrist bends up and down' })).toBeVisible();
    await expect(marks.getByLabel('Row').locator('option:checked')).toHaveText(
      'Wrist bends up and down (now)',
    );
    await marks.getByText('Ansel B', { exact: true }).click();
    // What a mark changes is loaded anew; cut off in the middle, the browser would leave the page for its own.
    // Once its answer is here the router may let go of the rest of it, which the browser calls failed.
    let loads = 0;
    const loaded = (r: Request) => void (loads += Number(r.url().includes('_rsc=')));
    marks.on('requestfinished', loaded);
    marks.on('requestfailed', loaded);
    await marks.getByRole('button', { name: 'Eased it: Ansel B' }).click();
    await expect(marks.getByRole('button', { name: 'Eased it: Ansel B' })).toHaveAttribute(
      'aria-pressed',
      'true',
    );
    for (const name of ['Ansel', 'Delphine']) await expect(room.locator('body')).not.toContainText(name);
    const feed = await helper.request.get(`/api${path}/room`, {
      headers: { 'sec-fetch-site': 'same-origin' },
    });
    expect(await feed.text()).not.toMatch(/Ansel|Delphine/);

    await expect.poll(() => loads).toBeGreaterThan(0);
    await helper.setOffline(true);
    await expect(room.getByText(/^Oskil cannot be reached/)).toBeVisible();
    await helper.setOffline(false);
    await expect(room.getByText(/^Oskil cannot be reached/)).toHaveCount(0);
    await page.keyboard.press('ArrowRight');
    await expect(room.getByRole('heading', { name: 'Thank you all' })).toBeVisible();
    await expect(marks.getByText('The class is over. Thank you.')).toBeVisible();
    await helper.close();
  } finally {
    await takeLockAway(page);
  }
});

test('a session that has ended while a page is open loses nothing: it is told, and what was typed is still there', async ({
  page,
  context,
}) => {
  await setLock(page);
  try {
    await page.goto('/settings');
    await page.getByLabel('Signed under a note').fill('Marit, Fernhollow Glasshouse');
    const cookies = await context.cookies();
    await context.clearCookies();
    await page.getByRole('button', { name: 'Save', exact: true }).click();
    await expect(page.getByRole('alert').filter({ hasText: 'Oskil is locked' })).toBeVisible();
    await expect(page.getByLabel('Signed under a note')).toHaveValue('Marit, Fernhollow Glasshouse');
    await context.addCookies(cookies);
  } finally {
    await takeLockAway(page);
  }
});

test('a screen that nobody uses for an hour locks itself, but not while another tab is used', async ({
  page,
}) => {
  await setLock(page);
  try {
    await page.clock.install({ time: new Date() });
    await page.goto('/people');
    await page.clock.runFor(59 * 60_000);
    await expect(page).toHaveURL(/\/people$/);
    // As another tab does when it is used.
    await page.evaluate(() => localStorage.setItem('oskil-used', String(Date.now())));
    await page.clock.runFor(30 * 60_000);
    await expect(page).toHaveURL(/\/people$/);
    await page.clock.runFor(31 * 60_000);
    await expect(page).toHaveURL(/\/lock$/);
    await page.clock.resume();
    await page.getByLabel('Passphrase or code').fill(WORDS);
    await page.getByRole('button', { name: 'Open' }).click();
    await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();
  } finally {
    await takeLockAway(page);
  }
});

test('no route breaks over the wrong types, and none takes anything from a foreign page', async ({
  request,
}) => {
  test.slow();
  const wrong: readonly unknown[] = [{}, [], 'text', 7, null, { id: 7, rows: 'x', plan: [], text: {} }];
  for (const path of places('route.ts')) {
    for (const method of ['POST', 'PUT', 'DELETE'] as const) {
      const foreign = await request.fetch(path, {
        method,
        data: JSON.stringify({}),
        headers: { 'content-type': 'application/json', origin: 'http://elsewhere.example' },
      });
      expect([method, path, [403, 405, 401].includes(foreign.status())]).toEqual([method, path, true]);
    }
    if (path.startsWith('/api/backups')) continue;
    for (const body of wrong) {
      const answer = await request.post(path, {
        data: JSON.stringify(body),
        headers: { 'content-type': 'application/json', 'sec-fetch-site': 'same-origin' },
      });
      expect([path, JSON.stringify(body), answer.status()]).not.toEqual([path, JSON.stringify(body), 500]);
    }
  }
});
