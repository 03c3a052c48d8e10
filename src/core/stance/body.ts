/**
 * Body segments as shares of stature and mass (Winter 2009). Heights are from the floor, standing. The arms'
 * mass is taken out of the head-arms-trunk segment, since in a lean they go forward of the trunk.
 */
export const HEIGHT = { shoulder: 0.818, hip: 0.53, knee: 0.285, ankle: 0.039 } as const;
/** Shoulder to wrist. */
export const ARM = 0.332;
export const TRUNK = HEIGHT.shoulder - HEIGHT.hip;
export const THIGH = HEIGHT.hip - HEIGHT.knee;

const HEAD_ARMS_TRUNK = { mass: 0.678, at: HEIGHT.hip + 0.626 * TRUNK };
/** Both arms, and how far down from the shoulder their centre is. */
const ARMS = { mass: 0.1, down: 0.53 * ARM };

export const MASS = {
  trunk: HEAD_ARMS_TRUNK.mass - ARMS.mass,
  arms: ARMS.mass,
  thighs: 0.2,
  legs: 0.122,
} as const;

/** Centres of mass, heights from the floor when standing; the arms' as a distance from the shoulder. */
export const CENTRE = {
  trunk: (HEAD_ARMS_TRUNK.mass * HEAD_ARMS_TRUNK.at - ARMS.mass * (HEIGHT.shoulder - ARMS.down)) / MASS.trunk,
  arms: ARMS.down,
  thighs: HEIGHT.hip - 0.433 * THIGH,
  legs: HEIGHT.knee * (1 - 0.606),
} as const;

/** A point seen from the side, metres: x forward, y up. */
export type SidePoint = readonly [x: number, y: number];
