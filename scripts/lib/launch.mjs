import { spawn } from 'node:child_process';

/** The built app itself on a port and a folder, so that a signal reaches it; what it printed, and when it ended. */
export function launch(folder, port, env = {}) {
  let output = '';
  const child = spawn(process.execPath, ['scripts/front.mjs', '127.0.0.1', String(port)], {
    stdio: ['ignore', 'pipe', 'pipe'],
    env: { ...process.env, OSKIL_DATA: folder, ...env },
  });
  for (const stream of [child.stdout, child.stderr]) stream.on('data', (chunk) => (output += chunk));
  const ended = new Promise((resolve) => child.once('exit', resolve));
  return { child, ended, output: () => output };
}

/** Whether it answers before it ends or a minute is over. */
export async function answers(url, child) {
  const until = Date.now() + 60_000;
  while (child.exitCode === null && Date.now() < until) {
    const up = await fetch(url).then(
      (r) => r.ok,
      () => false,
    );
    if (up) return true;
    await new Promise((resolve) => setTimeout(resolve, 20));
  }
  return false;
}
