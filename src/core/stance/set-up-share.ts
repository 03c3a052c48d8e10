import { LOAD_SET_UPS, type LoadSetUp } from '../catalogue';
import { usualStance } from './set-ups';
import { loadOfStance } from './stance';

/** A stature to plan with where a person's own is not known, metres. */
export const PLANNED_STATURE_M = 1.62;

/** Share of body weight on each wrist, both hands alike, that a set-up is planned with. It compares one class with another. */
export const PLANNED_SHARE: Readonly<Record<LoadSetUp, number>> = Object.fromEntries(
  LOAD_SET_UPS.map((setUp) => {
    const load = loadOfStance(usualStance(setUp, PLANNED_STATURE_M), PLANNED_STATURE_M);
    return [setUp, load.ok ? load.value.wrist.middle / 2 : 0];
  }),
) as Record<LoadSetUp, number>;
