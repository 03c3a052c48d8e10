/** Where somebody sits on the picture, px from its top left. */
export type Seat = { readonly x: number; readonly y: number; readonly w: number; readonly h: number };

/** From so many on they sit in two arcs. */
const ONE_ARC = 8;
/** The ends of an arc are so much lower than its middle, as a share of a person's height. */
const BOW = 0.22;
/** Who sits behind is this much smaller. */
const BEHIND = 0.9;
/** A second arc begins so far below the first, as a share of a person's height. */
const NEXT_ARC = 0.62;

/**
 * A half circle of chairs as whoever stands in its opening sees it: the middle furthest away, and from nine people on a second arc
 * before the first, in its gaps. `aspect` is the width of a person by their height. The order is that of painting, back to front.
 */
export function seatsOf(n: number, width: number, height: number, aspect: number): readonly Seat[] {
  const arcs = n <= ONE_ARC ? [n] : [Math.ceil(n / 2), Math.floor(n / 2)];
  const most = Math.max(...arcs);
  const tall = 1 + BOW + (arcs.length - 1) * NEXT_ARC;
  const h = Math.min(height / tall, (width / most / aspect) * OVERLAP);
  const top = Math.max(0, (height - h * tall) / 2);
  return arcs.flatMap((many, arc) =>
    Array.from({ length: many }, (_, i): Seat => {
      const size = h * (arc === 0 && arcs.length > 1 ? BEHIND : 1);
      const w = size * aspect;
      // Each sits in a gap of the other arc: of one with one fewer by itself, of one with as many half a step aside.
      const isShifted = arcs.length > 1 && arcs[0] === arcs[1];
      const step = (width - h * aspect) / Math.max(1, isShifted ? most - 0.5 : most - 1);
      const from = isShifted ? (arc * step) / 2 : (width - h * aspect - step * (many - 1)) / 2;
      const aside = many === 1 ? 0 : (2 * i) / (many - 1) - 1;
      const middle = from + step * i + (h * aspect) / 2;
      return {
        x: middle - w / 2,
        y: top + h * (arc * NEXT_ARC + BOW * aside * aside) + (h - size),
        w,
        h: size,
      };
    }),
  );
}

/** Sleeves may be before a neighbour's. */
const OVERLAP = 1.12;
