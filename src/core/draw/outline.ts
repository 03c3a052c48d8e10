/** A circle on the page, mm. */
export type Disc = { readonly x: number; readonly y: number; readonly r: number };

const f = (n: number): string => n.toFixed(1);

/** The outline of two circles and all between them, as an SVG path. */
export function capsule(a: Disc, b: Disc): string {
  const [dx, dy] = [b.x - a.x, b.y - a.y];
  const d = Math.hypot(dx, dy);
  if (d <= Math.abs(a.r - b.r) + 0.01) return circle(a.r >= b.r ? a : b);
  const angle = Math.atan2(dy, dx);
  const open = Math.acos((a.r - b.r) / d);
  const at = (c: Disc, t: number) => `${f(c.x + c.r * Math.cos(t))} ${f(c.y + c.r * Math.sin(t))}`;
  const big = (r: number, span: number) => `A${f(r)} ${f(r)} 0 ${span > Math.PI ? 1 : 0} 1 `;
  return (
    `M${at(a, angle + open)}${big(a.r, 2 * Math.PI - 2 * open)}${at(a, angle - open)}` +
    `L${at(b, angle - open)}${big(b.r, 2 * open)}${at(b, angle + open)}Z`
  );
}

const circle = ({ x, y, r }: Disc): string =>
  `M${f(x - r)} ${f(y)}a${f(r)} ${f(r)} 0 1 0 ${f(2 * r)} 0a${f(r)} ${f(r)} 0 1 0 ${f(-2 * r)} 0Z`;

/** Directions looked in for the disc that reaches furthest. */
const LOOKS = 60;
const COS = Array.from({ length: LOOKS }, (_, i) => Math.cos((2 * Math.PI * i) / LOOKS));
const SIN = Array.from({ length: LOOKS }, (_, i) => Math.sin((2 * Math.PI * i) / LOOKS));

/**
 * The smallest outline round several circles: arcs of those that reach furthest in some direction,
 * joined by the lines that touch two of them.
 */
export function hullOfDiscs(discs: readonly Disc[]): string {
  const ring = furthestByDirection(discs);
  const [first, second] = ring;
  if (!first) return '';
  if (!second) return circle(first);
  // The direction square to the line that leaves each disc for the next.
  const leaves = ring.map((a, i) => squareTo(a, ring[(i + 1) % ring.length]!));
  const on = ({ x, y, r }: Disc, t: number) => `${f(x + r * Math.cos(t))} ${f(y + r * Math.sin(t))}`;
  const path = ring.map((disc, i) => {
    const [arrives, goes] = [leaves[(i + ring.length - 1) % ring.length]!, leaves[i]!];
    const span = (goes - arrives + 4 * Math.PI) % (2 * Math.PI);
    const arc = `A${f(disc.r)} ${f(disc.r)} 0 ${span > Math.PI ? 1 : 0} 1 ${on(disc, goes)}`;
    return `${i === 0 ? 'M' : 'L'}${on(disc, arrives)}${arc}`;
  });
  return `${path.join('')}Z`;
}

/** The discs that reach furthest as one looks all the way round, each as often as it takes the lead. */
function furthestByDirection(discs: readonly Disc[]): readonly Disc[] {
  const ring: Disc[] = [];
  for (let i = 0; i < LOOKS; i++) {
    let best = discs[0]!;
    let reach = -Infinity;
    for (let k = 0; k < discs.length; k++) {
      const d = discs[k]!;
      const at = d.x * COS[i]! + d.y * SIN[i]! + d.r;
      if (at > reach + 1e-9) {
        best = d;
        reach = at;
      }
    }
    if (ring[ring.length - 1] !== best) ring.push(best);
  }
  return ring.length > 1 && ring[0] === ring.at(-1) ? ring.slice(0, -1) : ring;
}

/** The angle at which the line touching both discs leaves `a` for `b`, going round with the angle. */
function squareTo(a: Disc, b: Disc): number {
  const d = Math.hypot(b.x - a.x, b.y - a.y);
  const lean = Math.max(-1, Math.min(1, d > 0 ? (a.r - b.r) / d : 0));
  return Math.atan2(b.y - a.y, b.x - a.x) - Math.acos(lean);
}
