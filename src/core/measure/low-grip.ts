import { amountText, METRIC, type Units } from '../units';

/** Low grip, kg (EWGSOP2: Cruz-Jentoft et al. 2019). Oskil asks nobody's sex, so that it tells both lines. */
const LOW_KG = { men: 27, women: 16 } as const;

/** What is said of somebody's best squeeze, kg, where it is under a line; null where it is over both. */
export function lowGripWords(bestKg: number, units: Units = METRIC): string | null {
  if (bestKg >= LOW_KG.men) return null;
  const digits = units.mass === 'kg' ? 0 : 1;
  const [women, men] = [LOW_KG.women, LOW_KG.men].map((kg) => amountText(kg, 'kg', units, digits));
  const line =
    bestKg < LOW_KG.women
      ? `The best squeeze is under ${women}, the line of low grip for women; for men it is ${men}.`
      : `The best squeeze is under ${men}, the line of low grip for men; for women it is ${women}.`;
  return `${line} Their own first day matters more; a clinician can say what it means.`;
}
