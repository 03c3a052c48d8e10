import type { Hand } from '../dose';
import { disc, INK_MM, type FigureShape, type Part } from '../draw';
import { FINGER_NAMES } from './joints';
import { capsule, hullOfDiscs } from '../draw';
import type { SeenHand } from './place';
import type { FullPose } from './pose';
import { add, between, distance, scale, sub, unit, type Vec } from '../draw';

/** What is drawn in a hand, or from hand to hand. */
export const PROP_SHAPES = [
  'ball',
  'ring',
  'bar',
  'weight',
  'pan',
  'band',
  'broad band',
  'straps',
  'pinched',
  'clip',
  'lid',
  'bag',
  'cloth between',
  'bottle across',
  'peg',
  'key',
  'dome',
  'cushion',
  'jar',
  'tub',
  'tap',
] as const;
export type PropShape = (typeof PROP_SHAPES)[number];

export const SHARED: ReadonlySet<PropShape> = new Set(['cloth between', 'bottle across']);

const BALL_MM = 27;
/** From the bones of the palm to a ball in it: half a palm of flesh. */
const BALL_OFF_MM = 6;

/** The prop as it lies in one hand, as seen. */
export function propInHand(shape: PropShape, hand: SeenHand, pose: FullPose): readonly Part[] {
  switch (shape) {
    case 'ball': {
      const pressed = Math.max(...FINGER_NAMES.map((f) => pose[`${f}.pip`]));
      const r = BALL_MM - Math.max(0, pressed - 40) * 0.12;
      return [solid([disc(inPalm(hand, r + BALL_OFF_MM), r)], inPalm(hand, r + BALL_OFF_MM)[2])];
    }
    case 'ring': {
      const c = inPalm(hand, 22);
      return [{ depth: c[2], shapes: ringAt(c, 22, 9) }];
    }
    case 'bar':
      return [rod(hand, 62, 11)];
    case 'weight':
      return [rod(hand, 40, 16)];
    case 'pan': {
      const from = inPalm(hand, 18);
      const ahead = unit(sub(hand.digits.middle[1]!, between(hand.wrist[0], hand.wrist[1], 0.5)));
      const at = (mm: number, down: number): Vec => add(add(from, scale(ahead, mm)), [0, down, 0]);
      const dish = [disc(at(105, 8), 8), disc(at(235, 8), 8), disc(at(118, 30), 8), disc(at(222, 30), 8)];
      return [solid([disc(at(-34, 0), 9), disc(at(112, 8), 8)], from[2]), solid(dish, from[2] - 2)];
    }
    case 'peg': {
      const c = pinchOf(hand);
      const out = unit(sub(c, inPalm(hand, 0)));
      const aside = scale([-out[1], out[0], 0], 15);
      const end = add(c, scale(out, 62));
      const back = add(c, scale(out, -12));
      return [
        solid([disc(back, 5), disc(add(end, aside), 6)], c[2] - 3),
        solid([disc(back, 5), disc(sub(end, aside), 6)], c[2] + 14),
      ];
    }
    case 'key': {
      const c = between(hand.digits.thumb.at(-1)!, hand.digits.index[2]!, 0.5);
      const out = unit(sub(hand.digits.index[2]!, between(hand.wrist[0], hand.wrist[1], 0.5)));
      const tip = add(c, scale(out, 78));
      const tooth = add(add(c, scale(out, 66)), scale([-out[1], out[0], 0], 12));
      return [
        solid([disc(c, 15), disc(add(c, scale(out, 10)), 15)], c[2] - 3),
        solid([disc(c, 5), disc(tip, 5)], c[2] - 4),
        solid([disc(add(c, scale(out, 66)), 4), disc(tooth, 5)], c[2] - 4),
      ];
    }
    case 'band':
      return loopRound(hand, 9);
    case 'broad band':
      return loopRound(hand, 18);
    case 'straps': {
      const roots = digitsMiddles(hand);
      const rings = roots.map(({ at, along }): Part => {
        const half = scale([-along[1], along[0], 0], 13);
        return {
          depth: at[2] + 16,
          shapes: [{ part: 'band', d: line([sub(at, half), add(at, half)]), widthMm: 9 }],
        };
      });
      const link: Part = {
        depth: Math.min(...roots.map((r) => r.at[2])) - 16,
        shapes: [{ part: 'band', d: line(roots.map((r) => r.at)), widthMm: 5 }],
      };
      return [link, ...rings];
    }
    case 'pinched': {
      const c = pinchOf(hand);
      return [solid([disc(c, 15)], c[2] + 1)];
    }
    case 'clip': {
      const web = between(hand.digits.thumb[1]!, hand.digits.index[1]!, 0.42);
      const out = add(web, scale(unit(sub(web, hand.digits.ring[0]!)), 34));
      return [solid([disc(web, 9), disc(out, 12)], web[2] + 18)];
    }
    case 'lid': {
      const c = inPalm(hand, 26);
      return [{ depth: c[2], shapes: ringSolid(c, 44) }];
    }
    case 'bag': {
      const [a, b] = across(hand, 26);
      return [solid([disc(a, 20), disc(b, 20)], a[2])];
    }
    default:
      return [];
  }
}

