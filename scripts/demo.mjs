// Oskil with the made-up demo data. `-- --reset` starts the demo afresh.
import { existsSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { createInterface } from 'node:readline/promises';
import { ensureBuilt, ensureInstalled } from './lib/prepare.mjs';
import { serve } from './lib/serve.mjs';

const folder = process.env.OSKIL_DATA ?? './data/demo';

const fresh = process.argv.includes('--reset');
if (fresh && !(await mayReset())) {
  console.error('Nothing was deleted.');
  process.exit(1);
}
ensureInstalled();
ensureBuilt();
// The server itself clears the folder, once it has the lock on it.
await serve({ OSKIL_DATA: folder, OSKIL_DEMO: '1', ...(fresh ? { OSKIL_FRESH: '1' } : {}) });

async function mayReset() {
  const empty = !existsSync(folder) || readdirSync(folder).length === 0;
  return empty || existsSync(join(folder, 'demo.json')) || agreed();
}

/** Data that is not the demo's goes only when someone says so. */
async function agreed() {
  if (!process.stdin.isTTY) {
    console.error(`The data in ${folder} is not the demo's, and there is nobody to ask.`);
    return false;
  }
  const lines = createInterface({ input: process.stdin, output: process.stdout });
  const answer = await lines.question(
    `The data in ${folder} is not the demo's. Delete it? Type "delete" to go on: `,
  );
  lines.close();
  return answer.trim() === 'delete';
}
