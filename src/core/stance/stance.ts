import { z } from 'zod';
import { fail, ok, type Result } from '../result';
import { between, straightDown, type Band } from './band';
import { AVERAGE, type Body, type SidePoint } from './body';

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
export function loadOfStance(stance: Stance, statureM: number, body: Body = AVERAGE): Result<StanceLoad> {
  switch (stance.kind) {
    case 'lean':
      return lean(stance, statureM, body);
    case 'seated':
      return seated(stance, statureM, body);
    case 'unload':
      return ok(unload(stance.handedOver, statureM, body));
    case 'all fours':
      return allFours(stance.forwardM / statureM, statureM, body);
    case 'feet back':
      return ok(feetBack(statureM, body));
  }
}

const radians = (degrees: number): number => (degrees * Math.PI) / 180;

/** Weight that stands above the toes, the knees or the seat, of which the hands can never bear more. */
const above = ({ mass }: Body) => ({ toes: 1, knees: 1 - mass.legs, seat: mass.trunk + mass.arms }) as const;

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
function lean(stance: Extract<Stance, { kind: 'lean' }>, statureM: number, body: Body): Result<StanceLoad> {
  const { height: heights, arm, mass, centre } = body;
  const from = stance.pivot === 'toes' ? 0 : heights.knee;
  const line = heights.shoulder - from;
  const height = stance.handHeightM / statureM;
  const reach = Math.hypot(line, arm);
  if (height < 0 || height >= reach * 0.98)
    return fail('out-of-reach', 'The hands do not reach that high in a lean. Lower the support.');
  if (stance.surface === 'wall' && height < LOWEST_ON_A_WALL)
    return fail(
      'out-of-reach',
      'So low on a wall the hands would slide. Put them at hip height or higher, or lean on something flat.',
    );
  const angle = Math.asin(height / reach) + Math.atan2(arm, line);
  if (angle >= radians(88))
    return fail(
      'out-of-reach',
      'At that height the body stands upright and leans on nothing. Lower the support.',
    );
  const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
  const masses: readonly Mass[] = [
    ...(stance.pivot === 'toes' ? [[mass.legs, centre.legs, 0] as const] : []),
    [mass.thighs, centre.thighs - from, 0],
    [mass.trunk, centre.trunk - from, 0],
    [mass.arms, line, centre.arms],
  ];
  const moment = masses.reduce((sum, [m, along, off]) => sum + m * (along * cos + off * sin), 0);
  const hand: SidePoint = [line * cos + arm * sin, height];
  const alongArm = moment / line;
  const armsUpright = masses.reduce((sum, [m, along]) => sum + m * along, 0) / line;
  const nearFloor = Math.max(0, 1 - height / STEP_HIGH);
  const onFloor = (square: number): number => square + nearFloor * Math.max(0, armsUpright - square);
  const most = above(body)[stance.pivot];
  const scale =
    stance.surface === 'flat'
      ? between(alongArm * cos, onFloor(moment / hand[0]), most)
      : between(alongArm * sin, moment / hand[1], most);
  const wrist = between(alongArm, stance.surface === 'flat' ? onFloor(alongArm) : alongArm, most);
  const at = (length: number): SidePoint => scaled([length * cos, length * sin], statureM);
  return ok({
    scale,
    wrist,
    points: {
      toe: stance.pivot === 'toes' ? at(0) : scaled([-heights.knee, 0], statureM),
      knee: at(heights.knee - from),
      hip: at(heights.hip - from),
      shoulder: at(line),
      hand: scaled(hand, statureM),
    },
  });
}

