import { expect, test } from '@playwright/test';
import { randomUUID } from 'node:crypto';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { BLANK_PERSON } from './steps';
import { removeFolder, scratchFolder, send, startOwn, type OwnServer } from './own-server';

test.describe.configure({ mode: 'serial' });

async function classUnderWay(url: string) {
  const person = await send('POST', `${url}/api/people`, BLANK_PERSON);
  const personId = String(person.json.id);
  const made = await send('POST', `${url}/api/classes`, {
    name: 'Crash class',
    place: '',
    day: '2026-11-25',
    startsAt: '10:30',
    slotMinutes: 45,
  });
  const id = String(made.json.id);
  await send('PUT', `${url}/api/classes/${id}/roster`, { personIds: [personId], helpers: [] });
  const row = { kind: 'talk', id: 'hello', title: 'Hello', durationMs: 60_000 };
  await send('POST', `${url}/api/classes/${id}/plan`, {
    type: 'edit',
    version: 0,
    label: 'Add',
    step: { type: 'insertRow', sectionId: 'arrive', index: 0, row },
  });
  await send('POST', `${url}/api/classes/${id}/start`, { startedAtMs: Date.now() });
  return { id, personId };
}

/** Mark without pause until the server is gone; returns the ids it said were stored. */
async function markUntilGone(url: string, id: string, personId: string, stored: string[]) {
  for (;;) {
    const mark = { id: randomUUID(), personId, rowId: 'hello', mark: 'did', atMs: stored.length };
    const reply = await send('POST', `${url}/api/classes/${id}/marks`, mark).catch(() => null);
    if (!reply) return;
    if (reply.status === 200) stored.push(mark.id);
  }
}

test('killed in the middle of a class, every mark that was acknowledged is there again', async () => {
  test.setTimeout(480_000);
  const folder = scratchFolder();
  let server: OwnServer = await startOwn(folder);
  const { id, personId } = await classUnderWay(server.url);
  const stored: string[] = [];
  for (const marks of [2, 9, 25]) {
    const marking = markUntilGone(server.url, id, personId, stored);
    await expect.poll(() => stored.length, { intervals: [5] }).toBeGreaterThanOrEqual(marks);
    await server.stop('SIGKILL');
    await marking;
    server = await startOwn(folder);
    expect(server.output()).not.toContain('could not be opened');
    const page = await (await fetch(`${server.url}/classes/${id}/teach`)).text();
    for (const mark of stored) expect(page.includes(mark), `mark ${mark} of ${stored.length}`).toBe(true);
  }
  await server.stop('SIGTERM');
  removeFolder(folder);
});

test('a second process on the same folder is refused with a sentence; a clean end gives the folder back', async () => {
  test.setTimeout(480_000);
  const folder = scratchFolder();
  const first = await startOwn(folder);
  const second = await startOwn(folder);
  expect(await second.ended).toBe(1);
  expect(second.output()).toMatch(/Another Oskil is using the data in .* Nothing was touched/);
  expect((await fetch(first.url)).status).toBe(200);
  expect(await first.stop('SIGTERM')).toBe(0);
  expect(existsSync(join(folder, 'oskil.lock'))).toBe(false);
  const third = await startOwn(folder);
  expect((await fetch(third.url)).status).toBe(200);
  expect(await third.stop('SIGINT')).toBe(0);
  removeFolder(folder);
});
