/** Remembers what was set last; beyond `most` the one that was set longest ago is forgotten. */
export class RecentMap<K, V> {
  private readonly kept = new Map<K, V>();
  constructor(private readonly most: number) {}

  get(key: K): V | undefined {
    return this.kept.get(key);
  }

  set(key: K, value: V): void {
    this.kept.delete(key);
    this.kept.set(key, value);
    if (this.kept.size > this.most) this.kept.delete(this.kept.keys().next().value!);
  }
}
