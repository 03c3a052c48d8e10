import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { beginningFor, beginningName } from '@/store/beginning';

const before = process.env.OSKIL_BEGINNINGS;
let folder: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'oskil-beginning-'));
  process.env.OSKIL_BEGINNINGS = folder;
});
afterEach(() => {
  process.env.OSKIL_BEGINNINGS = before;
  rmSync(folder, { recursive: true });
});

test('a database begins as the copy of its own migration, else as the engine makes it', async () => {
  writeFileSync(join(folder, beginningName(0)), 'as the engine makes it');
  writeFileSync(join(folder, beginningName(39)), 'up to 39');
  expect(await beginningFor(39)?.text()).toBe('up to 39');
  expect(await beginningFor(38)?.text()).toBe('as the engine makes it');
  expect(await beginningFor(40)?.text()).toBe('as the engine makes it');
});

test('where nothing was built there is nothing to begin as', () => {
  expect(beginningFor(39)).toBeNull();
});
