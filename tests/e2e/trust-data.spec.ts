import { createHash, randomBytes, randomUUID } from 'node:crypto';
import { closeSync, openSync, readdirSync, readFileSync, rmSync, statSync, writeSync } from 'node:fs';
import { join } from 'node:path';
import { gunzipSync, gzipSync } from 'node:zlib';
import { PGlite } from '@electric-sql/pglite';
import { expect, test } from '@playwright/test';
import { end, raw, removeFolder, scratchFolder, send, startOwn, type OwnServer } from './own-server';

const DEMO = { OSKIL_DEMO: '1', OSKIL_TODAY: '2026-11-24' };
test.describe('a demo', () => {
  let folder: string;
  let server: OwnServer;
  test.beforeAll(async () => {
    folder = scratchFolder();
    server = await startOwn(folder, DEMO);
  });
  test.afterAll(() => end(folder, server));

  test('twenty drafts and twenty PDFs at once: pages are answered meanwhile, and each gets its answer or when to come again', async () => {
    test.slow();
    const own = { 'sec-fetch-site': 'same-origin' };
    const id = /\/classes\/([0-9a-f-]{36})/.exec((await raw(`${server.url}/classes`, {})).body)![1]!;
    let open = 0;
    const counted = async (answer: Promise<Response>) => {
      open += 1;
      const got = await answer;
      await got.arrayBuffer();
      open -= 1;
      return got;
    };
    const body = JSON.stringify({ people: [], day: '2026-11-25', slotMinutes: 45, lengthMinutes: 45 });
    const heavy = Array.from({ length: 40 }, (_, i) =>
      counted(
        i % 2 === 0
          ? fetch(`${server.url}/api/v1/draft`, {
              method: 'POST',
              headers: { ...own, 'content-type': 'application/json' },
              body,
            })
          : fetch(`${server.url}/files/out/cue/${id}`, { headers: own }),
      ),
    );
    for (const path of ['/', '/people', '/classes', '/settings']) {
      expect((await fetch(`${server.url}${path}`)).status).toBe(200);
      // Most of the work is still to be done: the page did not wait for it.
      expect([path, open >= 8]).toEqual([path, true]);
    }
    const answers = await Promise.all(heavy);
    const of = (status: number) => answers.filter((a) => a.status === status);
    expect(of(200).length + of(429).length).toBe(40);
    expect(of(200).length).toBeGreaterThanOrEqual(20);
    for (const busy of of(429)) expect(Number(busy.headers.get('retry-after'))).toBeGreaterThan(0);
  });

  test('a backup of over ten megabytes comes back through the page', async ({ browser }) => {
    test.slow();
    const context = await browser.newContext({ baseURL: server.url });
    try {
      const { json } = await send('POST', `${server.url}/api/backups`, {});
      const file = join(folder, 'backups', String(json.name));
      const lines = gunzipSync(readFileSync(file)).toString().split('\n').slice(0, -2);
      // Blocks of rows that nobody opens, of letters that cannot be made smaller.
      const large = Array.from({ length: 60 }, (_, i) =>
        JSON.stringify([
          'block',
          {
            id: randomUUID(),
            name: `large ${i}`,
            rows: [randomBytes(200_000).toString('base64')],
            made_at: '2026-11-24T09:00:00Z',
          },
        ]),
      );
      const rows = [...lines, ...large];
      const text = rows.map((l) => `${l}\n`).join('');
      const footer = { rows: rows.length - 1, sha256: createHash('sha256').update(text).digest('hex') };
      const buffer = gzipSync(`${text}${JSON.stringify(footer)}\n`);
      expect(buffer.length).toBeGreaterThan(12_000_000);
      const page = await context.newPage();
      await page.goto('/backup');
      await page
        .locator('input[type=file]')
        .setInputFiles({ name: 'large.oskil', mimeType: 'application/octet-stream', buffer });
      await expect(page.getByRole('heading', { name: /^The backup of/ })).toBeVisible({ timeout: 150_000 });
      await page.getByRole('button', { name: 'Restore this backup' }).click();
      await expect(page.getByText(/^Restored\./)).toBeVisible({ timeout: 150_000 });
      for (const name of readdirSync(join(folder, 'backups')))
        expect([name, statSync(join(folder, 'backups', name)).mode & 0o077]).toEqual([name, 0]);
    } finally {
      await context.close();
    }
  });
});

test('damage is told at the start and on Today, never backed up, and the last good backup takes its place', async ({
  browser,
}) => {
  test.slow();
  const folder = scratchFolder();
  const first = await startOwn(folder, DEMO);
  const good = String((await send('POST', `${first.url}/api/backups`, {})).json.name);
  await first.stop('SIGTERM');
  const pg = await PGlite.create(join(folder, 'pg'));
  const [row] = (await pg.query<{ path: string }>("select pg_relation_filepath('person') as path")).rows;
  await pg.close();
  const file = openSync(join(folder, 'pg', row!.path), 'r+');
  writeSync(file, Buffer.alloc(8192), 0, 8192, 0);
  closeSync(file);

  const server = await startOwn(folder, DEMO);
  const context = await browser.newContext({ baseURL: server.url });
  try {
    expect(server.output()).toContain('Part of the data on this disk can no longer be read: people.');
    expect(server.output()).toContain(`npm run restore -- ${join(folder, 'backups', good)}`);
    const page = await context.newPage();
    await page.goto('/');
    const told = page.getByRole('alert').filter({ hasText: 'can no longer be read' });
    await expect(told).toBeVisible();
    expect(await send('POST', `${server.url}/api/backups`, {})).toMatchObject({
      json: { code: 'not-whole' },
    });
    await told.getByRole('link', { name: 'Backups' }).click();
    await page
      .getByRole('link', { name: /^See what restoring the backup/ })
      .first()
      .click();
    await page.getByRole('button', { name: 'Restore this backup' }).click();
    await expect(page.getByText(/^Restored\./)).toBeVisible({ timeout: 150_000 });
    await page.goto('/');
    await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();
    await expect(told).toHaveCount(0);
    await page.goto('/people');
    await expect(page.getByRole('link', { name: 'Ansel B' })).toBeVisible();
  } finally {
    await context.close();
    await server.stop('SIGTERM');
  }
  // What was there once is not begun anew without a word.
  rmSync(join(folder, 'pg'), { recursive: true });
  const gone = await startOwn(folder, DEMO, undefined, { asItIs: true });
  expect(await gone.ended).toBe(1);
  expect(gone.output()).toContain('There is no data in');
  expect(gone.output()).toContain('npm run restore -- ');
  removeFolder(folder);
});
