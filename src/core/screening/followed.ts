import { currentRung, RESISTED, rungEasier, type EffortKind, type MovementOnRung } from '../catalogue';
import { doseWords, primaryCount, type Dose } from '../dose';
import { adaptationOf, adaptedDose, type Adaptation } from './adaptation';
import { arcWords } from './arc-limits';
import type { Judgement } from './judge-hands';

/** What a judgement asks of this row: one effort, one count, and nothing that the row has not got. */
export function followed(
  { hits }: Judgement,
  movement: MovementOnRung,
  dose: Dose,
  /** Effort or end of the range without a break, s. */
  longestS: number,
): { readonly how: readonly string[]; readonly adaptation: Adaptation } {
  const asked = adaptationOf(hits.flatMap((h) => h.ask ?? []));
  const adaptation = { ...asked, support: asked.support.filter((s) => canRest(s, movement)) };
  const ways = hits.flatMap((h) => (h.how ? [h.how] : []));
  const how = [
    ...new Set([
      ...shareWords(adaptation, dose),
      ...holdWords(adaptation, movement, dose, longestS),
      ...rangeWords(adaptation, movement),
      ...ways,
      ...adaptation.arcs.map(arcWords),
      ...(adaptation.ownRange && adaptation.arcs.length === 0 ? ['to this wrist’s own limit'] : []),
      ...effortWords(adaptation, movement),
      ...adaptation.support,
      ...rungWords(movement, adaptation),
    ]),
  ];
  return { how, adaptation };
}

/** A forearm rests where the arms are not in the air. */
const canRest = (support: string, { joints, traits }: MovementOnRung): boolean =>
  !support.includes('forearm') ||
  !(joints.includes('shoulder') || traits.includes('backs of the hands stretched'));

/** Nothing where one round or one time cannot be halved. */
function shareWords(adaptation: Adaptation, dose: Dose): string[] {
  const { count } = dose;
  const less = adaptedDose(dose, { ...adaptation, holdMostMs: null });
  if (doseWords(less) === doseWords(dose)) return [];
  if (count.mode === 'time') return ['half the time'];
  if (count.mode === 'hold' && primaryCount(count) === 1) return ['half the hold'];
  return ['half the count'];
}

/** What is held by nature, be it counted in holds, in breaths or by the clock. */
const HELD: ReadonlySet<EffortKind> = new Set([...RESISTED, 'load', 'stretch']);

function holdWords(
  { holdMostMs }: Adaptation,
  { effort, traits }: MovementOnRung,
  { count }: Dose,
  longestS: number,
): string[] {
  if (holdMostMs === null || count.mode === 'reps') return [];
  const mostS = holdMostMs / 1000;
  if (count.mode === 'hold') return count.holdMs > holdMostMs ? [`holds of ${mostS} s at most`] : [];
  const isHeld = HELD.has(effort) || traits.includes('passive');
  return isHeld && longestS > mostS ? [`${mostS} s at a time, then a pause`] : [];
}

const effortWords = ({ effortMost }: Adaptation, { effortOf10 }: MovementOnRung): string[] =>
  effortMost !== null && effortMost < effortOf10 ? [`effort ${effortMost} of 10 at most`] : [];

/** Half the way is not halved again by a rung whose words say how far. */
const rangeWords = ({ halfRange, rung }: Adaptation, movement: MovementOnRung): string[] =>
  halfRange && rungToStandOn(movement, rung)?.changes !== 'range' ? ['half the range'] : [];

/** The rung to stand on, in this movement's own words; nothing where the class stands there already. */
function rungWords(movement: MovementOnRung, { rung }: Adaptation): string[] {
  const to = rungToStandOn(movement, rung);
  return to ? [`${rung === 'gentlest' ? 'lowest rung' : 'easier'}: ${to.words}`] : [];
}

/** Nothing where none is asked for, or the class stands on the lowest already. */
const rungToStandOn = (movement: MovementOnRung, rung: Adaptation['rung']) =>
  rung === null || currentRung(movement) === 0
    ? undefined
    : rung === 'gentlest'
      ? movement.rungs[0]
      : rungEasier(movement);
