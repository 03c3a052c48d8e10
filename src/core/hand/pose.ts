import { AXES, FINGER_NAMES, type AxisId, type FingerName } from './joints';

/**
 * Joint angles of one hand, degrees, and how a scene carries it; what is not said is at rest.
 * The same pose serves left and right.
 */
export type Pose = Readonly<Partial<Record<AxisId, number>>>;
export type FullPose = Readonly<Record<AxisId, number>>;

export const REST: FullPose = Object.fromEntries(AXES.map((l) => [l.id, l.rest])) as FullPose;

export const fullPose = (pose: Pose): FullPose => ({ ...REST, ...pose });

/** Joints of a pose beyond their limits, with the limit they break. */
export function beyondLimits(pose: Pose): readonly { id: AxisId; angle: number; min: number; max: number }[] {
  return AXES.flatMap(({ id, min, max }) => {
    const angle = pose[id];
    return angle !== undefined && (angle < min || angle > max) ? [{ id, angle, min, max }] : [];
  });
}

/** A pose with every joint brought inside its limits. */
export function withinLimits(pose: Pose): FullPose {
  const full = fullPose(pose);
  return Object.fromEntries(
    AXES.map(({ id, min, max }) => [id, Math.min(max, Math.max(min, full[id]))]),
  ) as FullPose;
}

/** Between two poses; share 0 is the first, 1 the second. */
export function blend(a: FullPose, b: FullPose, share: number): FullPose {
  return Object.fromEntries(AXES.map(({ id }) => [id, a[id] + (b[id] - a[id]) * share])) as FullPose;
}

/** Slow at both ends, as a hand moves: smoothstep. */
export const ease = (share: number): number => share * share * (3 - 2 * share);

/** The same three bends for each finger named. */
export function fingers(
  mcp: number,
  pip: number,
  dip: number,
  names: readonly FingerName[] = FINGER_NAMES,
): Pose {
  return Object.assign(
    {},
    ...names.map((n) => ({ [`${n}.mcp`]: mcp, [`${n}.pip`]: pip, [`${n}.dip`]: dip })),
  ) as Pose;
}

/** The thumb: out to the side, out of the palm, turned, and its two bends. */
export const thumb = (radial: number, palmar: number, opposition: number, mcp: number, ip: number): Pose => ({
  'thumb.radial': radial,
  'thumb.palmar': palmar,
  'thumb.opposition': opposition,
  'thumb.mcp': mcp,
  'thumb.ip': ip,
});

/** Fingers fanned by a share of their full spread; negative draws them together. */
export const fan = (share: number): Pose => ({
  'index.spread': 18 * share,
  'middle.spread': 4 * share,
  'ring.spread': -10 * share,
  'little.spread': -20 * share,
});
