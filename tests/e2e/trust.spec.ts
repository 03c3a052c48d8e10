import { execFileSync } from 'node:child_process';
import { createHash, randomBytes, randomUUID } from 'node:crypto';
import { closeSync, openSync, readdirSync, readFileSync, rmSync, statSync, writeSync } from 'node:fs';
import { request as ask, type IncomingHttpHeaders } from 'node:http';
import { createServer } from 'node:https';
import { connect } from 'node:net';
import { join } from 'node:path';
import { gunzipSync, gzipSync } from 'node:zlib';
import { PGlite } from '@electric-sql/pglite';
import { chromium, expect, test } from '@playwright/test';
import { freePort, removeFolder, scratchFolder, send, startOwn, type OwnServer } from './own-server';

const WORDS = 'seven slow beads';
const DEMO = { OSKIL_DEMO: '1', OSKIL_TODAY: '2026-11-24' };
const ARGS = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
];

/** A demo with a passphrase, for a test that locks nobody else out. */
async function lockedDemo(env: Record<string, string> = {}) {
  const folder = scratchFolder();
  const first = await startOwn(folder, DEMO);
  expect((await send('PUT', `${first.url}/api/lock`, { now: '', passphrase: WORDS })).status).toBe(200);
  if (Object.keys(env).length === 0) return { folder, server: first };
  await first.stop('SIGTERM');
  return { folder, server: await startOwn(folder, { ...DEMO, ...env }) };
}
const end = async (folder: string, server: OwnServer) => {
  await server.stop('SIGTERM');
  removeFolder(folder);
};

/** A request with whatever headers one likes, Host included. */
const raw = (
  url: string,
  headers: Record<string, string>,
  method = 'GET',
): Promise<{ status: number; headers: IncomingHttpHeaders; body: string }> =>
  new Promise((resolve, reject) => {
    const { hostname, port } = new URL(url);
    const path = url.slice(url.indexOf(port) + port.length);
    const sent = ask({ hostname, port, path, method, headers }, (answer) => {
      let body = '';
      answer.on('data', (piece: Buffer) => (body += piece.toString()));
      answer.on('end', () => resolve({ status: answer.statusCode ?? 0, headers: answer.headers, body }));
    });
    sent.on('error', reject);
    sent.end();
  });

const NOBODY = '00000000-0000-4000-8000-000000000000';
const PAGES = readdirSync('src/app', { recursive: true, encoding: 'utf8' })
  .filter((f) => f === 'page.tsx' || f.endsWith('/page.tsx'))
  .map((f) => `/${f.replace(/\/?page\.tsx$/, '')}`.replace(/\[[^\]]+\]/g, NOBODY))
  .filter((path) => path !== '/lock' && path !== '/offline');

/** What the gate says to the pages, as nobody else can. */
const INSTRUCTOR = JSON.stringify({ kind: 'instructor', id: null, coordinator: true });
const CLAIMS: readonly Record<string, string>[] = [
  {},
  { authorization: 'x', 'sec-fetch-site': 'same-origin' },
  { 'x-oskil-who': 'instructor', 'x-oskil-asker': INSTRUCTOR },
  { 'x-oskil-asker': `.${INSTRUCTOR}`, 'x-oskil-address': '127.0.0.1' },
  {
    'x-middleware-subrequest': 'src/proxy:src/proxy:src/proxy:src/proxy:src/proxy',
    'x-middleware-next': '1',
  },
  { 'x-middleware-override-headers': 'x-oskil-asker', 'x-middleware-request-x-oskil-asker': INSTRUCTOR },
  { 'x-forwarded-host': 'evil.example', 'x-forwarded-proto': 'javascript', 'x-forwarded-for': '127.0.0.1' },
  { rsc: '1', 'next-router-prefetch': '1' },
  { 'next-action': 'x' },
  { cookie: 'oskil_session=x; oskil_browser=y' },
];

