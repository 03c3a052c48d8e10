import { DIGITS, FINGER_NAMES, type DigitName } from './joints';
import type { SeenHand } from './place';
import {
  add,
  between,
  capsule,
  disc,
  dot,
  hullOfDiscs,
  INK_MM,
  meanDepth,
  outlined,
  scale,
  sub,
  unit,
  type FigureShape,
  type Part,
  type Vec,
} from '../draw';
import { RADII } from './radii';

const WRIST_R = 13;
const FOREARM_R = 17;

/** Up to this bend between two phalanges, as drawn, they are one outline; past it the nearer lies over the other. */
const FOLD_DEGREES = 112;

export const handParts = (seen: SeenHand): readonly Part[] => [
  forearmPart(seen),
  bodyPart(seen),
  ...DIGITS.flatMap((d) => digitParts(seen, d)),
];

function forearmPart(seen: SeenHand): Part {
  const { wrist, forearm, digits } = seen;
  const cuff = (share: number) => wrist.map((w, i) => between(w, forearm[i]!, share));
  const sleeve = [
    ...cuff(0.72).map((v) => disc(v, FOREARM_R + 3)),
    ...forearm.map((v) => disc(v, FOREARM_R + 5)),
  ];
  const depth = meanDepth(...wrist, ...forearm) - 8;
  const intoPalm = [digits.index[1]!, digits.little[1]!].map((knuckle, i) =>
    between(wrist[i]!, knuckle, 0.2),
  );
  return {
    depth,
    shapes: [
      ...outlined([...wrist.map((v) => disc(v, WRIST_R)), ...forearm.map((v) => disc(v, FOREARM_R))]),
      ...(depth > bodyDepth(seen) ? [wristSeam(wrist, intoPalm)] : []),
      { part: 'ink', d: hullOfDiscs(sleeve.map((c) => ({ ...c, r: c.r + INK_MM }))) },
      { part: 'sleeve', d: hullOfDiscs(sleeve) },
    ],
  };
}

/**
 * The body of the hand: palm, ball of the thumb and the web between thumb and
 * index under one outline. Where a finger or the forearm lies behind, the seam is skin.
 */
function bodyPart(seen: SeenHand): Part {
  const { digits, wrist, forearm, palmNormal } = seen;
  const knuckles = FINGER_NAMES.map((f) => disc(digits[f][1]!, RADII[f][0]! - 1));
  const heel = disc(between(digits.little[0]!, digits.little[1]!, 0.25), 15);
  const [thumbBase, thumbKnuckle] = [digits.thumb[0]!, digits.thumb[1]!];
  const onIndex = between(digits.index[0]!, digits.index[1]!, 0.62);
  const hulls = [
    [...wrist.map((v) => disc(v, WRIST_R)), heel, disc(thumbBase, RADII.thumb[0]! - 2), ...knuckles],
    [disc(thumbBase, RADII.thumb[0]!), disc(thumbKnuckle, RADII.thumb[1]!)],
    [disc(between(thumbBase, thumbKnuckle, 0.72), 7), disc(onIndex, 9), disc(thumbBase, 12)],
  ];
  const shapes = hulls.map((discs) => outlined(discs));
  const depth = bodyDepth(seen);
  const behind = DIGITS.flatMap((d) => digitSeam(seen, d, depth));
  return {
    depth,
    shapes: [
      ...shapes.map(([ink]) => ink),
      ...shapes.map(([, skin]) => skin),
      wristSeam(
        wrist,
        wrist.map((w, i) => between(w, forearm[i]!, 0.14)),
      ),
      ...behind,
      ...(palmNormal[2] > 0.25 ? palmLines(seen) : []),
    ],
  };
}

const bodyDepth = ({ wrist, digits }: SeenHand): number =>
  meanDepth(...wrist, ...FINGER_NAMES.map((f) => digits[f][1]!));

const wristSeam = (wrist: SeenHand['wrist'], beyond: readonly Vec[]): FigureShape => ({
  part: 'skin',
  d: hullOfDiscs([...wrist, ...beyond].map((v) => disc(v, WRIST_R))),
});

/** Skin over a knuckle whose digit goes on behind the body; one folded away keeps the line. */
function digitSeam({ digits }: SeenHand, digit: DigitName, depth: number): readonly FigureShape[] {
  const [base, knuckle, next] = [digits[digit][0]!, digits[digit][1]!, digits[digit][2]!];
  const [r, rNext] = digit === 'thumb' ? RADII.thumb.slice(1) : RADII[digit];
  const phalanx = { i: 1, a: knuckle, b: next, ra: r!, rb: rNext! };
  const isFront = meanDepth(knuckle, next) + (digit === 'thumb' ? 2 : 1) > depth;
  if (isFront || folded(phalanx, { i: 0, a: base, b: knuckle, ra: r!, rb: r! })) return [];
  const into = disc(between(knuckle, base, 0.2), r! - (digit === 'thumb' ? 0 : 2));
  return [{ part: 'skin', d: capsule(into, disc(between(knuckle, next, 0.4), r! + (rNext! - r!) * 0.4)) }];
}

/** The three creases that make a palm a palm. */
function palmLines({ digits }: SeenHand): readonly FigureShape[] {
  const at = (finger: 'index' | 'middle' | 'ring' | 'little', share: number) =>
    between(digits[finger][0]!, digits[finger][1]!, share);
  const curve = (a: Vec, b: Vec, c: Vec): FigureShape => ({
    part: 'line',
    d: `M${f(a[0])} ${f(a[1])}Q${f(b[0])} ${f(b[1])} ${f(c[0])} ${f(c[1])}`,
  });
  const edge = (v: Vec, toward: Vec, mm: number) => add(v, scale(unit(sub(v, toward)), mm));
  return [
    curve(
      edge(at('little', 0.84), at('ring', 0.84), 7),
      at('ring', 0.74),
      between(at('index', 0.9), at('middle', 0.95), 0.6),
    ),
    curve(edge(at('index', 0.72), at('middle', 0.72), 7), at('middle', 0.66), at('ring', 0.36)),
    curve(
      edge(at('index', 0.68), at('middle', 0.68), 7),
      at('middle', 0.5),
      between(digits.index[0]!, digits.middle[0]!, 0.5),
    ),
  ];
}

