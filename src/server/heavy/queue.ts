import { fail, ok, type Result } from '@/core/result';
import { plural } from '@/core/words';
import { startThread, type Thread } from './start-thread';
import type { Done, Given, Kind } from './work';

/** So many wait for their turn; whoever comes then is told to come again. */
export const MAX_WAITING = 24;
/** What one takes, as told to whoever is sent away, s: a draft is given up after as many. */
const EACH_S = 4;
/** One that takes longer is given up, and the thread with it, ms. */
const LONGEST_MS = 60_000;

/** One per process; Next loads this module several times. */
const holder = globalThis as typeof globalThis & {
  oskilHeavy?: { thread: Thread | null; last: Promise<unknown>; waiting: number };
};
const state = () => (holder.oskilHeavy ??= { thread: null, last: Promise.resolve(), waiting: 0 });

/**
 * Heavy work in a thread of its own, one after the other, so that pages are answered meanwhile; or that it is busy, and for how long.
 * What it is given is put together when its turn comes, since that too takes its time.
 */
export async function heavy<K extends Kind>(
  kind: K,
  prepare: () => Promise<Result<Given<K>>>,
): Promise<Result<Done<K>>> {
  const queue = state();
  if (queue.waiting >= MAX_WAITING)
    return fail('busy', `Oskil is busy with others’ work. Try again in ${plural(waitS(), 'second')}.`);
  queue.waiting += 1;
  const mine = queue.last.then(async () => {
    const given = await prepare();
    return given.ok ? ok(await inThread(kind, given.value)) : given;
  });
  queue.last = mine.catch(() => undefined);
  try {
    return await mine;
  } finally {
    queue.waiting -= 1;
  }
}

/** When it is worth coming again, s. */
export const waitS = (): number => Math.min(60, state().waiting * EACH_S);

async function inThread<K extends Kind>(kind: K, given: Given<K>): Promise<Done<K>> {
  const queue = state();
  const thread = (queue.thread ??= startThread(() => (queue.thread = null)));
  const giveUp = setTimeout(() => thread.stop(), LONGEST_MS);
  try {
    return await thread.ask(kind, given);
  } finally {
    clearTimeout(giveUp);
  }
}
