import { openDB, type DBSchema } from 'idb';
import type { Letter } from '@/core/teach/waiting';

/** A letter that has not landed, and its key in the browser's store. */
export type Waiting = { readonly key: number | null; readonly letter: Letter };

interface Box extends DBSchema {
  outbox: { key: number; value: Letter; indexes: { class: string } };
}

const open = () =>
  openDB<Box>('oskil', 1, {
    upgrade: (db) =>
      void db.createObjectStore('outbox', { autoIncrement: true }).createIndex('class', 'classId'),
  });

/** Without the browser's store, as in some private windows, letters wait in the page alone. */
async function orElse<T>(work: () => Promise<T>, otherwise: T): Promise<T> {
  try {
    return await work();
  } catch (cause) {
    console.warn('The browser keeps nothing:', cause);
    return otherwise;
  }
}

/** Letters of a class that an earlier page could not send, in their order. */
export const waitingLetters = (classId: string): Promise<readonly Waiting[]> =>
  orElse(async () => {
    const db = await open();
    const index = db.transaction('outbox').store.index('class');
    const found: Waiting[] = [];
    for (let at = await index.openCursor(classId); at; at = await at.continue())
      found.push({ key: at.primaryKey, letter: at.value });
    return found;
  }, []);

/** Keep a letter until it has landed; null where the browser keeps nothing. */
export const keepLetter = (letter: Letter): Promise<number | null> =>
  orElse<number | null>(async () => (await open()).add('outbox', letter), null);

export const dropLetter = (key: number | null): Promise<void> =>
  orElse(async () => {
    if (key !== null) await (await open()).delete('outbox', key);
  }, undefined);
