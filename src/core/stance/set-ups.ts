import { LOAD_SET_UPS, type LoadSetUp } from '../catalogue';
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

/** One rung of the ladder: a set-up with the share of body weight that both hands bear. */
export type LadderRung = { readonly setUp: LoadSetUp; readonly share: number };

/** Every set-up as usually taken up, lightest first for this stature, metres; what does not fit is left out. */
export function loadLadder(statureM: number): readonly LadderRung[] {
  return LOAD_SET_UPS.flatMap((setUp): LadderRung[] => {
    const load = loadOfStance(usualStance(setUp, statureM), statureM);
    return load.ok ? [{ setUp, share: load.value.middle }] : [];
  }).sort((a, b) => a.share - b.share);
}

/** The smallest step up from a share: the first rung over it. Null at the top. */
export const nextRung = (ladder: readonly LadderRung[], share: number): LadderRung | null =>
  ladder.find((r) => r.share > share + 0.005) ?? null;

/** Kilograms on each wrist: the hands' share of body mass, split between them. */
export function perWristKg(
  share: number,
  massKg: number,
  leftShare: number,
): { readonly L: number; readonly R: number } {
  const bothKg = share * massKg;
  return { L: bothKg * leftShare, R: bothKg * (1 - leftShare) };
}
