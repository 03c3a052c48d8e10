import { Worker } from 'node:worker_threads';
import type { Told } from './thread';
import type { Done, Given, Kind } from './work';

export type Thread = {
  readonly ask: <K extends Kind>(kind: K, given: Given<K>) => Promise<Done<K>>;
  readonly stop: () => void;
};

type Waiting = { readonly resolve: (done: never) => void; readonly reject: (error: Error) => void };

/** A thread of its own for heavy work. When it dies, what it was asked is told so, and `onEnd` is called. */
export function startThread(onEnd: () => void): Thread {
  const worker = new Worker(new URL('./thread.ts', import.meta.url));
  const waiting = new Map<number, Waiting>();
  let serial = 0;
  worker.unref();
  worker.on('message', (told: Told) => {
    const one = waiting.get(told.id);
    waiting.delete(told.id);
    if ('done' in told) one?.resolve(told.done as never);
    else one?.reject(new Error(told.failed));
  });
  const end = (error: Error) => {
    for (const one of waiting.values()) one.reject(error);
    waiting.clear();
    onEnd();
  };
  worker.on('error', end);
  worker.on('exit', () => end(new Error('The thread ended')));
  return {
    ask: (kind, given) =>
      new Promise((resolve, reject) => {
        const id = serial++;
        waiting.set(id, { resolve: resolve as Waiting['resolve'], reject });
        worker.postMessage({ id, kind, given });
      }),
    stop: () => void worker.terminate(),
  };
}
