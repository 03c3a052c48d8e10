// Oskil with a backup in place of what its folder holds; that is put aside. `npm run restore -- FILE`, with
// OSKIL_DATA as for `npm start`.
import { existsSync } from 'node:fs';
import { resolve } from 'node:path';
import { ensureBuilt, ensureInstalled } from './lib/prepare.mjs';
import { serve } from './lib/serve.mjs';

const file = process.argv[2];
if (!file || !existsSync(file)) {
  console.error(file ? `There is no file ${file}.` : 'Say which backup: npm run restore -- FILE');
  process.exit(1);
}
ensureInstalled();
ensureBuilt();
await serve({ OSKIL_DATA: process.env.OSKIL_DATA ?? './data', OSKIL_RESTORE: resolve(file) });