/** The middle of each digit where a band lies, and which way the digit goes there, thumb first. */
const digitsMiddles = ({ digits }: SeenHand): readonly { readonly at: Vec; readonly along: Vec }[] =>
  [digits.thumb, ...FINGER_NAMES.map((f) => digits[f])].map((chain) => ({
    at: between(chain[2]!, chain[1]!, 0.25),
    along: unit([chain[2]![0] - chain[1]![0], chain[2]![1] - chain[1]![1], 1e-6]),
  }));

/** A loop round all digits: it lies over them in front and goes back behind them. */
function loopRound(hand: SeenHand, widthMm: number): readonly Part[] {
  const at = digitsMiddles(hand).map((d) => d.at);
  const depths = at.map((v) => v[2]);
  const strip = (down: number) => line(at.map((v): Vec => [v[0], v[1] + down, 0]));
  return [
    { depth: Math.min(...depths) - 16, shapes: [{ part: 'band', d: strip(widthMm), widthMm }] },
    { depth: Math.max(...depths) + 14, shapes: [{ part: 'band', d: strip(0), widthMm }] },
  ];
}

/** Between the thumb and the fingertip nearest to it, or on the thumb while they are apart. */
function pinchOf({ digits }: SeenHand): Vec {
  const thumbTip = digits.thumb.at(-1)!;
  const nearest = FINGER_NAMES.map((f) => digits[f].at(-1)!).sort(
    (a, b) => distance(a, thumbTip) - distance(b, thumbTip),
  )[0]!;
  return between(thumbTip, nearest, distance(thumbTip, nearest) > 45 ? 0.15 : 0.5);
}

/** What lies under a resting hand, mm from the middle of what carries it: how wide, how high. */
const UNDER: Partial<Record<PropShape, readonly [halfWide: number, r: number, bumps: boolean]>> = {
  dome: [30, 34, true],
  cushion: [120, 24, false],
};

/** A prop that lies between the hand and what carries it, its middle at `x` and its foot at `y`. */
export function propUnder(shape: PropShape, x: number, y: number, depth: number): readonly Part[] {
  const under = UNDER[shape];
  if (!under) return [];
  const [half, r, bumps] = under;
  const studs = bumps
    ? [-30, -10, 10, 30].map((mm) => ({ x: x + mm, y: y - r + 4 - (30 - Math.abs(mm)) * 0.12, r: 5 }))
    : [];
  return [
    solid([{ x: x - half, y, r }, { x: x + half, y, r }, ...studs], depth),
    ...studs.map((stud) => solid([stud], depth + 1)),
  ];
}

/** The prop that both hands share. */
export function propBetween(shape: PropShape, hands: Readonly<Record<Hand, SeenHand>>): readonly Part[] {
  const grips = (['L', 'R'] as const).map((h) => inPalm(hands[h], shape === 'bottle across' ? 26 : 16));
  const [l, r] = grips as [Vec, Vec];
  const beyond = scale(unit(sub(r, l)), shape === 'bottle across' ? 20 : 52);
  const [a, b] = [sub(l, beyond), add(r, beyond)];
  const radius = shape === 'bottle across' ? 22 : 12;
  return [solid([disc(a, radius), disc(b, radius)], (a[2] + b[2]) / 2)];
}

/** A point over the middle of the palm, mm out from the bones. */
function inPalm({ digits, palmNormal }: SeenHand, mm: number): Vec {
  const middle = between(digits.middle[0]!, digits.middle[1]!, 0.72);
  return add(middle, scale(palmNormal, mm));
}

/** The ends of something held across the palm: thumb side, little-finger side. */
function across(hand: SeenHand, half: number): readonly [Vec, Vec] {
  const { digits } = hand;
  const axis = unit(sub(digits.index[1]!, digits.little[1]!));
  const c = add(between(digits.middle[1]!, digits.ring[1]!, 0.3), scale(hand.palmNormal, 22));
  const low = add(c, scale(sub(digits.middle[0]!, digits.middle[1]!), 0.12));
  return [add(low, scale(axis, half)), sub(low, scale(axis, half))];
}

function rod(hand: SeenHand, half: number, r: number): Part {
  const [a, b] = across(hand, half);
  return solid([disc(a, r), disc(b, r)], (a[2] + b[2]) / 2);
}

function solid(discs: readonly ReturnType<typeof disc>[], depth: number): Part {
  return {
    depth,
    shapes: [
      { part: 'ink', d: hullOfDiscs(discs.map((c) => ({ ...c, r: c.r + INK_MM }))) },
      { part: 'prop', d: hullOfDiscs(discs) },
    ],
  };
}

const circle = (c: Vec, r: number): string => capsule(disc(c, r), disc(c, r));
const ringAt = (c: Vec, r: number, width: number): readonly FigureShape[] => [
  { part: 'band', d: circle(c, r), widthMm: width },
];
const ringSolid = (c: Vec, r: number): readonly FigureShape[] => [
  { part: 'ink', d: circle(c, r + INK_MM) },
  { part: 'prop', d: circle(c, r) },
  { part: 'line', d: circle(c, r - 6) },
];

const line = (points: readonly Vec[]): string =>
  `M${points.map(([x, y]) => `${x.toFixed(1)} ${y.toFixed(1)}`).join('L')}`;
