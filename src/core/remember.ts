import { frozen } from './frozen';

/** What hangs on an object in a weak map, made when it is first asked for. */
export function remembered<K extends object, V>(map: WeakMap<K, V>, key: K, make: () => V): V {
  const known = map.get(key);
  if (known !== undefined) return known;
  const made = make();
  map.set(key, made);
  return made;
}

/** Keys may be a few or many, so every step holds both the words that end there and the way on. */
type Step<V> = { readonly next: WeakMap<object, Step<V>>; readonly words: Map<string, V> };
const newStep = <V>(): Step<V> => ({ next: new WeakMap(), words: new Map() });

/**
 * A value remembered by the identity of several objects and a word; it is forgotten with any of them.
 * Only for values that depend on nothing else.
 */
export function memo<V>(): (keys: readonly object[], word: string, make: () => V) => V {
  const root = newStep<V>();
  return (keys, word, make) => {
    let step = root;
    for (const key of keys) step = remembered(step.next, key, newStep<V>);
    const known = step.words.get(word);
    if (known !== undefined) return known;
    const made = make();
    step.words.set(word, made);
    return made;
  };
}

/**
 * Equal values as one object, the first of them that came, so that what is remembered by its identity holds for all of them; the
 * last `most` are known.
 */
export function oneOfEqual<T extends object>(most: number): (value: T) => T {
  const known = new Map<string, T>();
  return (value) => {
    const key = JSON.stringify(value);
    const same = known.get(key) ?? frozen(value);
    known.delete(key);
    known.set(key, same);
    for (const oldest of known.keys()) {
      if (known.size <= most) break;
      known.delete(oldest);
    }
    return same;
  };
}

/**
 * `next` with whatever in it equals what was there before as that same object, so that what is remembered by its identity goes on
 * holding. Entries of a list are met by their id where they have one, else by their place.
 */
export function sharing<T>(before: T, next: T): T {
  if (Object.is(before, next) || !isHolder(before) || !isHolder(next)) return next;
  if (Array.isArray(before) !== Array.isArray(next)) return next;
  const old = before as Readonly<Record<string, unknown>>;
  const byId = Array.isArray(before) ? new Map(before.flatMap((e) => (idOf(e) ? [[idOf(e), e]] : []))) : null;
  const parts = Object.entries(next).map(([key, value]): [string, unknown] => [
    key,
    sharing(byId?.get(idOf(value)) ?? old[key], value),
  ]);
  const isSame =
    parts.length === Object.keys(old).length && parts.every(([key, part]) => Object.is(part, old[key]));
  if (isSame) return before;
  const shared: unknown = Array.isArray(next) ? parts.map(([, part]) => part) : Object.fromEntries(parts);
  return frozen(shared as object) as T;
}

const isHolder = (value: unknown): value is object => typeof value === 'object' && value !== null;
const idOf = (value: unknown): string | undefined => {
  const id = isHolder(value) ? (value as { id?: unknown }).id : undefined;
  return typeof id === 'string' ? id : undefined;
};
