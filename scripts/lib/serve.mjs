import { spawn } from 'node:child_process';
import { connect } from 'node:net';

/** Where it listens: this computer alone, unless OSKIL_HOST says otherwise and a passphrase is set. */
export const HOST = process.env.OSKIL_HOST ?? '127.0.0.1';
/** Where this computer itself finds it. */
const HERE = ['0.0.0.0', '::'].includes(HOST) ? '127.0.0.1' : HOST;
export const port = () => Number(process.env.OSKIL_PORT ?? 4820);

const answers = (p) =>
  new Promise((resolve) => {
    const socket = connect({ host: HERE, port: p });
    socket.once('connect', () => {
      socket.destroy();
      resolve(true);
    });
    socket.once('error', () => resolve(false));
  });

/** Start the built app on loopback and say where it is. Signals are passed on, so that the data closes cleanly. */
export async function serve(env) {
  const p = port();
  if (await answers(p)) {
    console.error(
      `Something already listens on http://${HOST}:${p}. Close it, or set OSKIL_PORT to another number.`,
    );
    process.exit(1);
  }
  const child = spawn(process.execPath, ['scripts/front.mjs', HOST, String(p)], {
    stdio: ['ignore', 'pipe', 'inherit'],
    env: { ...process.env, ...env },
  });
  let output = '';
  child.stdout.on('data', (chunk) => {
    output += chunk;
    if (process.env.OSKIL_VERBOSE) process.stdout.write(chunk);
  });
  for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => child.kill(signal));
  child.on('exit', (code) => {
    if (code) process.stdout.write(output);
    process.exit(code ?? 0);
  });
  while (!(await opens(`http://${HERE}:${p}/`))) await new Promise((resolve) => setTimeout(resolve, 200));
  console.log(`Oskil is at http://${HOST}:${p}`);
}

async function opens(url) {
  try {
    return (await fetch(url)).status === 200;
  } catch {
    return false;
  }
}
