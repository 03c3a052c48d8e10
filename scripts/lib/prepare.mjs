import { spawn, spawnSync } from 'node:child_process';
import { existsSync, readdirSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';

/** Run a command with its output shown; returns its exit code. */
export function run(command, args, env = {}) {
  const { status } = spawnSync(command, args, { stdio: 'inherit', env: { ...process.env, ...env } });
  return status ?? 1;
}

/** The same, beside others. */
export function runBeside(command, args, env = {}) {
  const child = spawn(command, args, { stdio: 'inherit', env: { ...process.env, ...env } });
  return new Promise((resolve) => child.once('exit', (code) => resolve(code ?? 1)));
}

/** What is wrong with this Node, said in a sentence; nothing when it is new enough. */
export function nodeTooOld(version = process.versions.node) {
  const oldest = JSON.parse(readFileSync('package.json', 'utf8')).engines.node.slice('>='.length);
  const [[major, minor], [leastMajor, leastMinor]] = [version, oldest].map((v) => v.split('.').map(Number));
  if (major > leastMajor || (major === leastMajor && minor >= leastMinor)) return null;
  return `Oskil needs Node ${oldest} or newer, and this is ${version}. Install a newer one and start again.`;
}

/** Install the packages of the lock file when they are missing or older than it. */
export function ensureInstalled() {
  const tooOld = nodeTooOld();
  if (tooOld) {
    console.error(tooOld);
    process.exit(1);
  }
  const stamp = 'node_modules/.package-lock.json';
  if (existsSync(stamp) && statSync(stamp).mtimeMs >= statSync('package-lock.json').mtimeMs) return;
  console.log('Installing packages');
  if (run('npm', ['ci', '--no-audit', '--no-fund']) !== 0) {
    console.error(
      'The packages could not be installed. Check the connection to the npm registry and try again.',
    );
    process.exit(1);
  }
}

/** Build when there is no build, or when a source is newer than it. */
export function ensureBuilt() {
  const stamp = '.next/BUILD_ID';
  const sources = ['src', 'next.config.ts', 'package-lock.json', 'postcss.config.mjs'];
  const newest = Math.max(...sources.map(newestIn));
  if (existsSync(stamp) && statSync(stamp).mtimeMs > newest) return;
  console.log('Building Oskil, about a minute');
  if (build() !== 0) {
    console.error('The build failed; the lines above say why.');
    process.exit(1);
  }
}

/** The app, and what new databases begin as copies of. */
export const build = () => run('npm', ['run', '-s', 'build'], { NEXT_TELEMETRY_DISABLED: '1' });

function newestIn(path) {
  const stat = statSync(path);
  if (!stat.isDirectory()) return stat.mtimeMs;
  return Math.max(stat.mtimeMs, ...readdirSync(path).map((name) => newestIn(join(path, name))));
}
