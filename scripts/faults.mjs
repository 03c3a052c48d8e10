// Kills Oskil at random moments while it teaches, writes up, imports, backs up and starts, and asks each time whether
// all that was acknowledged is there; `npm run faults` cuts its power after that (power-cuts.mjs). `node scripts/faults.mjs 20` for so
// many kills. Needs a build.
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { answers, launch } from './lib/launch.mjs';
import { ensureBuilt, ensureInstalled } from './lib/prepare.mjs';
import { freePort } from './lib/scratch-server.mjs';
import { workAt } from './lib/work.mjs';

const KILLS = Number(process.argv[2] ?? 200);
const LONGEST_LIFE_MS = 2_500;
/** Every so many kills it is killed while it starts in an empty folder: while tables are made. */
const NEW_FOLDER_EVERY = 5;

ensureInstalled();
ensureBuilt();
const root = mkdtempSync(join(tmpdir(), 'oskil-faults-'));
const port = await freePort();
const url = `http://127.0.0.1:${port}`;
const troubles = [];
let starts = 0;
const { work, missing, count } = workAt(url);

async function main() {
  for (let i = 1; i <= KILLS && troubles.length === 0; i++) {
    if (i % NEW_FOLDER_EVERY === 0) await killedWhileStarting(join(root, `new-${i}`));
    else await killedAtWork(join(root, 'data'));
    if (i % 10 === 0) console.log(`${i} kills, ${count()} acknowledged writes, all there`);
  }
  const server = await started(join(root, 'data'));
  if (server) troubles.push(...(await missing()));
  await server?.kill('SIGTERM');
  rmSync(root, { recursive: true, force: true });
  for (const trouble of troubles) console.error(trouble);
  console.log(
    `${KILLS} kills, ${starts} starts, ${count()} acknowledged writes: ${troubles.length === 0 ? 'nothing is missing' : 'see above'}`,
  );
  process.exit(troubles.length === 0 ? 0 : 1);
}

/** Started, asked for everything, then set to work and killed in the middle of it. */
async function killedAtWork(folder) {
  const server = await started(folder);
  if (!server) return;
  troubles.push(...(await missing()));
  let over = false;
  const working = work(() => over);
  await pause(Math.random() * LONGEST_LIFE_MS);
  over = true;
  await server.kill('SIGKILL');
  await working;
}

/** Killed while an empty folder is made into one with tables; then it has to open. */
async function killedWhileStarting(folder) {
  const child = launched(folder);
  await pause(Math.random() * 4_000);
  await child.kill('SIGKILL');
  const again = await started(folder);
  if (again) await again.kill('SIGTERM');
  rmSync(folder, { recursive: true, force: true });
}

function launched(folder) {
  const { child, ended, output } = launch(folder, port, { OSKIL_DEMO: '1', OSKIL_TODAY: '2026-11-24' });
  /** The process that holds the data, which the lock names, and whatever started it. */
  const kill = async (signal) => {
    try {
      process.kill(JSON.parse(readFileSync(join(folder, 'oskil.lock'), 'utf8')).pid, signal);
    } catch {
      // It holds nothing yet.
    }
    child.kill(signal);
    await ended;
  };
  return { kill, child, output };
}

async function started(folder) {
  const server = launched(folder);
  starts += 1;
  if (await answers(url, server.child)) return server;
  troubles.push(`It did not start again:\n${server.output()}`);
  return null;
}

const pause = (ms) => new Promise((resolve) => setTimeout(resolve, ms));

await main();
