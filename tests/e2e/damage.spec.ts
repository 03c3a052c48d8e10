import { existsSync, readdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { expect, test } from '@playwright/test';
import { removeFolder, scratchFolder, send, startOwn } from './own-server';

test('a damaged folder is told of with the way back, and the backup takes its place', async () => {
  test.slow();
  const folder = scratchFolder();
  try {
    const first = await startOwn(folder, { OSKIL_DEMO: '1', OSKIL_TODAY: '2026-11-24' });
    const made = await send('POST', `${first.url}/api/backups`, {});
    expect(made.status).toBe(200);
    await first.stop('SIGTERM');
    rmSync(join(folder, 'pg', 'global', 'pg_control'));

    const refused = await startOwn(folder);
    expect(await refused.ended).toBe(1);
    const file = join(folder, 'backups', String(made.json.name));
    expect(refused.output()).toContain('is damaged and cannot be opened. It was left as it is.');
    expect(refused.output()).toContain(`npm run restore -- ${file}`);

    const restored = await startOwn(folder, { OSKIL_RESTORE: file });
    const people = await (await fetch(`${restored.url}/people`)).text();
    expect(people).toContain('Ansel');
    expect(existsSync(join(folder, 'pg-aside-1'))).toBe(true);
    await restored.stop('SIGTERM');

    const again = await startOwn(folder);
    expect(await (await fetch(`${again.url}/people`)).text()).toContain('Ansel');
    await again.stop('SIGTERM');
  } finally {
    removeFolder(folder);
  }
});

test('a backup that is none is not restored at the start, and what is there stays', async () => {
  const folder = scratchFolder();
  try {
    const first = await startOwn(folder);
    await first.stop('SIGTERM');
    const refused = await startOwn(folder, { OSKIL_RESTORE: 'package.json' });
    expect(await refused.ended).toBe(1);
    expect(refused.output()).toMatch(/damaged|not a backup/);
    expect(readdirSync(folder)).toContain('pg');
    expect(readdirSync(folder).some((f) => f.startsWith('pg-aside'))).toBe(false);
  } finally {
    removeFolder(folder);
  }
});

test('other computers are let in only when there is a passphrase; a database server that is not there is told of', async () => {
  const folder = scratchFolder();
  try {
    const open = await startOwn(folder, { OSKIL_HOST: '0.0.0.0' });
    expect(await open.ended).toBe(1);
    expect(open.output()).toContain('no passphrase is set. Start it without them');
    const lost = await startOwn(folder, { DATABASE_URL: 'postgresql://oskil@127.0.0.1:1/oskil' });
    expect(await lost.ended).toBe(1);
    expect(lost.output()).toContain('does not answer; is it running?');
  } finally {
    removeFolder(folder);
  }
});
