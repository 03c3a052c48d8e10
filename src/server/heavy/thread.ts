import { parentPort } from 'node:worker_threads';
import { work, type Given, type Kind } from './work';

/** One piece of work, and what became of it. */
export type Asked = { readonly id: number; readonly kind: Kind; readonly given: Given<Kind> };
export type Told = { readonly id: number } & ({ readonly done: unknown } | { readonly failed: string });

/** The thread itself: one after the other, as they are asked for. */
parentPort?.on('message', ({ id, kind, given }: Asked) => {
  const tell = (told: Told) => parentPort?.postMessage(told);
  work(kind, given).then(
    (done) => tell({ id, done }),
    (error: Error) => tell({ id, failed: `${error.name}: ${error.message}` }),
  );
});
