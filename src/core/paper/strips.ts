import { moved, type Stroke } from './marks';

/** A band across a page that stays whole, unless it can be split; its marks are measured from its own top left. */
export type Strip = {
  /** pt. */
  readonly height: number;
  readonly marks: readonly Stroke[];
  /** Never last on a page while something follows. */
  readonly withNext?: true;
  /** Into one no higher than the room and the rest; null where it cannot be. */
  readonly split?: (room: number) => readonly [Strip, Strip] | null;
};

export const heightOf = (strips: readonly Strip[]): number => strips.reduce((n, s) => n + s.height, 0);

export const gap = (height: number): Strip => ({ height, marks: [] });

/** Strips one below the other, as one that stays whole. */
export function stacked(strips: readonly Strip[]): Strip {
  let y = 0;
  const marks = strips.flatMap((strip) => {
    const placed = strip.marks.map((m) => moved(m, 0, y));
    y += strip.height;
    return placed;
  });
  return { height: y, marks };
}

export const indented = (strip: Strip, dx: number): Strip => ({
  ...strip,
  marks: strip.marks.map((m) => moved(m, dx, 0)),
});

/** The first strips that fit into the room, and the rest. */
export function fitting(
  strips: readonly Strip[],
  room: number,
): readonly [readonly Strip[], readonly Strip[]] {
  let used = 0;
  const n = strips.findIndex((s) => (used += s.height) > room);
  return n < 0 ? [strips, []] : [strips.slice(0, n), strips.slice(n)];
}
