/** What a restore would do to one kind of thing. */
export type Changes = {
  readonly what: string;
  readonly now: number;
  readonly then: number;
  /** Here now and not in the backup: a restore takes them away. */
  readonly lost: readonly string[];
  /** In the backup and not here: a restore brings them back. */
  readonly back: readonly string[];
  /** Here and in the backup, but not the same. */
  readonly changed: readonly string[];
};

/** Something by its id, its name and a digest of all that belongs to it. */
export type Held = { readonly id: string; readonly name: string; readonly digest: string };

/** What is here now against what the backup holds, in the order of the names. */
export function changesOf(what: string, now: readonly Held[], then: readonly Held[]): Changes {
  const [here, there] = [byId(now), byId(then)];
  const names = (held: readonly Held[]) => held.map((h) => h.name).sort((a, b) => a.localeCompare(b));
  return {
    what,
    now: now.length,
    then: then.length,
    lost: names(now.filter((h) => !there.has(h.id))),
    back: names(then.filter((h) => !here.has(h.id))),
    changed: names(then.filter((h) => here.has(h.id) && here.get(h.id)!.digest !== h.digest)),
  };
}

const byId = (held: readonly Held[]): ReadonlyMap<string, Held> => new Map(held.map((h) => [h.id, h]));

export const isSame = ({ lost, back, changed }: Changes): boolean =>
  lost.length + back.length + changed.length === 0;
