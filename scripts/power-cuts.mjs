// Cuts the power of Oskil while it writes, as far as a disk can tell: its folder is on a file system of its own in an image, which is
// copied as it is in the middle of the work, with whatever has reached it by then. What was acknowledged must be in the copy.
// `node scripts/power-cuts.mjs 20`. Needs a build, root and loop devices; says so where it cannot.
import { execFileSync, spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, mkdtempSync, renameSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { answers, launch } from './lib/launch.mjs';
import { ensureBuilt, ensureInstalled } from './lib/prepare.mjs';
import { freePort } from './lib/scratch-server.mjs';
import { workAt } from './lib/work.mjs';

const CUTS = Number(process.argv[2] ?? 20);
const IMAGE_MB = 700;
const LONGEST_WORK_MS = 6_000;
/** Copies are made until two in a row are the same, so that none is half of one moment and half of another. */
const MAX_COPIES = 20;

ensureInstalled();
ensureBuilt();
const root = mkdtempSync(join(tmpdir(), 'oskil-power-'));
const [image, copy, again, mount] = ['image', 'copy', 'again', 'mount'].map((name) => join(root, name));
const port = await freePort();
const url = `http://127.0.0.1:${port}`;
const { work, missing, count } = workAt(url);
const pause = (ms) => new Promise((resolve) => setTimeout(resolve, ms));
const run = (command, ...args) => execFileSync(command, args, { stdio: 'pipe' });

async function main() {
  if (!canMount()) {
    console.log('No power was cut: this needs root and loop devices, which are not here.');
    return 0;
  }
  for (let i = 1; i <= CUTS; i++) {
    const troubles = await cutWhileWriting();
    if (troubles.length > 0) {
      console.error(`After power cut ${i}, of ${count()} acknowledged writes:\n${troubles.join('\n')}`);
      return 1;
    }
    console.log(`${i} power cuts, ${count()} acknowledged writes, all there`);
  }
  return 0;
}

/** Works, is cut off, and is asked for everything from the copy that was made, which the next one goes on with. */
async function cutWhileWriting() {
  const server = await start();
  let over = false;
  const working = work(() => over);
  await pause(1_500 + Math.random() * LONGEST_WORK_MS);
  over = true;
  server.child.kill('SIGSTOP');
  copyOfThisMoment();
  server.child.kill('SIGKILL');
  await server.ended;
  await working;
  unmount();
  renameSync(copy, image);
  const after = await start();
  const troubles = await missing();
  after.child.kill('SIGTERM');
  await after.ended;
  unmount();
  return troubles;
}

async function start() {
  run('mount', '-o', 'loop', image, mount);
  const server = launch(join(mount, 'data'), port, { OSKIL_DEMO: '1', OSKIL_TODAY: '2026-11-24' });
  if (await answers(url, server.child)) return server;
  throw new Error(`It did not start:\n${server.output()}`);
}

function copyOfThisMoment() {
  run('cp', image, copy);
  for (let i = 0; i < MAX_COPIES; i++) {
    run('cp', image, again);
    const isSame = spawnSync('cmp', ['-s', copy, again]).status === 0;
    renameSync(again, copy);
    if (isSame) return;
  }
  throw new Error('The image did not stand still.');
}

function unmount() {
  for (let tries = 0; spawnSync('umount', [mount]).status !== 0; tries++)
    if (tries > 50) throw new Error('umount');
}

/** An image with a file system, if one can be made and mounted. */
function canMount() {
  if (process.getuid?.() !== 0 || !existsSync('/dev/loop-control')) return false;
  try {
    mkdirSync(mount);
    run('truncate', '-s', `${IMAGE_MB}M`, image);
    run('mkfs.ext4', '-q', '-F', image);
    run('mount', '-o', 'loop', image, mount);
    unmount();
    return true;
  } catch {
    return false;
  }
}

let failed = 1;
try {
  failed = await main();
} finally {
  spawnSync('umount', ['-l', mount]);
  rmSync(root, { recursive: true, force: true });
}
process.exit(failed);
