import type { Trait } from './features';

/** Force against closure: how far the prop is closed, 0 to 1, and the newtons that takes. Closures rise. */
export type ForceLine = readonly (readonly [closure: number, forceN: number])[];

export type PropGrade = {
  readonly name: string;
  /** Null where force depends on speed or warmth, or is not closed at all: there effort is the guide. */
  readonly forceLine: ForceLine | null;
};

type Cleaning = 'wiped between people' | 'washed after class' | 'one each, not shared';

export type Prop = {
  readonly id: string;
  readonly name: string;
  readonly plural: string;
  /** What a house has instead. */
  readonly substitute: string;
  /** Softest or lightest first. */
  readonly grades: readonly PropGrade[];
  readonly latex: boolean;
  readonly cleaning: Cleaning;
  readonly edge: 'soft' | 'rounded' | 'square';
  /** Warming, wetting or laying out before it is handed out, ms. */
  readonly prepareMs: number;
  /** What a hand meets in it. */
  readonly exposes: readonly Trait[];
};

/**
 * Newtons at a closure, straight between the points of the line and level beyond its ends;
 * null where the grade has no line.
 */
export function forceAtN({ forceLine }: PropGrade, closure: number): number | null {
  const [first, last] = [forceLine?.[0], forceLine?.at(-1)];
  if (!forceLine || !first || !last) return null;
  if (closure <= first[0]) return first[1];
  for (let i = 1; i < forceLine.length; i++) {
    const [[c0, f0], [c1, f1]] = [forceLine[i - 1]!, forceLine[i]!];
    if (closure <= c1) return f0 + ((closure - c0) / (c1 - c0)) * (f1 - f0);
  }
  return last[1];
}
