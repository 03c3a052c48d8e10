/**
 * How a person sits, stands and moves, beside what the hands' joints do. Angles in degrees, ways in mm. Those of an arm or a
 * leg are the same for left and right: outward and ahead are positive. `trunk` and `head` turn and bend to the
 * person's working side.
 */
export type BodyAxis =
  | `trunk.${'lean' | 'side' | 'turn'}`
  | `head.${'turn' | 'nod' | 'side'}`
  | `shoulder.${'up' | 'ahead'}`
  | `arm.${'ahead' | 'out' | 'turn' | 'palm'}`
  | `elbow.${'bend' | 'out'}`
  | `reach.${'up' | 'out' | 'ahead' | 'turn' | 'side'}`
  | `hips.${'up' | 'ahead' | 'side'}`
  | 'body.lean'
  | 'knees.sway'
  | `foot.${'ahead' | 'out' | 'up' | 'turn' | 'tilt'}`
  | 'heel.up'
  | `toes.${'up' | 'bend'}`;

type BodyLimit = {
  readonly id: BodyAxis;
  readonly name: string;
  readonly min: number;
  readonly max: number;
  readonly rest: number;
  /** A way, where it is no angle. */
  readonly unit: 'degrees' | 'mm';
};

const axis = (id: BodyAxis, name: string, min: number, max: number, rest = 0): BodyLimit => ({
  id,
  name,
  min,
  max,
  rest,
  unit: 'degrees',
});
const way = (id: BodyAxis, name: string, min: number, max: number): BodyLimit => ({
  ...axis(id, name, min, max),
  unit: 'mm',
});

/** Angles within usual active limits (American Academy of Orthopaedic Surgeons 1965); ways within what a body can reach. */
export const BODY_LIMITS: readonly BodyLimit[] = [
  axis('trunk.lean', 'trunk forward', -25, 90),
  axis('trunk.side', 'trunk to the side', -35, 35),
  axis('trunk.turn', 'trunk turn', -45, 45),
  axis('head.turn', 'head turn', -75, 75),
  axis('head.nod', 'nod', -50, 45),
  axis('head.side', 'head to the side', -40, 40),
  way('shoulder.up', 'shoulders lifted', -10, 60),
  way('shoulder.ahead', 'shoulders forward', -40, 40),
  axis('arm.ahead', 'arm forward and up', -55, 175),
  axis('arm.out', 'arm out to the side', -35, 175, 12),
  axis('arm.turn', 'arm turned in', -80, 70),
  axis('elbow.bend', 'elbow bend', 0, 145, 15),
  axis('arm.palm', 'palm down', -80, 80),
  axis('elbow.out', 'elbow out', -70, 80),
  way('reach.up', 'hand up', -300, 600),
  way('reach.out', 'hand outward', -400, 400),
  way('reach.ahead', 'hand forward', -300, 500),
  way('reach.side', 'both hands to the side', -300, 300),
  axis('reach.turn', 'hand turned out', -170, 80),
  way('hips.up', 'hips up', -60, 150),
  way('hips.ahead', 'hips forward', -150, 200),
  way('hips.side', 'hips to the side', -150, 150),
  axis('body.lean', 'whole body forward', 0, 75),
  axis('knees.sway', 'knees to the side', -35, 35),
  way('foot.ahead', 'foot forward', -250, 450),
  way('foot.out', 'foot outward', -100, 250),
  way('foot.up', 'foot up', 0, 300),
  axis('foot.turn', 'foot turned out', -35, 45),
  axis('foot.tilt', 'sole turned in', -15, 35),
  axis('heel.up', 'heel up', 0, 60),
  axis('toes.up', 'foot bent up', -50, 30),
  axis('toes.bend', 'toes curled', -45, 40),
];

/** Is it a way, mm, and no angle? */
export const isWay = (id: string): boolean => BODY_LIMITS.some((l) => l.id === id && l.unit === 'mm');

export type BodyPose = Readonly<Record<BodyAxis, number>>;
