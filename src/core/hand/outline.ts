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

const STEPS = 24;

/** The smallest rounded outline round several circles: hull of points on each (monotone chain). */
export function hullOfDiscs(discs: readonly Disc[]): string {
  const points = discs.flatMap(({ x, y, r }) =>
    Array.from({ length: STEPS }, (_, i) => {
      const t = (2 * Math.PI * i) / STEPS;
      return [x + r * Math.cos(t), y + r * Math.sin(t)] as const;
    }),
  );
  const sorted = [...points].sort((a, b) => a[0] - b[0] || a[1] - b[1]);
  const half = (list: typeof sorted) => {
    const chain: (readonly [number, number])[] = [];
    for (const p of list) {
      while (chain.length >= 2 && leftTurn(chain.at(-2)!, chain.at(-1)!, p) <= 0) chain.pop();
      chain.push(p);
    }
    return chain.slice(0, -1);
  };
  const hull = [...half(sorted), ...half([...sorted].reverse())];
  return `M${hull.map(([x, y]) => `${f(x)} ${f(y)}`).join('L')}Z`;
}

const leftTurn = (
  o: readonly [number, number],
  a: readonly [number, number],
  b: readonly [number, number],
): number => (a[0] - o[0]) * (b[1] - o[1]) - (a[1] - o[1]) * (b[0] - o[0]);