test.describe('a locked Oskil', () => {
  let folder: string;
  let server: OwnServer;
  test.beforeAll(async () => {
    ({ folder, server } = await lockedDemo());
  });
  test.afterAll(() => end(folder, server));

  test('a locked Oskil: no page says anything to nobody, whatever they claim; no answer names another host', async () => {
    test.slow();
    for (const path of [
      ...PAGES,
      '/icon.svg-x',
      '/%70eople',
      '/people/',
      '/_next/image?url=%2Ficon.svg&w=64&q=75',
    ])
      for (const claim of CLAIMS) {
        const answer = await raw(`${server.url}${path}`, claim);
        const told = [path, JSON.stringify(claim)];
        expect([...told, [307, 308].includes(answer.status)]).toEqual([...told, true]);
        expect([...told, answer.headers.location]).toEqual([
          ...told,
          expect.stringMatching(/^\/(lock|people$)/),
        ]);
        expect(answer.body).not.toMatch(/Ansel|Delphine|Oskil/);
      }
    // What the way in leaves out by name, and what is no page at all.
    for (const path of ['/api/nothing', '/api/../people', '/api/%2e%2e/people', '/files/out/', '/solver/x']) {
      const { status, body } = await raw(`${server.url}${path}`, { 'x-oskil-asker': INSTRUCTOR });
      expect([path, [307, 308, 400, 401, 404].includes(status), /Ansel|Delphine/.test(body)]).toEqual([
        path,
        true,
        false,
      ]);
    }
    for (const [path, method, status] of [
      ['/people/%E0%A4%A', 'GET', 400],
      ['/people/%ff', 'GET', 400],
      ['/%00', 'GET', 400],
      ['/people', 'TRACE', 405],
    ] as const)
      expect([path, method, (await raw(`${server.url}${path}`, {}, method)).status]).toEqual([
        path,
        method,
        status,
      ]);
    for (const host of ['evil.example', '127.0.0.1.evil.example', '[::2]', '0.0.0.0', 'localhost.'])
      expect([host, (await raw(`${server.url}/`, { host })).status]).toEqual([host, 421]);
    for (const host of ['localhost', '127.0.0.1:1', '[::1]:4820'])
      expect([host, (await raw(`${server.url}/`, { host })).status]).toEqual([host, 307]);
    expect(server.output()).not.toMatch(/Error|trace|at async/);
  });

  test('after the lock closes, going back shows nothing of what was looked at', async ({ browser }) => {
    const context = await browser.newContext({ baseURL: server.url });
    try {
      const page = await context.newPage();
      await page.goto('/people');
      await page.getByLabel('Passphrase or code').fill(WORDS);
      await page.getByRole('button', { name: 'Open' }).click();
      await page.getByRole('link', { name: 'Ansel B' }).click();
      await expect(page).toHaveURL(/people\/[0-9a-f-]{36}/);
      const id = /people\/([0-9a-f-]{36})/.exec(page.url())![1]!;
      await page.goto(`/api/people/${id}/everything`);
      await expect(page.locator('body')).toContainText('Ansel');
      await page.goto('/settings');
      await page.getByRole('button', { name: 'Lock now' }).click();
      await expect(page).toHaveURL(/\/lock$/);
      for (let back = 0; back < 3; back++) {
        await page.goBack();
        await expect(page.locator('body')).not.toContainText('Ansel');
      }
      // A code for a screen opens the room and no name.
      await page.goto('/people');
      await page.getByLabel('Passphrase or code').fill(WORDS);
      await page.getByRole('button', { name: 'Open' }).click();
      await expect(page).toHaveURL(/\/people$/);
      await page.goto('/');
      await page.getByRole('button', { name: 'Make a code for a screen' }).click();
      const code = (await page.getByRole('status').locator('strong').textContent())!;
      const tv = await browser.newContext({ baseURL: server.url });
      const screen = await tv.newPage();
      await screen.goto('/');
      await screen.getByLabel('Passphrase or code').fill(code);
      await screen.getByRole('button', { name: 'Open' }).click();
      await expect(screen).toHaveURL(/\/room$/);
      await expect(screen.getByText('The class shows here once it begins.')).toBeVisible();
      await screen.goto('/people');
      await expect(screen).toHaveURL(/\/lock\?not=helper/);
      await tv.close();
    } finally {
      await context.close();
    }
  });

  test('forty bodies that stall are not held: each is answered before it is read', async () => {
    test.slow();
    const { pid } = JSON.parse(readFileSync(join(folder, 'oskil.lock'), 'utf8')) as { pid: number };
    const heldMb = () =>
      Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))![1]) / 1024;
    const { hostname, port } = new URL(server.url);
    const piece = Buffer.alloc(1_000_000, 'a');
    /** Says that 9.9 MB come, sends nine of them and then nothing. */
    const stalled = (path: string): Promise<string> =>
      new Promise((resolve) => {
        const socket = connect(Number(port), hostname);
        let answer = '';
        socket.on('data', (bytes) => {
          answer += bytes.toString();
          if (answer.includes('}')) socket.destroy();
        });
        socket.on('close', () => resolve(answer));
        socket.on('error', () => resolve(answer));
        socket.write(
          `POST ${path} HTTP/1.1\r\nHost: ${hostname}:${port}\r\nContent-Type: application/json\r\nContent-Length: 9900000\r\n\r\n`,
        );
        for (let i = 0; i < 9; i++) socket.write(piece);
      });
    const before = heldMb();
    const paths = ['/api/files', '/api/people/import', '/api/backups/brought', '/api/v1/draft'];
    const answers = await Promise.all(
      Array.from({ length: 40 }, (_, i) => stalled(paths[i % paths.length]!)),
    );
    for (const answer of answers.filter((a) => a !== '')) expect(answer).toMatch(/^HTTP\/1\.1 401 /);
    expect(answers.filter((a) => a !== '').length).toBeGreaterThan(0);
    // Held bodies would be some four hundred.
    expect(heldMb() - before).toBeLessThan(150);
    expect((await raw(`${server.url}/lock`, {})).status).toBe(200);
  });
});

