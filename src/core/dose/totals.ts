import { boutsOf, type Bout } from './bouts';
import { stepsOfRound, type Dose } from './dose';

/** What each hand and each pass gets from a dose, in counted things (a sequence step is one). */
type DoseTotals = Readonly<Totals> & {
  /** By the name of each pass; '' where there is only one way. */
  readonly byPass: ReadonlyMap<string, Readonly<Totals>>;
};

/** Repetitions x sets x sides x passes x items in the sequence, kept apart by side and by pass. */
export function doseTotals(dose: Dose): DoseTotals {
  const items = dose.count.mode === 'sequence' ? stepsOfRound(dose.count).length : 1;
  const byPass = new Map<string, Totals>();
  const totals: Totals = { left: 0, right: 0, beats: 0 };
  for (const bout of boutsOf(dose)) {
    const n = bout.count * items;
    const hands = handsOf(dose, bout, items);
    const ofPass = byPass.get(bout.pass.name) ?? { left: 0, right: 0, beats: 0 };
    byPass.set(bout.pass.name, ofPass);
    for (const sum of [totals, ofPass]) {
      sum.left += hands.left;
      sum.right += hands.right;
      sum.beats += n;
    }
  }
  return { ...totals, byPass };
}

type Totals = {
  left: number;
  right: number;
  /** What the group goes through; both hands together count once. */
  beats: number;
};

/** What each hand gets of one run; the first hand of an odd count gets one more. */
function handsOf(dose: Dose, { side, count }: Bout, items: number): { left: number; right: number } {
  const n = count * items;
  if (side !== 'alternating' || dose.count.mode === 'time')
    return { left: side === 'R' ? 0 : n, right: side === 'L' ? 0 : n };
  const first = Math.ceil(count / 2) * items;
  return dose.firstSide === 'L' ? { left: first, right: n - first } : { left: n - first, right: first };
}
