import { spawn } from 'node:child_process';
import { cpSync, mkdtempSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { answers, launch } from './launch.mjs';

/** A folder as Oskil makes it when it is first started, for others to begin as copies of; null when that fails. */
export async function emptyFolder(folder, env = {}) {
  const port = await freePort();
  const { child, ended } = launch(folder, port, env);
  const started = await answers(`http://127.0.0.1:${port}`, child);
  child.kill('SIGTERM');
  return (await ended) === 0 && started ? folder : null;
}

/** The same with the demo in it, as it is on a day. */
export function demoFolder(folder, empty, today) {
  cpSync(empty, folder, { recursive: true });
  return emptyFolder(folder, { OSKIL_DEMO: '1', OSKIL_TODAY: today });
}

/**
 * The demo on a free port with data of its own, begun as a copy of a folder where there is one; `stop` closes it and says whether it
 * closed cleanly.
 */
export async function startScratchDemo(env = {}, like = null) {
  const folder = mkdtempSync(join(tmpdir(), 'oskil-scratch-'));
  if (like) cpSync(like, join(folder, 'data'), { recursive: true });
  const port = await freePort();
  const server = spawn(process.execPath, ['scripts/demo.mjs'], {
    stdio: 'inherit',
    env: { ...process.env, OSKIL_DATA: join(folder, 'data'), OSKIL_PORT: String(port), ...env },
  });
  const url = `http://127.0.0.1:${port}`;
  const started = await ready(url, server);
  const stop = async () => {
    const closed = new Promise((resolve) => server.once('exit', resolve));
    server.kill('SIGTERM');
    const clean = (await closed) === 0;
    rmSync(folder, { recursive: true, force: true });
    return clean;
  };
  return { url, started, stop };
}

async function ready(url, server) {
  for (let tries = 0; tries < 300 && server.exitCode === null; tries++) {
    try {
      if ((await fetch(url)).ok) return true;
    } catch {
      // Not listening yet.
    }
    await new Promise((resolve) => setTimeout(resolve, 200));
  }
  return false;
}

export function freePort() {
  return new Promise((resolve) => {
    const probe = createServer().listen(0, '127.0.0.1', () => {
      const { port } = probe.address();
      probe.close(() => resolve(port));
    });
  });
}
