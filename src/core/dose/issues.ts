import { FINGERS, leastCount, MOST, primaryCount, type Dose } from './dose';

/**
 * What of a dose cannot be done as it is written, in sentences; none for a whole one. Asked of what comes in: what is
 * stored stays readable.
 */
export function doseIssues(
  dose: Pick<Dose, 'count' | 'fewest' | 'most' | 'sides' | 'perSide'>,
): readonly string[] {
  const { count, fewest, most } = dose;
  const usual = primaryCount(count);
  const ceiling = count.mode === 'time' ? null : MOST[count.mode];
  return [
    ...(fewest <= usual && usual <= most ? [] : ['The usual count must lie between fewest and most']),
    ...(ceiling !== null && most > ceiling ? [`The top of the range can be at most ${ceiling} here`] : []),
    ...(count.mode === 'sequence'
      ? FINGERS.filter((f) => count.steps.filter((step) => step === f).length > 1).map(
          (f) => `The ${f} is named twice in the sequence; it can have more in each round instead`,
        )
      : []),
    ...(usual < leastCount(dose)
      ? ['Hand by hand, one in all leaves one hand with nothing: two at least']
      : []),
  ];
}
