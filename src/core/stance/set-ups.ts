import { LOAD_SET_UPS, type LoadSetUp } from '../catalogue';
import { isAboutTheSame, type Band } from './band';
import { loadOfStance, type Stance } from './stance';

/** How each set-up is usually taken up by a person of a stature, metres. Heights are those of common furniture. */
export function usualStance(setUp: LoadSetUp, statureM: number): Stance {
  switch (setUp) {
    case 'thighs':
      return {
        kind: 'seated',
        leanDeg: 20,
        reachM: 0.22 * statureM,
        handsOverSeatM: 0.06,
        handedOver: 0.5,
      };
    case 'table, seated':
      return {
        kind: 'seated',
        leanDeg: 30,
        reachM: 0.35 * statureM,
        handsOverSeatM: 0.27,
        handedOver: 0.6,
      };
    case 'chair arms':
      return { kind: 'unload', handedOver: 0.25 };
    case 'wall':
      return { kind: 'lean', surface: 'wall', pivot: 'toes', handHeightM: 0.72 * statureM };
    case 'worktop':
      return { kind: 'lean', surface: 'flat', pivot: 'toes', handHeightM: 0.9 };
    case 'chair seat':
      return { kind: 'lean', surface: 'flat', pivot: 'toes', handHeightM: 0.45 };
    case 'all fours':
      return { kind: 'all fours', forwardM: 0 };
    case 'all fours, feet back':
      return { kind: 'feet back' };
    case 'straight body':
      return { kind: 'lean', surface: 'flat', pivot: 'toes', handHeightM: 0 };
  }
}

/** Off until somebody is cleared and it is switched on. */
export const ON_THE_FLOOR: ReadonlySet<LoadSetUp> = new Set([
  'all fours',
  'all fours, feet back',
  'straight body',
]);

/** One rung of the ladder: a set-up with the share of body weight that goes through both wrists. */
export type LadderRung = { readonly setUp: LoadSetUp; readonly band: Band };

/** Every set-up as usually taken up, lightest first for this stature, metres; what does not fit is left out. */
export function loadLadder(statureM: number): readonly LadderRung[] {
  return LOAD_SET_UPS.flatMap((setUp): LadderRung[] => {
    const load = loadOfStance(usualStance(setUp, statureM), statureM);
    return load.ok ? [{ setUp, band: load.value.wrist }] : [];
  }).sort((a, b) => a.band.middle - b.band.middle);
}

/** Done on hands and knees or feet. */
const isOnFloor = (stance: Stance): boolean =>
  stance.kind === 'all fours' ||
  stance.kind === 'feet back' ||
  (stance.kind === 'lean' && (stance.pivot === 'knees' || stance.handHeightM < FLOOR_UP_TO_M));
const FLOOR_UP_TO_M = 0.1;

/** The rungs that ask about the same as a stance, as far as the model can tell. */
export const likeRungs = (ladder: readonly LadderRung[], band: Band): readonly LadderRung[] =>
  ladder.filter((r) => isAboutTheSame(r.band, band));

/** The smallest step up from a stance that is sure to be one; from what is done standing or seated, none on the floor. Null at the top. */
export const nextRung = (ladder: readonly LadderRung[], stance: Stance, band: Band): LadderRung | null =>
  ladder.find((r) => r.band.low > band.high && (isOnFloor(stance) || !ON_THE_FLOOR.has(r.setUp))) ?? null;

/** Weight on each wrist: the hands' share of body mass, split between them. */
export function perWristKg(
  share: number,
  massKg: number,
  leftShare: number,
): { readonly L: number; readonly R: number } {
  const bothKg = share * massKg;
  return { L: bothKg * leftShare, R: bothKg * (1 - leftShare) };
}
