import { z } from 'zod';
import { fail, ok, type Result } from '../result';
import { between, straightDown, type Band } from './band';
import { ARM, CENTRE, HEIGHT, MASS, THIGH, TRUNK, type SidePoint } from './body';

const share = z.number().min(0).max(1);
const metres = (least: number, most: number) => z.number().min(least).max(most);

/** How weight is put through the hands. Lengths in metres, angles in degrees, shares from 0 to 1. */
export const stanceSchema = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('lean'),
    surface: z.enum(['flat', 'wall']),
    pivot: z.enum(['toes', 'knees']),
    handHeightM: metres(0, 1.6),
  }),
  z.strictObject({
    kind: z.literal('seated'),
    leanDeg: z.number().min(0).max(60),
    /** From the hips forward to the hands. */
    reachM: metres(0, 1.2),
    /** From the seat up to the hands. */
    handsOverSeatM: metres(0, 1),
    /** Share of the trunk's moment about the hips that the hands take. */
    handedOver: share,
  }),
  z.strictObject({
    kind: z.literal('unload'),
    /** Share of the weight over the seat that the hands take. */
    handedOver: share,
  }),
  z.strictObject({
    kind: z.literal('all fours'),
    /** Hips forward of the knees; behind them when negative. */
    forwardM: metres(-0.3, 0.3),
  }),
  z.strictObject({ kind: z.literal('feet back') }),
]);
export type Stance = z.infer<typeof stanceSchema>;

/** What a stance asks of both hands, as shares of body weight, and the body's points. */
export type StanceLoad = {
  /** What a scale under the hands would read. */
  readonly scale: Band;
  /** The force along the forearms, through the wrists: more than the scale says where they lean. */
  readonly wrist: Band;
  readonly points: {
    readonly toe: SidePoint;
    readonly knee: SidePoint;
    readonly hip: SidePoint;
    readonly shoulder: SidePoint;
    readonly hand: SidePoint;
  };
};

/** Quasi-static, from the side, of a person of a stature in metres. Fails with a sentence where the hands do not reach. */
export function loadOfStance(stance: Stance, statureM: number): Result<StanceLoad> {
  switch (stance.kind) {
    case 'lean':
      return lean(stance, statureM);
    case 'seated':
      return seated(stance, statureM);
    case 'unload':
      return ok(unload(stance.handedOver, statureM));
    case 'all fours':
      return allFours(stance.forwardM / statureM, statureM);
    case 'feet back':
      return ok(feetBack(statureM));
  }
}

const radians = (degrees: number): number => (degrees * Math.PI) / 180;

/** Weight that stands above the toes, the knees or the seat, of which the hands can never bear more. */
const ABOVE = {
  toes: 1,
  knees: 1 - MASS.legs,
  seat: MASS.trunk + MASS.arms,
} as const;

/** Hands lower than this on a wall, as a share of stature, would slide down it. */
const LOWEST_ON_A_WALL = 0.5;
/** A step as a share of stature. */
const STEP_HIGH = 0.17;

type Mass = readonly [mass: number, along: number, off: number];

/**
 * The body is a rigid line that turns about the toes or the knees, arms square to it. The bounds are what a scale laid
 * on the surface reads when the hands push along the arms, and when nothing but the surface's own pressure holds them. On the floor
 * arms are held upright as well, hands under the shoulders, which asks more; by the height of a step nobody does that any more.
 */
function lean(stance: Extract<Stance, { kind: 'lean' }>, statureM: number): Result<StanceLoad> {
  const from = stance.pivot === 'toes' ? 0 : HEIGHT.knee;
  const line = HEIGHT.shoulder - from;
  const height = stance.handHeightM / statureM;
  const reach = Math.hypot(line, ARM);
  if (height < 0 || height >= reach * 0.98)
    return fail('out-of-reach', 'The hands do not reach that high in a lean. Lower the support.');
  if (stance.surface === 'wall' && height < LOWEST_ON_A_WALL)
    return fail(
      'out-of-reach',
      'So low on a wall the hands would slide. Put them at hip height or higher, or lean on something flat.',
    );
  const angle = Math.asin(height / reach) + Math.atan2(ARM, line);
  if (angle >= radians(88))
    return fail(
      'out-of-reach',
      'At that height the body stands upright and leans on nothing. Lower the support.',
    );
  const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
  const masses: readonly Mass[] = [
    ...(stance.pivot === 'toes' ? [[MASS.legs, CENTRE.legs, 0] as const] : []),
    [MASS.thighs, CENTRE.thighs - from, 0],
    [MASS.trunk, CENTRE.trunk - from, 0],
    [MASS.arms, line, CENTRE.arms],
  ];
  const moment = masses.reduce((sum, [mass, along, off]) => sum + mass * (along * cos + off * sin), 0);
  const hand: SidePoint = [line * cos + ARM * sin, height];
  const alongArm = moment / line;
  const armsUpright = masses.reduce((sum, [mass, along]) => sum + mass * along, 0) / line;
  const nearFloor = Math.max(0, 1 - height / STEP_HIGH);
  const onFloor = (square: number): number => square + nearFloor * Math.max(0, armsUpright - square);
  const above = ABOVE[stance.pivot];
  const scale =
    stance.surface === 'flat'
      ? between(alongArm * cos, onFloor(moment / hand[0]), above)
      : between(alongArm * sin, moment / hand[1], above);
  const wrist = between(alongArm, stance.surface === 'flat' ? onFloor(alongArm) : alongArm, above);
  const at = (length: number): SidePoint => scaled([length * cos, length * sin], statureM);
  return ok({
    scale,
    wrist,
    points: {
      toe: stance.pivot === 'toes' ? at(0) : scaled([-HEIGHT.knee, 0], statureM),
      knee: at(HEIGHT.knee - from),
      hip: at(HEIGHT.hip - from),
      shoulder: at(line),
      hand: scaled(hand, statureM),
    },
  });
}

