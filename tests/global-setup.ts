import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { makeBeginnings } from '../scripts/beginnings/beginnings';

/** As after a build: databases of the tests begin as copies too. */
export default async function globalSetup(): Promise<void> {
  const folder = mkdtempSync(join(tmpdir(), 'oskil-empty-'));
  process.env.OSKIL_BEGINNINGS = folder;
  await makeBeginnings(folder);
}
