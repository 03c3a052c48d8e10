import type { FigureShape } from './shape';

/** Part of a picture, mm, y down. */
export type Box = { readonly x: number; readonly y: number; readonly w: number; readonly h: number };

/** The least box round some boxes. */
export function around(boxes: readonly Box[]): Box {
  const x = Math.min(...boxes.map((b) => b.x));
  const y = Math.min(...boxes.map((b) => b.y));
  return {
    x,
    y,
    w: Math.max(...boxes.map((b) => b.x + b.w)) - x,
    h: Math.max(...boxes.map((b) => b.y + b.h)) - y,
  };
}

export const grownBy = ({ x, y, w, h }: Box, mm: number): Box => ({
  x: x - mm,
  y: y - mm,
  w: w + 2 * mm,
  h: h + 2 * mm,
});

export const holds = (outer: Box, inner: Box, slack = 0): boolean =>
  inner.x >= outer.x - slack &&
  inner.y >= outer.y - slack &&
  inner.x + inner.w <= outer.x + outer.w + slack &&
  inner.y + inner.h <= outer.y + outer.h + slack;

/**
 * The box of a path as the outlines here write them: absolute lines and curves, arcs of circles. An arc may bulge by as much as
 * the circle it is of, so that is measured from the circle itself.
 */
export function boundsOf(d: string): Box {
  const xs: number[] = [];
  const ys: number[] = [];
  let at: readonly [number, number] = [0, 0];
  const to = (x: number, y: number) => {
    xs.push(x);
    ys.push(y);
    at = [x, y];
  };
  for (const [, letter, rest] of d.matchAll(/([A-Za-z])([^A-Za-z]*)/g)) {
    const v = (rest!.match(/-?[\d.]+/g) ?? []).map(Number);
    const [dx, dy] = letter === 'a' ? at : [0, 0];
    switch (letter) {
      case 'M':
      case 'L':
      case 'Q':
        for (let i = 0; i + 1 < v.length; i += 2) to(v[i]!, v[i + 1]!);
        break;
      case 'H':
        to(v[0]!, at[1]);
        break;
      case 'V':
        to(at[0], v[0]!);
        break;
      case 'A':
      case 'a': {
        const [x, y] = [v[5]! + dx, v[6]! + dy];
        for (const p of onArc(at, [x, y], v[0]!, v[3] === 1, v[4] === 1)) to(...p);
        to(x, y);
        break;
      }
    }
  }
  const [x, y] = [Math.min(...xs), Math.min(...ys)];
  return { x, y, w: Math.max(...xs) - x, h: Math.max(...ys) - y };
}

/** The box of a whole picture. */
export const boundsOfShapes = (shapes: readonly FigureShape[]): Box =>
  around(shapes.filter((s) => s.d !== '').map((s) => boundsOf(s.d)));

/** Points where an arc of a circle reaches furthest to a side. */
function onArc(
  from: readonly [number, number],
  to: readonly [number, number],
  r: number,
  isLarge: boolean,
  isClockwise: boolean,
): readonly (readonly [number, number])[] {
  const [mx, my] = [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2];
  const half = Math.hypot(to[0] - from[0], to[1] - from[1]) / 2;
  if (half < 1e-6) return [];
  const off = Math.sqrt(Math.max(0, r * r - half * half)) * (isLarge === isClockwise ? -1 : 1);
  const [ux, uy] = [(to[0] - from[0]) / (2 * half), (to[1] - from[1]) / (2 * half)];
  const [cx, cy] = [mx + uy * off * -1, my + ux * off];
  const start = Math.atan2(from[1] - cy, from[0] - cx);
  const turnTo = (t: number) => {
    const way = isClockwise ? t - start : start - t;
    return ((way % (2 * Math.PI)) + 2 * Math.PI) % (2 * Math.PI);
  };
  const end = turnTo(Math.atan2(to[1] - cy, to[0] - cx));
  return [0, 0.5, 1, 1.5]
    .map((q) => q * Math.PI)
    .filter((t) => turnTo(t) <= end)
    .map((t) => [cx + r * Math.cos(t), cy + r * Math.sin(t)]);
}
