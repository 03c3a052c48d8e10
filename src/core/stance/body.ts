import { bell, type Dice } from '../dice';

/** A point seen from the side, metres: x forward, y up. */
export type SidePoint = readonly [x: number, y: number];

/** Body segments as shares of stature and mass; heights are from the floor, standing. */
type Segments = {
  readonly shoulder: number;
  readonly hip: number;
  readonly knee: number;
  /** Shoulder to wrist. */
  readonly arm: number;
  /** Head, arms and trunk; both arms; both thighs; both lower legs with the feet. Together all of the mass. */
  readonly upperMass: number;
  readonly armsMass: number;
  readonly thighsMass: number;
  readonly legsMass: number;
};

/** The average body of Winter 2009. */
const WINTER: Segments = {
  shoulder: 0.818,
  hip: 0.53,
  knee: 0.285,
  arm: 0.332,
  upperMass: 0.678,
  armsMass: 0.1,
  thighsMass: 0.2,
  legsMass: 0.122,
};

/** A body to reckon with: lengths and masses of its segments, and where their centres of mass are. */
export type Body = ReturnType<typeof bodyOf>;

/**
 * The arms' mass is taken out of the head-arms-trunk segment, since in a lean they go forward of the trunk. Centres of mass are
 * heights from the floor when standing; the arms' is a distance from the shoulder.
 */
function bodyOf({ shoulder, hip, knee, arm, ...of }: Segments) {
  const [trunk, thigh] = [shoulder - hip, hip - knee];
  const mass = {
    trunk: of.upperMass - of.armsMass,
    arms: of.armsMass,
    thighs: of.thighsMass,
    legs: of.legsMass,
  } as const;
  const downArm = 0.53 * arm;
  const centre = {
    trunk: (of.upperMass * (hip + 0.626 * trunk) - of.armsMass * (shoulder - downArm)) / mass.trunk,
    arms: downArm,
    thighs: hip - 0.433 * thigh,
    legs: knee * (1 - 0.606),
  } as const;
  return { height: { shoulder, hip, knee }, arm, trunk, thigh, mass, centre } as const;
}

export const AVERAGE = bodyOf(WINTER);

/** Spreads of segments among people, as shares of the average: ours, of the size by which published tables differ from each other. */
const LENGTH_SPREAD = 0.02;
const MASS_SPREAD = 0.05;

/** A body as chance would have it; its masses still come to one. */
export function someBody(roll: Dice): Body {
  const length = (share: number) => share * (1 + LENGTH_SPREAD * bell(roll));
  const heavy = (share: number) => share * (1 + MASS_SPREAD * bell(roll));
  const [upper, thighs, legs] = [WINTER.upperMass, WINTER.thighsMass, WINTER.legsMass].map(heavy) as [
    number,
    number,
    number,
  ];
  const all = upper + thighs + legs;
  return bodyOf({
    shoulder: length(WINTER.shoulder),
    hip: length(WINTER.hip),
    knee: length(WINTER.knee),
    arm: length(WINTER.arm),
    upperMass: upper / all,
    armsMass: heavy(WINTER.armsMass) / all,
    thighsMass: thighs / all,
    legsMass: legs / all,
  });
}
