// Oskil with the made-up demo data. `-- --reset` starts the demo afresh.
import { existsSync, readdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { createInterface } from 'node:readline/promises';
import { ensureBuilt, ensureInstalled } from './lib/prepare.mjs';
import { serve } from './lib/serve.mjs';

const folder = process.env.OSKIL_DATA ?? './data/demo';

if (process.argv.includes('--reset')) await reset();
ensureInstalled();
ensureBuilt();
await serve({ OSKIL_DATA: folder, OSKIL_DEMO: '1' });

async function reset() {
  if (!existsSync(folder) || readdirSync(folder).length === 0) return;
  if (existsSync(join(folder, 'oskil.lock'))) {
    console.error(`The data in ${folder} may be in use. Close the other Oskil first; if none runs, start and close it once.`);
    process.exit(1);
  }
  if (!existsSync(join(folder, 'demo.json')) && !(await agreed())) {
    console.error('Nothing was deleted.');
    process.exit(1);
  }
  for (const name of ['pg', 'demo.json']) rmSync(join(folder, name), { recursive: true, force: true });
}

/** Data that is not the demo's goes only when someone says so. */
async function agreed() {
  if (!process.stdin.isTTY) {
    console.error(`The data in ${folder} is not the demo's, and there is nobody to ask.`);
    return false;
  }
  const lines = createInterface({ input: process.stdin, output: process.stdout });
  const answer = await lines.question(`The data in ${folder} is not the demo's. Delete it? Type "delete" to go on: `);
  lines.close();
  return answer.trim() === 'delete';
}