/** The trunk turns about the hips; the hands take a share of its moment at their distance. */
function seated(
  stance: Extract<Stance, { kind: 'seated' }>,
  statureM: number,
  body: Body,
): Result<StanceLoad> {
  const { height: heights, arm, trunk, mass, centre } = body;
  const angle = radians(stance.leanDeg);
  const [sin, cos] = [Math.sin(angle), Math.cos(angle)];
  const [reach, up] = [stance.reachM / statureM, stance.handsOverSeatM / statureM];
  const shoulder: SidePoint = [trunk * sin, trunk * cos];
  if (reach <= 0.02 || Math.hypot(reach - shoulder[0], up - shoulder[1]) > arm * 1.03)
    return fail('out-of-reach', 'The hands do not reach there. Lean further or bring the support nearer.');
  const armCentre = shoulder[0] + (centre.arms / arm) * (reach - shoulder[0]);
  const moment = mass.trunk * (centre.trunk - heights.hip) * sin + mass.arms * armCentre;
  const share = (stance.handedOver * moment) / reach;
  if (share > above(body).seat)
    return fail(
      'out-of-reach',
      'So near the body the hands would have to bear more than there is over the seat. Put them further forward, lean less, or hand over less.',
    );
  // How much of the moment is handed over is a choice nobody keeps exactly.
  return ok({
    ...straightDown(share, 0.15, above(body).seat),
    points: seatedPoints(shoulder, [reach, up], statureM, body),
  });
}

function unload(handedOver: number, statureM: number, body: Body): StanceLoad {
  const onSeat = above(body).seat + body.mass.thighs;
  return {
    ...straightDown(handedOver * onSeat, 0.15, onSeat),
    points: seatedPoints([0.03, body.trunk], [0.06, body.trunk - body.arm], statureM, body),
  };
}

/** Hips at the seat, thighs level, lower legs upright. */
const seatedPoints = (
  shoulder: SidePoint,
  hand: SidePoint,
  statureM: number,
  { height, thigh }: Body,
): StanceLoad['points'] => {
  const seat = height.knee;
  const over = ([x, y]: SidePoint): SidePoint => scaled([x, y + seat], statureM);
  return {
    toe: scaled([thigh + 0.06, 0], statureM),
    knee: scaled([thigh, seat], statureM),
    hip: scaled([0, seat], statureM),
    shoulder: over(shoulder),
    hand: over(hand),
  };
};

/** Trunk level, hands where the shoulders are when the hips are over the knees; the lower legs lie on the floor. */
function allFours(forward: number, statureM: number, body: Body): Result<StanceLoad> {
  const { height: heights, arm, trunk, thigh, mass, centre } = body;
  if (Math.abs(forward) > 0.12)
    return fail('out-of-reach', 'Moving the hips that far is another set-up. Keep them near the knees.');
  const hand: SidePoint = [trunk, 0];
  const moment =
    mass.thighs * forward * (1 - 0.433) +
    mass.trunk * (forward + centre.trunk - heights.hip) +
    mass.arms * (trunk + forward * (1 - centre.arms / arm));
  return ok({
    ...straightDown(moment / hand[0], 0.05, above(body).knees),
    points: {
      toe: scaled([-heights.knee, 0], statureM),
      knee: scaled([0, 0], statureM),
      hip: scaled([forward, thigh], statureM),
      shoulder: scaled([forward + trunk, Math.min(arm, thigh + 0.06)], statureM),
      hand: scaled(hand, statureM),
    },
  });
}

/** Hands under the shoulders, trunk level, knees lifted and legs straight back to the toes. */
function feetBack(statureM: number, body: Body): StanceLoad {
  const { height: heights, arm, trunk, thigh, mass, centre } = body;
  const back = Math.sqrt(heights.hip ** 2 - arm ** 2);
  const onLeg = (fromHip: number): number => back * (1 - fromHip / heights.hip);
  const base = back + trunk;
  const moment =
    mass.legs * onLeg(heights.hip - centre.legs) +
    mass.thighs * onLeg(heights.hip - centre.thighs) +
    mass.trunk * (back + centre.trunk - heights.hip) +
    mass.arms * base;
  const down = (fromHip: number): SidePoint =>
    scaled([onLeg(fromHip), arm * (1 - fromHip / heights.hip)], statureM);
  return {
    ...straightDown(moment / base, 0.05, above(body).toes),
    points: {
      toe: scaled([0, 0], statureM),
      knee: down(thigh),
      hip: scaled([back, arm], statureM),
      shoulder: scaled([base, arm], statureM),
      hand: scaled([base, 0], statureM),
    },
  };
}

const scaled = ([x, y]: SidePoint, statureM: number): SidePoint => [x * statureM, y * statureM];
