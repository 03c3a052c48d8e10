import { execFileSync, spawn } from 'node:child_process';
import { chownSync, existsSync, mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { connect } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { run } from './prepare.mjs';
import { freePort } from './scratch-server.mjs';

const PLACE = '/usr/lib/postgresql';
const binaries = () => {
  const versions = existsSync(PLACE) ? readdirSync(PLACE).sort((a, b) => Number(b) - Number(a)) : [];
  return versions.map((v) => join(PLACE, v, 'bin')).find((bin) => existsSync(join(bin, 'postgres')));
};

/** Debian's PostgreSQL; installed where we may. Undefined where there is none. */
function findOrInstall() {
  if (binaries()) return binaries();
  const isDebianRoot = existsSync('/usr/bin/apt-get') && process.getuid?.() === 0;
  if (isDebianRoot && run('apt-get', ['update', '-qq']) === 0)
    run('apt-get', ['install', '-y', '-qq', 'postgresql'], { DEBIAN_FRONTEND: 'noninteractive' });
  return binaries();
}

/** A server of our own on loopback, in a temporary folder; null where there is no PostgreSQL to be had. */
export async function startPostgres() {
  const bin = findOrInstall();
  if (!bin) return null;
  const folder = mkdtempSync(join(tmpdir(), 'oskil-postgres-'));
  const who = plainUser();
  if (who.uid !== undefined) chownSync(folder, who.uid, who.gid);
  const data = join(folder, 'data');
  // PostgreSQL refuses to be run by root.
  execFileSync(join(bin, 'initdb'), ['-D', data, '-U', 'oskil', '-A', 'trust', '-E', 'UTF8', '--no-sync'], {
    ...who,
    cwd: folder,
    stdio: 'ignore',
  });
  const port = await freePort();
  const settings = ['listen_addresses=127.0.0.1', `port=${port}`, `unix_socket_directories=${folder}`];
  const quick = ['fsync=off', 'full_page_writes=off', 'max_connections=60'];
  const server = spawn(
    join(bin, 'postgres'),
    ['-D', data, ...[...settings, ...quick].flatMap((s) => ['-c', s])],
    {
      ...who,
      cwd: folder,
      stdio: 'ignore',
    },
  );
  const stop = async () => {
    const ended = new Promise((resolve) => server.once('exit', resolve));
    server.kill('SIGINT');
    await ended;
    rmSync(folder, { recursive: true, force: true });
  };
  if (await listens(port, server)) return { url: `postgresql://oskil@127.0.0.1:${port}/postgres`, stop };
  await stop();
  return null;
}

/** Who runs the server when we are root: Debian's user for it, else nobody. */
function plainUser() {
  if (process.getuid?.() !== 0) return {};
  for (const name of ['postgres', 'nobody'])
    try {
      const id = (which) => Number(execFileSync('id', [which, name]).toString());
      return { uid: id('-u'), gid: id('-g') };
    } catch {
      // Not on this machine.
    }
  return {};
}

async function listens(port, server) {
  for (let tries = 0; tries < 150 && server.exitCode === null; tries++) {
    const up = await new Promise((resolve) => {
      const socket = connect({ host: '127.0.0.1', port });
      socket.once('connect', () => resolve(socket.destroy() !== null));
      socket.once('error', () => resolve(false));
    });
    // It listens a moment before it takes anybody in.
    await new Promise((resolve) => setTimeout(resolve, up ? 500 : 200));
    if (up) return true;
  }
  return false;
}
