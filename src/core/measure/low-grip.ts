/** Low grip, kg (EWGSOP2: Cruz-Jentoft et al. 2019). Oskil asks nobody's sex, so that it tells both lines. */
const LOW_KG = { men: 27, women: 16 } as const;

/** What is said of somebody's best squeeze, kg, where it is under a line; null where it is over both. */
export function lowGripWords(bestKg: number): string | null {
  if (bestKg >= LOW_KG.men) return null;
  const line =
    bestKg < LOW_KG.women
      ? `The best squeeze is under ${LOW_KG.women} kg, the line of low grip for women; for men it is ${LOW_KG.men} kg.`
      : `The best squeeze is under ${LOW_KG.men} kg, the line of low grip for men; for women it is ${LOW_KG.women} kg.`;
  return `${line} Their own first day matters more; a clinician can say what it means.`;
}
