/** What hangs on an object in a weak map, made when it is first asked for. */
export function remembered<K extends object, V>(map: WeakMap<K, V>, key: K, make: () => V): V {
  const known = map.get(key);
  if (known !== undefined) return known;
  const made = make();
  map.set(key, made);
  return made;
}

type Level = WeakMap<object, unknown>;

/**
 * A value remembered by the identity of several objects and a word; it is forgotten with any of them.
 * Only for values that depend on nothing else.
 */
export function memo<V>(): (keys: readonly object[], word: string, make: () => V) => V {
  const root: Level = new WeakMap();
  return (keys, word, make) => {
    const last = keys.length - 1;
    const level = keys
      .slice(0, last)
      .reduce<Level>((at, key) => remembered(at, key, () => new WeakMap()) as Level, root);
    const words = remembered(level, keys[last]!, () => new Map<string, V>()) as Map<string, V>;
    const known = words.get(word);
    if (known !== undefined) return known;
    const made = make();
    words.set(word, made);
    return made;
  };
}
