import { openDB, type DBSchema } from 'idb';
import type { ClassAnswer, EventsBody, Letter, SentMark, TeachState } from '@/core/teach';

/** A letter that has not landed, and its key in the browser's store. */
export type Waiting = { readonly key: number | null; readonly letter: Letter };

/**
 * What has landed of a class, for a page that is opened while Oskil cannot be reached: where it stood, and its marks. Not what was
 * said on the way, which the server has.
 */
type Known = {
  readonly classId: string;
  readonly keptAt: number;
  readonly stood: { readonly nextSeq: number; readonly state: TeachState } | null;
  readonly marks: readonly SentMark[];
  /** Missing in what was kept before answers were. */
  readonly answers?: readonly ClassAnswer[];
};

/** A letter that Oskil refused for good, and why. It is kept until somebody has seen it. */
export type SetAside = { readonly letter: Letter; readonly why: string };

interface Box extends DBSchema {
  outbox: { key: number; value: Letter; indexes: { class: string } };
  aside: { key: number; value: SetAside };
  known: { key: string; value: Known };
}

const open = () =>
  openDB<Box>('oskil', 3, {
    upgrade: (db, from) => {
      if (from < 1) db.createObjectStore('outbox', { autoIncrement: true }).createIndex('class', 'classId');
      if (from < 2) db.createObjectStore('known', { keyPath: 'classId' });
      if (from < 3) db.createObjectStore('aside', { autoIncrement: true });
    },
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

export const setAside = (one: SetAside): Promise<void> =>
  orElse(async () => void (await (await open()).add('aside', one)), undefined);

/** What of a class was refused, earlier pages included. */
export const allSetAside = (classId: string): Promise<readonly SetAside[]> =>
  orElse<readonly SetAside[]>(
    async () => (await (await open()).getAll('aside')).filter((one) => one.letter.classId === classId),
    [],
  );

/** Somebody has seen them. */
export const dropAside = (classId: string): Promise<void> =>
  orElse(async () => {
    const store = (await open()).transaction('aside', 'readwrite').store;
    for (let at = await store.openCursor(); at; at = await at.continue())
      if (at.value.letter.classId === classId) await at.delete();
  }, undefined);

const DAY_MS = 86_400_000;

/** A letter has landed; what is known of other classes is forgotten after a day. */
export const keepKnown = ({ classId, ...letter }: Letter): Promise<void> =>
  orElse(async () => {
    const store = (await open()).transaction('known', 'readwrite').store;
    const all = await store.getAll();
    for (const old of all) if (old.keptAt < Date.now() - DAY_MS) await store.delete(old.classId);
    const { stood = null, marks = [], answers = [] } = all.find((k) => k.classId === classId) ?? {};
    await store.put({
      classId,
      keptAt: Date.now(),
      stood: letter.kind === 'events' ? stoodAfter(letter.body) : stood,
      marks: letter.kind === 'marks' ? [...marks.filter((m) => m.id !== letter.body.id), letter.body] : marks,
      answers:
        letter.kind === 'answers'
          ? [...answers.filter((a) => a.id !== letter.body.id), letter.body]
          : answers,
    });
  }, undefined);

/** What has landed of a class from this browser, in the order in which it is put on top of an older page. */
export const knownLetters = (classId: string): Promise<readonly Letter[]> =>
  orElse<readonly Letter[]>(async () => {
    const known = await (await open()).get('known', classId);
    if (!known) return [];
    return [
      ...known.marks.map((body): Letter => ({ kind: 'marks', classId, body })),
      ...(known.answers ?? []).map((body): Letter => ({ kind: 'answers', classId, body })),
      ...(known.stood ? [stoodLetter(classId, known.stood)] : []),
    ];
  }, []);

const stoodAfter = ({ firstSeq, events, state }: EventsBody): Known['stood'] => ({
  nextSeq: firstSeq + events.length,
  state,
});
const stoodLetter = (classId: string, { nextSeq, state }: NonNullable<Known['stood']>): Letter => ({
  kind: 'events',
  classId,
  body: { firstSeq: nextSeq, events: [], state },
});

export const forgetKnown = (classId: string): Promise<void> =>
  orElse(async () => (await open()).delete('known', classId), undefined);