test.describe('an Oskil without a lock', () => {
  let folder: string;
  let server: OwnServer;
  test.beforeAll(async () => {
    folder = scratchFolder();
    server = await startOwn(folder, DEMO);
  });
  test.afterAll(() => end(folder, server));

  test('a page of elsewhere that leads its own name to this computer reads nothing and writes nothing, also while there is no lock', async () => {
    const browser = await chromium.launch({
      executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium',
      args: [...ARGS, '--host-resolver-rules=MAP evil.example 127.0.0.1'],
    });
    try {
      const page = await browser.newPage();
      const evil = `http://evil.example:${new URL(server.url).port}`;
      for (const path of [
        '/',
        '/people',
        '/people/export',
        '/api/v1/openapi.json',
        '/files/out/measures.csv',
      ])
        expect([path, (await page.goto(`${evil}${path}`))!.status()]).toEqual([path, 421]);
      await page.goto(evil);
      const tried = await page.evaluate(async () => {
        const asked = (path: string, init?: RequestInit) => fetch(path, init).then((r) => r.status);
        const json = { 'content-type': 'application/json' };
        return Promise.all([
          asked('/people/export'),
          asked('/api/settings', { method: 'PUT', headers: json, body: '{}' }),
          asked('/api/lock', {
            method: 'PUT',
            headers: json,
            body: '{"now":"","passphrase":"held to ransom"}',
          }),
          asked('/api/backups', { method: 'POST', headers: json, body: '{}' }),
        ]);
      });
      expect(tried).toEqual([421, 421, 421, 421]);
      expect((await page.goto(`${server.url}/people`))!.status()).toBe(200);
    } finally {
      await browser.close();
    }
  });

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
      await expect(page.getByRole('heading', { name: /^The backup of/ })).toBeVisible({ timeout: 60_000 });
      await page.getByRole('button', { name: 'Restore this backup' }).click();
      await expect(page.getByText(/^Restored\./)).toBeVisible({ timeout: 60_000 });
      for (const name of readdirSync(join(folder, 'backups')))
        expect([name, statSync(join(folder, 'backups', name)).mode & 0o077]).toEqual([name, 0]);
    } finally {
      await context.close();
    }
  });
});

test('behind a proxy with HTTPS: its address is ours, cookies are for it alone, and another address is not let in', async ({
  browser,
}) => {
  test.slow();
  const proxyPort = await freePort();
  const origin = `https://localhost:${proxyPort}`;
  const { folder, server } = await lockedDemo({ OSKIL_ORIGIN: origin });
  const keys = scratchFolder();
  const [key, cert] = [join(keys, 'key.pem'), join(keys, 'cert.pem')];
  execFileSync(
    'openssl',
    [
      'req',
      '-x509',
      '-newkey',
      'rsa:2048',
      '-nodes',
      '-days',
      '2',
      '-subj',
      '/CN=localhost',
      '-keyout',
      key,
      '-out',
      cert,
    ],
    { stdio: 'ignore' },
  );
  const proxy = createServer({ key: readFileSync(key), cert: readFileSync(cert) }, (from, to) => {
    const { hostname, port } = new URL(server.url);
    const headers = { ...from.headers, 'x-forwarded-for': '192.0.2.50', 'x-forwarded-proto': 'https' };
    const passed = ask({ hostname, port, path: from.url, method: from.method, headers }, (answer) => {
      to.writeHead(answer.statusCode ?? 502, answer.headers);
      answer.pipe(to);
    });
    from.pipe(passed);
  });
  await new Promise<void>((resolve) => proxy.listen(proxyPort, '127.0.0.1', resolve));
  const context = await browser.newContext({ ignoreHTTPSErrors: true, baseURL: origin });
  try {
    const page = await context.newPage();
    await page.goto('/people');
    await expect(page).toHaveURL(`${origin}/lock?to=%2Fpeople`);
    await page.getByLabel('Passphrase or code').fill(WORDS);
    await page.getByRole('button', { name: 'Open' }).click();
    await expect(page.getByRole('link', { name: 'Ansel B' })).toBeVisible();
    for (const cookie of await context.cookies())
      expect(cookie).toMatchObject({ secure: true, httpOnly: true, sameSite: 'Strict' });
    await page.goto('/settings');
    await page.getByLabel('Signed under a note').fill('Marit');
    await page.getByRole('button', { name: 'Save', exact: true }).click();
    await expect(page.getByText('Settings are saved')).toBeVisible();
    const cookie = (await context.cookies()).map((c) => `${c.name}=${c.value}`).join('; ');
    const host = `localhost:${proxyPort}`;
    for (const foreign of [`http://${host}`, 'https://evil.example'])
      expect((await raw(`${server.url}/people/export`, { host, cookie, origin: foreign })).status).toBe(403);
    expect((await raw(`${server.url}/people/export`, { host: 'evil.example', cookie })).status).toBe(421);
  } finally {
    await context.close();
    proxy.closeAllConnections();
    proxy.close();
    removeFolder(keys);
    await end(folder, server);
  }
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
    await told.getByRole('link', { name: 'Safe keeping' }).click();
    await page
      .getByRole('link', { name: /^See what restoring the backup/ })
      .first()
      .click();
    await page.getByRole('button', { name: 'Restore this backup' }).click();
    await expect(page.getByText(/^Restored\./)).toBeVisible({ timeout: 60_000 });
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
