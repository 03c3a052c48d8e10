import { add, scale, sub, type Vec } from './vector';

/** The way something goes, or where it presses, mm, y down: strokes with heads at one end, at both, or at none. */
export type Arrow = {
  readonly shaft: string;
  readonly heads: readonly string[];
  /** 1 on a hand; more on a whole person, who is drawn smaller. */
  readonly size: number;
};

const HEAD_MM = 13;
const HALF_HEAD_MM = 8;
/** The share of a circle that its arrow goes round. */
const ROUND_SHARE = 0.86;
/** From this share of the area of a circle as long a way round is a circle, and not a way there and back. */
const ROUND = 0.2;
/** There and back goes the same way twice: within so much of how far it goes, on average. */
const SAME_WAY = 0.12;

/** An arrow along a way from its first point to its last. */
export const arrowAlong = (path: readonly Vec[], size = 1): Arrow => drawn(path, size, ['end']);
/** There and back. */
export const arrowBothWays = (path: readonly Vec[], size = 1): Arrow => drawn(path, size, ['start', 'end']);
/** Round and round. */
function arrowRound(path: readonly Vec[], size = 1): Arrow {
  const round = smoothed(smoothed(path.slice(0, -1)));
  return drawn(round.slice(0, Math.ceil(round.length * ROUND_SHARE)), size, ['end']);
}

/** Each point of a way round in the middle of those about it: corners become curves. */
function smoothed(round: readonly Vec[]): readonly Vec[] {
  const reach = Math.max(1, Math.round(round.length / 12));
  return round.map((_, i) => {
    const about = Array.from(
      { length: 2 * reach + 1 },
      (_, k) => round[(i + k - reach + round.length) % round.length]!,
    );
    return scale(
      about.reduce((a, b) => add(a, b)),
      1 / about.length,
    );
  });
}

/** A way made so much larger about its middle that it can be seen, where it is shorter. */
export function atLeastLong(path: readonly Vec[], leastMm: number): readonly Vec[] {
  const span = spanOf(path);
  if (span >= leastMm || span === 0) return path;
  const middle = scale(
    path.reduce((a, b) => add(a, b)),
    1 / path.length,
  );
  return path.map((p) => add(middle, scale(sub(p, middle), leastMm / span)));
}

/** The arrow of a round that ends where it began: a circle, or there and back between its two far ends. */
export function arrowOfRound(path: readonly Vec[], size = 1): Arrow {
  const length = lengthOf(path);
  if ((4 * Math.PI * Math.abs(areaOf(path))) / length ** 2 > ROUND) return arrowRound(path, size);
  const [from, to] = farEnds(path);
  if (!isThereAndBack(path, [from, to])) return arrowRound(path, size);
  return arrowBothWays(path.slice(from, to + 1), size);
}

/** Two short strokes across the way that something presses, beyond where it touches. */
export function pressMark(at: Vec, toward: Vec, size = 1): Arrow {
  const l = Math.hypot(toward[0], toward[1]) || 1;
  const [ux, uy] = [toward[0] / l, toward[1] / l];
  const stroke = (beyond: number, half: number): string => {
    const [x, y] = [at[0] + ux * beyond * size, at[1] + uy * beyond * size];
    return `M${n(x - uy * half * size)} ${n(y + ux * half * size)}L${n(x + uy * half * size)} ${n(y - ux * half * size)}`;
  };
  return { shaft: stroke(0, 15) + stroke(13, 9), heads: [], size };
}

/** The length of a way on the page, mm. */
export const lengthOf = (path: readonly Vec[]): number =>
  path.slice(1).reduce((sum, p, i) => sum + flatly(p, path[i]!), 0);

/** How far apart the two points of a way are that are furthest apart, mm. */
export function spanOf(path: readonly Vec[]): number {
  if (path.length < 2) return 0;
  const [a, b] = farEnds(path);
  return flatly(path[a]!, path[b]!);
}

/** Does the way back from one far end to the other follow the way there? */
function isThereAndBack(path: readonly Vec[], [from, to]: readonly [number, number]): boolean {
  const there = path.slice(from, to + 1);
  const back = [...path.slice(to), ...path.slice(1, from + 1)];
  const off = back.map((p) => Math.min(...there.map((q) => flatly(p, q))));
  return off.reduce((sum, mm) => sum + mm, 0) / Math.max(1, off.length) < SAME_WAY * spanOf(path);
}

const flatly = (a: Vec, b: Vec): number => Math.hypot(a[0] - b[0], a[1] - b[1]);

const areaOf = (path: readonly Vec[]): number =>
  path.reduce((sum, [x, y], i) => {
    const [nx, ny] = path[(i + 1) % path.length]!;
    return sum + (x * ny - nx * y) / 2;
  }, 0);

function farEnds(path: readonly Vec[]): readonly [number, number] {
  let ends: readonly [number, number] = [0, path.length - 1];
  let most = -1;
  path.forEach((a, i) =>
    path.slice(i + 1).forEach((b, k) => {
      if (flatly(a, b) > most) [ends, most] = [[i, i + 1 + k], flatly(a, b)];
    }),
  );
  return ends;
}

function drawn(path: readonly Vec[], size: number, at: readonly ('start' | 'end')[]): Arrow {
  const back = [...path].reverse();
  const heads = at.map((end) => headOf(end === 'end' ? path : back, size));
  const clear = (tip: Vec) => (p: Vec) => flatly(p, tip) > HEAD_MM * 0.6 * size;
  const upTo = path
    .filter(clear(at.includes('end') ? path.at(-1)! : [Infinity, 0, 0]))
    .filter(clear(at.includes('start') ? path[0]! : [Infinity, 0, 0]));
  const shaft = upTo.length > 1 ? upTo : [path[0]!, path.at(-1)!];
  return { shaft: `M${shaft.map((p) => `${n(p[0])} ${n(p[1])}`).join('L')}`, heads, size };
}

/** A head on the last point of a way, pointing as the way comes in. */
function headOf(path: readonly Vec[], size: number): string {
  const tip = path.at(-1)!;
  const mm = HEAD_MM * size;
  const before = [...path].reverse().find((p) => flatly(p, tip) > mm) ?? path[0]!;
  const l = flatly(tip, before) || 1;
  const [ux, uy] = [(tip[0] - before[0]) / l, (tip[1] - before[1]) / l];
  const corner = (side: number) =>
    `${n(tip[0] - ux * mm - uy * side * HALF_HEAD_MM * size)} ${n(tip[1] - uy * mm + ux * side * HALF_HEAD_MM * size)}`;
  return `M${n(tip[0])} ${n(tip[1])}L${corner(1)}L${corner(-1)}Z`;
}

const n = (v: number): string => v.toFixed(1);
