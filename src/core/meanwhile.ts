/** One thing that two changed without knowing of each other: whoever changed it has it; when both did, and not to the same, it is mine and they met. */
export function mergeThing<T>(before: T, mine: T, now: T): { readonly merged: T; readonly met: boolean } {
  if (same(mine, before)) return { merged: now, met: false };
  return { merged: mine, met: !same(now, before) && !same(now, mine) };
}

type MergedFields<T> = {
  /** Both changes, mine where they met. */
  readonly merged: T;
  /** Fields that both changed, and not to the same. */
  readonly met: readonly (keyof T & string)[];
  /** Fields that were changed elsewhere alone, and are kept. */
  readonly beside: readonly (keyof T & string)[];
};

/** Two changes to one thing of several fields: `mine` was made on `before`, and meanwhile it came to be `now`. */
export function mergeFields<T extends object>(before: T, mine: T, now: T): MergedFields<T> {
  const merged = { ...now };
  const met: (keyof T & string)[] = [];
  const beside: (keyof T & string)[] = [];
  for (const key of Object.keys(mine) as (keyof T & string)[]) {
    const one = mergeThing(before[key], mine[key], now[key]);
    merged[key] = one.merged;
    if (one.met) met.push(key);
    else if (!same(now[key], before[key]) && !same(now[key], mine[key])) beside.push(key);
  }
  return { merged, met, beside };
}

export const same = (a: unknown, b: unknown): boolean => textOf(a) === textOf(b);

/** Words of a value that do not depend on the order in which its keys were written. */
export const textOf = (value: unknown): string =>
  JSON.stringify(value, (_, v: unknown) =>
    v !== null && typeof v === 'object' && !Array.isArray(v)
      ? Object.fromEntries(Object.entries(v).sort(([a], [b]) => (a < b ? -1 : 1)))
      : v,
  );

const MAX_TOLD = 3;
const told = (changes: readonly string[]): string =>
  changes.length > MAX_TOLD
    ? `${changes.slice(0, MAX_TOLD).join('. ')}. And ${changes.length - MAX_TOLD} more`
    : changes.join('. ');

/** What is said where both changed the same; `what` names what was opened: “this record”. */
export const metWords = (what: string, changes: readonly string[]): string =>
  `The same was changed elsewhere since you opened ${what}: ${told(changes)}. Nothing of yours is saved yet; what you typed is still here.`;

export const besideWords = (what: string, changes: readonly string[]): string =>
  `Changed elsewhere since you opened ${what}, and kept: ${told(changes)}.`;
