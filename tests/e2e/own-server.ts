import { spawn, type ChildProcess } from 'node:child_process';
import { cpSync, existsSync, mkdtempSync, rmSync } from 'node:fs';
import { request as ask, type IncomingHttpHeaders } from 'node:http';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { test } from '@playwright/test';
import { BLANK_PERSON } from './steps';

export const scratchFolder = (): string => mkdtempSync(join(tmpdir(), 'oskil-e2e-'));
export const removeFolder = (folder: string): void => rmSync(folder, { recursive: true, force: true });

export function freePort(): Promise<number> {
  return new Promise((resolve) => {
    const probe = createServer().listen(0, '127.0.0.1', () => {
      const address = probe.address();
      probe.close(() => resolve(typeof address === 'object' && address ? address.port : 0));
    });
  });
}

export type OwnServer = {
  readonly url: string;
  readonly output: () => string;
  /** End it and wait; returns its exit code, null when a signal ended it. */
  readonly stop: (signal: NodeJS.Signals) => Promise<number | null>;
  /** Resolves with the exit code when it ends by itself. */
  readonly ended: Promise<number | null>;
};

/** The built app on its own port and folder, run directly so that a signal reaches it; `asItIs` begins no folder anew. */
export async function startOwn(
  folder: string,
  env: Record<string, string> = {},
  knownPort?: number,
  { asItIs = false } = {},
): Promise<OwnServer> {
  const port = knownPort ?? (await freePort());
  // A new folder takes seconds to make, so it begins as a copy of one; that with the demo is of the demo's Tuesday.
  const isDemo = env.OSKIL_DEMO === '1' && env.OSKIL_TODAY === '2026-11-24';
  const like = (isDemo && process.env.OSKIL_E2E_DEMO) || process.env.OSKIL_E2E_EMPTY;
  if (like && !asItIs && !existsSync(join(folder, 'pg'))) cpSync(like, folder, { recursive: true });
  const url = `http://127.0.0.1:${port}`;
  let output = '';
  const child: ChildProcess = spawn(process.execPath, ['scripts/front.mjs', '127.0.0.1', String(port)], {
    env: { ...process.env, OSKIL_DATA: folder, ...env },
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  child.stdout?.on('data', (chunk: Buffer) => (output += chunk.toString()));
  child.stderr?.on('data', (chunk: Buffer) => (output += chunk.toString()));
  const ended = new Promise<number | null>((resolve) => child.once('exit', (code) => resolve(code)));
  for (let tries = 0; tries < 200 && child.exitCode === null; tries++) {
    const ok = await fetch(url).then(
      (r) => r.ok,
      () => false,
    );
    if (ok) break;
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  return {
    url,
    output: () => output,
    ended,
    stop: async (signal) => {
      child.kill(signal);
      return ended;
    },
  };
}

/** A server for all tests of one file, on a new folder; its address is there once they run. */
export function serverForFile(env: Record<string, string>): { readonly url: string } {
  const folder = scratchFolder();
  let server: OwnServer;
  test.beforeAll(async () => {
    server = await startOwn(folder, env);
  });
  test.afterAll(async () => {
    await server.stop('SIGTERM');
    removeFolder(folder);
  });
  return {
    get url() {
      return server.url;
    },
  };
}

/** POST or PUT JSON from outside a page. */
export async function send(method: string, url: string, body: unknown, headers: Record<string, string> = {}) {
  const response = await fetch(url, {
    method,
    // A connection kept for later may be closed by the server in the very moment it is taken again.
    headers: { 'content-type': 'application/json', connection: 'close', ...headers },
    body: typeof body === 'string' ? body : JSON.stringify(body),
  });
  const text = await response.text();
  return { status: response.status, text, json: JSON.parse(text) as Record<string, unknown> };
}

/** A server of its own on a port that it comes back to, with a class of talks under way. */
export async function openTalks(talks: readonly string[]) {
  const folder = scratchFolder();
  const port = await freePort();
  const start = () => startOwn(folder, {}, port);
  const server = await start();
  const id = await startTalks(server.url, talks);
  return { folder, server, start, id, path: `/classes/${id}/teach` };
}

/** A class with one person, Ida, in which there are only these talks of a minute, begun now; returns its id. */
async function startTalks(url: string, talks: readonly string[]): Promise<string> {
  const personId = String((await send('POST', `${url}/api/people`, BLANK_PERSON)).json.id);
  const made = { name: 'Gone class', place: '', day: '2031-03-05', startsAt: '10:30', slotMinutes: 45 };
  const id = String((await send('POST', `${url}/api/classes`, made)).json.id);
  await send('PUT', `${url}/api/classes/${id}/roster`, { personIds: [personId], helpers: [] });
  for (const [i, rowId] of talks.entries())
    await send('POST', `${url}/api/classes/${id}/plan`, {
      type: 'edit',
      version: i,
      label: 'Add',
      step: {
        type: 'insertRow',
        sectionId: 'arrive',
        index: i,
        row: { kind: 'talk', id: rowId, title: `Talk ${rowId}`, durationMs: 60_000 },
      },
    });
  await send('POST', `${url}/api/classes/${id}/start`, { startedAtMs: Date.now() });
  return id;
}

/** A request with whatever headers one likes, Host included. */
export const raw = (
  url: string,
  headers: Record<string, string>,
  method = 'GET',
): Promise<{ status: number; headers: IncomingHttpHeaders; body: string }> =>
  new Promise((resolve, reject) => {
    const { hostname, port } = new URL(url);
    const path = url.slice(url.indexOf(port) + port.length);
    const sent = ask({ hostname, port, path, method, headers }, (answer) => {
      let body = '';
      answer.on('data', (piece: Buffer) => (body += piece.toString()));
      answer.on('end', () => resolve({ status: answer.statusCode ?? 0, headers: answer.headers, body }));
    });
    sent.on('error', reject);
    sent.end();
  });

/** Somebody who looks is done. */
export const end = async (folder: string, server: OwnServer): Promise<void> => {
  await server.stop('SIGTERM');
  removeFolder(folder);
};