/** A digit as its phalanges, nearest last; each lies over what is behind it, and joins its neighbours without a seam. */
function digitParts(seen: SeenHand, digit: DigitName): readonly Part[] {
  const chain = seen.digits[digit];
  const radii = RADII[digit];
  const radiusAt = (i: number) => radii[digit === 'thumb' ? i : i - 1]!;
  // The thumb's metacarpal belongs to the body of the hand.
  const segments = (digit === 'thumb' ? [1, 2] : [1, 2, 3]).map((i) => ({
    i,
    a: chain[i]!,
    b: chain[i + 1]!,
    ra: radiusAt(i),
    rb: radiusAt(i + 1),
  }));
  const bias = digit === 'thumb' ? 2 : 1;
  return segments.map((s, n) => {
    const depth = meanDepth(s.a, s.b) + bias;
    const joins = [segments[n - 1], segments[n + 1]].flatMap((other) => {
      if (!other || meanDepth(other.a, other.b) + bias > depth || folded(s, other)) return [];
      return [seamInto(s, other)];
    });
    const intoPalm = n === 0 ? [baseSeam(seen, digit, s)] : [];
    return {
      depth,
      shapes: [
        { part: 'ink' as const, d: capsule(disc(s.a, s.ra + INK_MM), disc(s.b, s.rb + INK_MM)) },
        { part: 'skin' as const, d: capsule(disc(s.a, s.ra), disc(s.b, s.rb)) },
        ...joins,
        ...intoPalm,
        ...marksOn(seen, digit, s, n === segments.length - 1),
      ],
    };
  });
}

type Segment = { i: number; a: Vec; b: Vec; ra: number; rb: number };

/** Seen end to end, do two neighbours double back on each other? */
function folded(s: Segment, other: Segment): boolean {
  const flat = (v: Vec): Vec => [v[0], v[1], 0];
  const [u, w] = [flat(sub(s.b, s.a)), flat(sub(other.b, other.a))];
  const [lu, lw] = [Math.hypot(u[0], u[1]), Math.hypot(w[0], w[1])];
  if (lu < 4 || lw < 4) return true;
  const degrees = (Math.acos(Math.max(-1, Math.min(1, dot(u, w) / lu / lw))) * 180) / Math.PI;
  return degrees > FOLD_DEGREES;
}

/** Skin over the line where a phalanx meets the one behind it. */
function seamInto(s: Segment, other: Segment): FigureShape {
  const atStart = other.i < s.i;
  const [joint, r] = atStart ? [s.a, s.ra] : [s.b, s.rb];
  const [far, rFar] = atStart ? [other.a, other.ra] : [other.b, other.rb];
  const reach = Math.min(
    0.6,
    (r * 0.9 + INK_MM) / Math.max(8, Math.hypot(far[0] - joint[0], far[1] - joint[1])),
  );
  return {
    part: 'skin',
    d: capsule(disc(joint, r), disc(between(joint, far, reach), r + (rFar - r) * reach)),
  };
}

/** Skin where a digit leaves the body of the hand. */
function baseSeam({ digits }: SeenHand, digit: DigitName, s: Segment): FigureShape {
  const share = digit === 'thumb' ? 0.45 : 0.3;
  const inside = between(digits[digit][1]!, digits[digit][0]!, share);
  return {
    part: 'skin',
    d: capsule(disc(s.a, s.ra - 0.4), disc(inside, s.ra - (digit === 'thumb' ? 0.4 : 2))),
  };
}

/** Nails on the back, creases on the palm side, at the bends. */
function marksOn(
  { pads, digits }: SeenHand,
  digit: DigitName,
  s: Segment,
  last: boolean,
): readonly FigureShape[] {
  const pad = pads[digit];
  const shapes: FigureShape[] = [];
  if (last && pad[2] < -0.15) shapes.push({ part: 'nail', d: nail(s, pad) });
  const before = { ...s, a: digits[digit][s.i - 1]!, b: s.a, i: s.i - 1 };
  if (s.i > 1 && pad[2] > 0.5 && !folded(s, before)) shapes.push({ part: 'line', d: creaseAt(s) });
  return shapes;
}

/** A nail lies opposite the pad: seen from the side it moves to the edge and narrows. */
function nail(s: Segment, pad: Vec): string {
  const aside = (v: Vec): Vec => add(v, scale([pad[0], pad[1], 0], -s.rb * 0.55));
  const width = Math.max(0.3, -pad[2]);
  const base = aside(between(s.a, s.b, 0.6));
  const tip = aside(between(s.a, s.b, 1.02));
  return capsule(disc(base, s.rb * 0.5 * width), disc(tip, s.rb * 0.6 * width));
}

function creaseAt({ a, b, ra }: Segment): string {
  const [dx, dy] = [b[0] - a[0], b[1] - a[1]];
  const l = Math.hypot(dx, dy) || 1;
  const [nx, ny] = [(-dy / l) * ra * 0.55, (dx / l) * ra * 0.55];
  return `M${f(a[0] + nx)} ${f(a[1] + ny)}L${f(a[0] - nx)} ${f(a[1] - ny)}`;
}

const f = (n: number): string => n.toFixed(1);
