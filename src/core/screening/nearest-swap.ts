import { isSeated, propsOf, usesHands, type EffortKind, type Movement, type Trait } from '../catalogue';
import type { Hand } from '../dose';
import type { Person } from '../people';
import { memo } from '../remember';
import type { ScreeningContext } from './hits';
import { judgeHands, type Judgement } from './judge-hands';

export type Swap = { readonly movement: Movement; readonly judgement: Judgement };

const rememberUsual = memo<Readonly<Record<Hand, Judgement>>>();

/** A movement at its usual dose; remembered, since every swap of a person looks through the same ones. */
const judgeUsual = (person: Person, m: Movement, context: ScreeningContext) =>
  rememberUsual(
    [context.table, context.catalogue, person],
    `${context.today} ${context.breathMs ?? ''} ${m.id}`,
    () => judgeHands(person, m, m.dose, context),
  );

/** What each hand does instead of what it is kept from; null where it is kept from nothing, or nothing fits. */
type Swaps = Readonly<Record<Hand, Swap | null>>;

const rememberSwaps = memo<Swaps>();

/** Instead of a row that is out for one hand or both. It hangs on the movement, not on its dose. */
export function nearestSwaps(
  judged: Readonly<Record<Hand, Judgement>>,
  person: Person,
  movement: Movement,
  context: ScreeningContext,
): Swaps {
  const wanted = { L: wantedOf(judged.L), R: wantedOf(judged.R) };
  const key = `${context.today} ${context.breathMs ?? ''} ${JSON.stringify(wanted)}`;
  return rememberSwaps([context.table, context.catalogue, person, movement], key, () => {
    const of = (hand: Hand) =>
      wanted[hand] ? findSwap([hand], wanted[hand], person, movement, context) : NOTHING;
    if (!wanted.L || !wanted.R) return { L: of('L')?.L ?? null, R: of('R')?.R ?? null };
    // Both hands do the same instead, if there is something that both may do.
    return (
      findSwap(['L', 'R'], both(wanted.L, wanted.R), person, movement, context) ?? {
        L: of('L')?.L ?? null,
        R: of('R')?.R ?? null,
      }
    );
  });
}

const NOTHING: Swaps = { L: null, R: null };

const wantedOf = ({ kind, hits }: Judgement): Wanted | null =>
  kind !== 'leaveOut'
    ? null
    : {
        instead: hits.flatMap((h) => h.instead ?? []),
        trait: hits.find((h) => h.insteadTrait)?.insteadTrait ?? null,
        also: hits.flatMap((h) => h.also ?? []),
      };

const both = (a: Wanted, b: Wanted): Wanted => ({
  instead: [...a.instead, ...b.instead],
  trait: a.trait ?? b.trait,
  also: [...a.also, ...b.also],
});

/** What the cautions that spoke ask for. */
type Wanted = {
  readonly instead: readonly EffortKind[];
  readonly trait: Trait | null;
  readonly also: readonly EffortKind[];
};

const usesArm = (m: Movement): boolean => usesHands(m) || m.joints.includes('shoulder');

/** Looking, listening and breathing take no work's place; blows take the place of nothing. */
const QUIET: readonly EffortKind[] = ['notice', 'breath'];
/** What a hand hardly feels: a swap may have these where the row has not. */
const MILD: ReadonlySet<Trait> = new Set([
  'tendon glide',
  'opens the hand',
  'loose shake',
  'rubbing',
  'strokes away from the body',
]);

/**
 * Nearest first: what the cautions ask for, the seated twin, the kinds of work they name, same purpose, what needs no adapting,
 * shared joints, few others, the least effort. Never more than the row itself: no feature that it has not, and no more effort. With
 * nothing in the hands, and where the row is done or in a chair: no one packs, or sets up a table for, what a single person would do
 * instead.
 */
function findSwap(
  hands: readonly Hand[],
  { instead, trait, also }: Wanted,
  person: Person,
  movement: Movement,
  context: ScreeningContext,
): Swaps | null {
  const samePurpose = (m: Movement) => m.purpose === movement.purpose;
  const sharedJoints = (m: Movement) => m.joints.filter((j) => movement.joints.includes(j)).length;
  const isTwin = (m: Movement) => m.id === movement.seatedAlternative;
  const isAskedFor = (m: Movement) => trait !== null && m.traits.includes(trait);
  const isNear = (m: Movement) =>
    isTwin(m) ||
    isAskedFor(m) ||
    (sharedJoints(m) > 0 && (samePurpose(m) || instead.includes(m.effort) || also.includes(m.effort)));
  const isAtHand = (m: Movement) =>
    propsOf(m).length === 0 &&
    (isTwin(m) || m.positions.some((p) => p === 'chair' || movement.positions.includes(p)));
  const isNoWorse = (m: Movement) =>
    !m.clearanceReason &&
    m.effort !== 'tap' &&
    (!QUIET.includes(m.effort) || m.effort === movement.effort) &&
    (m.effort !== 'pinch' || movement.effort === 'pinch') &&
    m.effortOf10 <= Math.max(2, movement.effortOf10) &&
    (isTwin(m) || m.traits.every((t) => MILD.has(t) || movement.traits.includes(t)));
  const nearness = (m: Movement, kind: Judgement['kind']): readonly number[] => [
    isAskedFor(m) ? 0 : 1,
    isTwin(m) ? 0 : 1,
    rankIn(instead, m.effort),
    samePurpose(m) ? 0 : 1,
    kind === 'do' ? 0 : 1,
    -sharedJoints(m),
    m.joints.length,
    m.effortOf10,
  ];
  const candidates = context.catalogue.movements.flatMap((m) => {
    // One hand alone needs something for a hand, and that leaves the other free.
    const isFree = hands.length === 2 || (m.hands === 'apart' && usesArm(m));
    if (m.id === movement.id || !isFree || !isSeated(m) || !isAtHand(m) || !isNear(m) || !isNoWorse(m))
      return [];
    const judged = judgeUsual(person, m, context);
    const kinds = hands.map((hand) => judged[hand].kind);
    if (kinds.includes('leaveOut')) return [];
    const swapOf = (hand: Hand) => (hands.includes(hand) ? { movement: m, judgement: judged[hand] } : null);
    const swaps = { L: swapOf('L'), R: swapOf('R') };
    return [{ m, swaps, order: nearness(m, kinds.includes('adapt') ? 'adapt' : 'do') }];
  });
  const [nearest] = candidates.sort((a, b) => compareLists(a.order, b.order) || a.m.id.localeCompare(b.m.id));
  return nearest?.swaps ?? null;
}

/** For somebody whose hands both rest: a movement of the feet, the least of them first; null where the feet rest too. */
export function feetInstead(person: Person, context: ScreeningContext): Swap | null {
  const open = context.catalogue.movements
    .filter((m) => m.effort === 'active' && m.joints.every((j) => j === 'legs') && isSeated(m))
    .map((movement) => ({ movement, judgement: judgeUsual(person, movement, context).L }))
    .filter(({ judgement }) => judgement.kind !== 'leaveOut');
  return open.find((o) => o.judgement.kind === 'do') ?? open[0] ?? null;
}

/** Place in a list of what is asked for; last of all what is not in it. All are alike where nothing is asked for. */
const rankIn = (instead: readonly EffortKind[], kind: EffortKind): number =>
  instead.includes(kind) ? instead.indexOf(kind) : instead.length;

function compareLists(a: readonly number[], b: readonly number[]): number {
  for (let i = 0; i < a.length; i++) if (a[i] !== b[i]) return a[i]! - b[i]!;
  return 0;
}
