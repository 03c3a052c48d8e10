import { execFileSync, spawnSync } from 'node:child_process';
import { readdirSync, readFileSync } from 'node:fs';
import { request as ask } from 'node:http';
import { createServer } from 'node:https';
import { connect } from 'node:net';
import { join } from 'node:path';
import { chromium, expect, test } from '@playwright/test';
import {
  end,
  freePort,
  raw,
  removeFolder,
  scratchFolder,
  send,
  startOwn,
  type OwnServer,
} from './own-server';

test.use({ serviceWorkers: 'allow' });

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
});

test('behind a proxy with HTTPS: its address is ours, cookies are for it alone, and another address is not let in', async ({
  browser,
}) => {
  test.skip(
    spawnSync('openssl', ['version']).error !== undefined,
    'openssl, which makes the certificate, is not here',
  );
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
    // A page that is left may still ask for something while Oskil is stopped.
    passed.on('error', () => (to.headersSent ? to.destroy() : to.writeHead(502).end()));
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
