import { RESISTED, type Movement } from '../catalogue';
import { primaryCount, withPrimaryCount, type Dose } from '../dose';

/** A dose that a draft may take, and how it stands to what was done in the class that increases are measured against. */
export type DraftDose = { readonly dose: Dose; readonly step: 'same' | 'less' | 'more' | 'not done then' };

/** Work against something rises by so much at a time, other work to the top of its range. */
const RESISTED_RISE = 1.25;

/** What goes on stays, asks a little more in one thing, or less; what does not may be anything between its fewest and its most. */
export function draftDoses(movement: Movement, before: Dose | null, isNew: boolean): readonly DraftDose[] {
  const usual = before ?? movement.dose;
  const less = fewer(usual).map((dose) => ({ dose, step: before ? 'less' : 'not done then' }) as const);
  const base = { dose: usual, step: before ? 'same' : 'not done then' } as const;
  // Nothing is taught for the first time at its most.
  if (!before && isNew) {
    const twice = oneSetMore(usual, movement, 'not done then');
    const thrice = twice.flatMap((t) => oneSetMore(t.dose, movement, t.step));
    const longer = longerTime(usual, movement).map((dose) => ({ dose, step: base.step }));
    return [base, ...less, ...twice, ...thrice, ...longer];
  }
  const rise = RESISTED.has(movement.effort) && before ? RESISTED_RISE : Infinity;
  const step = before ? 'more' : 'not done then';
  const more = [...raised(usual, rise), ...longerTime(usual, movement)].map(
    (dose) => ({ dose, step }) as const,
  );
  const longer = oneSetMore(usual, movement, step);
  // Work without resistance may come three times at once; against something it rises a set at a time.
  const longest = RESISTED.has(movement.effort)
    ? []
    : longer.flatMap((l) => oneSetMore(l.dose, movement, step));
  return [base, ...less, ...more, ...longer, ...longest];
}

const counted = ({ count }: Dose): boolean => count.mode !== 'time';

/** What is done freely for a time may be done for longer: twice as long at the most, and no longer than it is ever done. */
function longerTime(dose: Dose, { lengthMs, effort }: Movement): readonly Dose[] {
  const { count } = dose;
  if (count.mode !== 'time' || RESISTED.has(effort)) return [];
  const timeMs = Math.min(2 * count.timeMs, lengthMs?.[1] ?? count.timeMs);
  return timeMs > count.timeMs ? [{ ...dose, count: { ...count, timeMs } }] : [];
}

const fewer = (dose: Dose): readonly Dose[] =>
  counted(dose) && primaryCount(dose.count) > dose.fewest
    ? [{ ...dose, sets: 1, count: withPrimaryCount(dose.count, dose.fewest) }]
    : [];

function raised(dose: Dose, rise: number): readonly Dose[] {
  const now = primaryCount(dose.count);
  const most = Math.min(dose.most, Math.floor(now * rise));
  return counted(dose) && most > now ? [{ ...dose, count: withPrimaryCount(dose.count, most) }] : [];
}

const MOST_SETS = 3;

/** A second set of what is short; stretches, holds for calm and notice are not done in sets. */
const IN_SETS: ReadonlySet<Movement['effort']> = new Set([
  'active',
  'coordination',
  'grip',
  'pinch',
  'opening',
  'isometric',
]);
const oneSetMore = (dose: Dose, { effort }: Movement, step: DraftDose['step']): readonly DraftDose[] =>
  counted(dose) && IN_SETS.has(effort) && dose.sets < MOST_SETS
    ? [{ dose: { ...dose, sets: dose.sets + 1 }, step }]
    : [];
