// Random inputs in their full number with a new seed: `npm run fuzz`, or `npm run fuzz -- SEED` to have one again. A seed that
// failed is kept in tests/failed-seeds.txt; whoever mends it makes a test of what it found.
import { spawnSync } from 'node:child_process';
import { randomInt } from 'node:crypto';
import { appendFileSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { ensureInstalled } from './lib/prepare.mjs';

const KEPT = 'tests/failed-seeds.txt';
const asked = process.argv[2];
if (asked !== undefined && !/^\d{1,9}$/.test(asked)) {
  console.error('A seed is a whole number of up to nine figures.');
  process.exit(1);
}
ensureInstalled();
const seed = asked ?? String(randomInt(1_000_000_000));
const files = readdirSync('tests', { recursive: true, encoding: 'utf8' })
  .map((name) => join('tests', name))
  .filter((path) => path.endsWith('.test.ts') && /fast-check|\/runs'/.test(readFileSync(path, 'utf8')));
console.log(`Seed ${seed}, ${files.length} files`);
const { status } = spawnSync('npm', ['run', '-s', 'unit', '--', '--testTimeout=3600000', ...files], {
  stdio: 'inherit',
  env: { ...process.env, OSKIL_FUZZ: seed },
});
if (status !== 0) {
  if (!asked) appendFileSync(KEPT, `${seed}\n`);
  console.error(
    `It failed with seed ${seed}${asked ? '' : `, kept in ${KEPT}`}. Again: npm run fuzz -- ${seed}`,
  );
}
process.exit(status ?? 1);
