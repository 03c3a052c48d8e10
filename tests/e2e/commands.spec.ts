import { expect, test } from '@playwright/test';
import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { removeFolder, scratchFolder, send, startOwn } from './own-server';
import { BLANK_PERSON } from './steps';

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
  const first = await startOwn(folder, { OSKIL_DEMO: '1' });
  expect(existsSync(join(folder, 'demo.json'))).toBe(true);
  await send('POST', `${first.url}/api/people`, { ...BLANK_PERSON, firstName: 'Zebedee' });
  await first.stop('SIGTERM');
  const again = await startOwn(folder, { OSKIL_DEMO: '1' });
  expect(await names(again.url)).toContain('Zebedee');
  await again.stop('SIGTERM');
  const fresh = await startOwn(folder, { OSKIL_DEMO: '1', OSKIL_FRESH: '1' });
  expect(await names(fresh.url)).not.toContain('Zebedee');
  expect(await names(fresh.url)).toContain('Bashir');
  await fresh.stop('SIGTERM');
  removeFolder(folder);
});

test('a port in use is said plainly', async () => {
  const folder = scratchFolder();
  const server = await startOwn(folder);
  const port = new URL(server.url).port;
  const other = scratchFolder();
  const { status, stderr } = spawnSync(process.execPath, ['scripts/start.mjs'], {
    env: { ...process.env, OSKIL_DATA: other, OSKIL_PORT: port },
    encoding: 'utf8',
  });
  expect(status).toBe(1);
  expect(stderr).toContain(`Something already listens on http://127.0.0.1:${port}`);
  await server.stop('SIGTERM');
  removeFolder(folder);
  removeFolder(other);
});