/** The trunk turns about the hips; the hands take a share of its moment at their distance. */
function seated(stance: Extract<Stance, { kind: 'seated' }>, statureM: number): Result<StanceLoad> {
  const angle = radians(stance.leanDeg);
  const [sin, cos] = [Math.sin(angle), Math.cos(angle)];
  const [reach, up] = [stance.reachM / statureM, stance.handsOverSeatM / statureM];
  const shoulder: SidePoint = [TRUNK * sin, TRUNK * cos];
  if (reach <= 0.02 || Math.hypot(reach - shoulder[0], up - shoulder[1]) > ARM * 1.03)
    return fail('out-of-reach', 'The hands do not reach there. Lean further or bring the support nearer.');
  const armCentre = shoulder[0] + (CENTRE.arms / ARM) * (reach - shoulder[0]);
  const moment = MASS.trunk * (CENTRE.trunk - HEIGHT.hip) * sin + MASS.arms * armCentre;
  const share = (stance.handedOver * moment) / reach;
  if (share > ABOVE.seat)
    return fail(
      'out-of-reach',
      'So near the body the hands would have to bear more than there is over the seat. Put them further forward, lean less, or hand over less.',
    );
  // How much of the moment is handed over is a choice nobody keeps exactly.
  return ok({
    ...straightDown(share, 0.15, ABOVE.seat),
    points: seatedPoints(shoulder, [reach, up], statureM),
  });
}

function unload(handedOver: number, statureM: number): StanceLoad {
  const onSeat = ABOVE.seat + MASS.thighs;
  return {
    ...straightDown(handedOver * onSeat, 0.15, onSeat),
    points: seatedPoints([0.03, TRUNK], [0.06, TRUNK - ARM], statureM),
  };
}

/** Hips at the seat, thighs level, lower legs upright. */
const seatedPoints = (shoulder: SidePoint, hand: SidePoint, statureM: number): StanceLoad['points'] => {
  const seat = HEIGHT.knee;
  const over = ([x, y]: SidePoint): SidePoint => scaled([x, y + seat], statureM);
  return {
    toe: scaled([THIGH + 0.06, 0], statureM),
    knee: scaled([THIGH, seat], statureM),
    hip: scaled([0, seat], statureM),
    shoulder: over(shoulder),
    hand: over(hand),
  };
};

/** Trunk level, hands where the shoulders are when the hips are over the knees; the lower legs lie on the floor. */
function allFours(forward: number, statureM: number): Result<StanceLoad> {
  if (Math.abs(forward) > 0.12)
    return fail('out-of-reach', 'Moving the hips that far is another set-up. Keep them near the knees.');
  const hand: SidePoint = [TRUNK, 0];
  const moment =
    MASS.thighs * forward * (1 - 0.433) +
    MASS.trunk * (forward + CENTRE.trunk - HEIGHT.hip) +
    MASS.arms * (TRUNK + forward * (1 - CENTRE.arms / ARM));
  return ok({
    ...straightDown(moment / hand[0], 0.05, ABOVE.knees),
    points: {
      toe: scaled([-HEIGHT.knee, 0], statureM),
      knee: scaled([0, 0], statureM),
      hip: scaled([forward, THIGH], statureM),
      shoulder: scaled([forward + TRUNK, Math.min(ARM, THIGH + 0.06)], statureM),
      hand: scaled(hand, statureM),
    },
  });
}

/** Hands under the shoulders, trunk level, knees lifted and legs straight back to the toes. */
function feetBack(statureM: number): StanceLoad {
  const back = Math.sqrt(HEIGHT.hip ** 2 - ARM ** 2);
  const onLeg = (fromHip: number): number => back * (1 - fromHip / HEIGHT.hip);
  const base = back + TRUNK;
  const moment =
    MASS.legs * onLeg(HEIGHT.hip - CENTRE.legs) +
    MASS.thighs * onLeg(HEIGHT.hip - CENTRE.thighs) +
    MASS.trunk * (back + CENTRE.trunk - HEIGHT.hip) +
    MASS.arms * base;
  const down = (fromHip: number): SidePoint =>
    scaled([onLeg(fromHip), ARM * (1 - fromHip / HEIGHT.hip)], statureM);
  return {
    ...straightDown(moment / base, 0.05, ABOVE.toes),
    points: {
      toe: scaled([0, 0], statureM),
      knee: down(THIGH),
      hip: scaled([back, ARM], statureM),
      shoulder: scaled([base, ARM], statureM),
      hand: scaled([base, 0], statureM),
    },
  };
}

const scaled = ([x, y]: SidePoint, statureM: number): SidePoint => [x * statureM, y * statureM];
