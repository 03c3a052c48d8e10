import type { EffortKind, Movement } from '../catalogue';

/** Movements that make progress together: what is learnt in one helps the others of its kind. */
export const FAMILIES = ['mobility', 'stretch', 'still holds', 'grip', 'opening', 'loading'] as const;
export type Family = (typeof FAMILIES)[number];

const FAMILY_OF: Readonly<Record<EffortKind, Family | null>> = {
  notice: null,
  breath: null,
  warm: null,
  massage: null,
  active: 'mobility',
  coordination: 'mobility',
  tap: 'mobility',
  stretch: 'stretch',
  isometric: 'still holds',
  grip: 'grip',
  pinch: 'grip',
  opening: 'opening',
  load: 'loading',
};

/** Null for what settles and warms, which has no rungs to climb. */
export const familyOf = (m: Pick<Movement, 'effort'>): Family | null => FAMILY_OF[m.effort];
