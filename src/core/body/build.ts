/** Segments of a grown body as shares of stature (Winter 2009, after Drillis and Contini 1966). */
const SHARE = {
  hipHeight: 0.53,
  kneeHeight: 0.285,
  ankleHeight: 0.039,
  shoulderHeight: 0.818,
  upperArm: 0.186,
  forearm: 0.146,
  halfShoulders: 0.118,
  halfHips: 0.052,
  neck: 0.05,
  headHeight: 0.13,
  heel: 0.036,
  ball: 0.075,
  toe: 0.116,
} as const;

/** One person's lengths, mm, and how stout: 1 is the middle. */
export type Build = { readonly [K in keyof typeof SHARE]: number } & {
  readonly thigh: number;
  readonly shin: number;
  readonly trunk: number;
  readonly girth: number;
  readonly statureMm: number;
  readonly skin: 'skin' | 'skin-2' | 'skin-3';
  readonly hair: 'hair' | 'hair-2';
};

function buildOf(
  statureMm: number,
  girth: number,
  skin: Build['skin'] = 'skin',
  hair: Build['hair'] = 'hair',
): Build {
  const of = (k: keyof typeof SHARE) => SHARE[k] * statureMm;
  return {
    ...(Object.fromEntries((Object.keys(SHARE) as (keyof typeof SHARE)[]).map((k) => [k, of(k)])) as Record<
      keyof typeof SHARE,
      number
    >),
    thigh: of('hipHeight') - of('kneeHeight'),
    shin: of('kneeHeight') - of('ankleHeight'),
    trunk: of('shoulderHeight') - of('hipHeight'),
    girth,
    statureMm,
    skin,
    hair,
  };
}

/** People as they come to a class: short and tall, slight and stout, darker and lighter. */
export const BUILDS: readonly Build[] = [
  buildOf(1620, 1.05),
  buildOf(1700, 1, 'skin-3'),
  buildOf(1560, 1.22, 'skin-2', 'hair-2'),
  buildOf(1740, 1.16),
  buildOf(1590, 0.9),
];
