import { expect, test } from '@playwright/test';
import { spawnSync } from 'node:child_process';
import { once } from 'node:events';
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { createServer, type AddressInfo } from 'node:net';
import { join } from 'node:path';
import { removeFolder, scratchFolder, send, startOwn } from './own-server';
import { BLANK_PERSON } from './steps';

/** The day of the demo that others begin as copies of. */
const DEMO = { OSKIL_DEMO: '1', OSKIL_TODAY: '2026-11-24' };

test('resetting the demo never deletes data that is not the demo’s without being told to', () => {
  const folder = scratchFolder();
  mkdirSync(join(folder, 'pg'));
  writeFileSync(join(folder, 'pg', 'mine'), 'my people');
  const { status, stderr } = spawnSync(process.execPath, ['scripts/demo.mjs', '--reset'], {
    env: { ...process.env, OSKIL_DATA: folder },
    input: '',
    encoding: 'utf8',
  });
  expect(status).toBe(1);
  expect(stderr).toContain('is not the demo');
  expect(stderr).toContain('Nothing was deleted.');
  expect(readFileSync(join(folder, 'pg', 'mine'), 'utf8')).toBe('my people');
  removeFolder(folder);
});

test('a fresh demo forgets what was added; an ordinary start keeps it and adds no demo people to it', async () => {
  test.setTimeout(480_000);
  const folder = scratchFolder();
  const names = async (url: string) => (await fetch(`${url}/people`)).text();
  const first = await startOwn(folder, DEMO);
  await send('POST', `${first.url}/api/people`, { ...BLANK_PERSON, firstName: 'Zebedee' });
  await first.stop('SIGTERM');
  const again = await startOwn(folder, DEMO);
  expect(await names(again.url)).toContain('Zebedee');
  await again.stop('SIGTERM');
  rmSync(join(folder, 'demo.json'));
  const fresh = await startOwn(folder, { ...DEMO, OSKIL_FRESH: '1' });
  expect(await names(fresh.url)).not.toContain('Zebedee');
  expect(await names(fresh.url)).toContain('Bashir');
  expect(existsSync(join(folder, 'demo.json'))).toBe(true);
  await fresh.stop('SIGTERM');
  removeFolder(folder);
});

test('a port in use is said plainly', async () => {
  const other = createServer().listen(0, '127.0.0.1');
  await once(other, 'listening');
  const { port } = other.address() as AddressInfo;
  const folder = scratchFolder();
  const { status, stderr } = spawnSync(process.execPath, ['scripts/start.mjs'], {
    env: { ...process.env, OSKIL_DATA: folder, OSKIL_PORT: String(port) },
    encoding: 'utf8',
  });
  expect(status).toBe(1);
  expect(stderr).toContain(`Something already listens on http://127.0.0.1:${port}`);
  other.close();
  removeFolder(folder);
});
