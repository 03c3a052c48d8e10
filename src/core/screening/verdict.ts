import type { RowMovement } from '../stance';
import type { Movement } from '../catalogue';
import type { Dose, Hand } from '../dose';
import type { Person } from '../people';
import { lowerFirst } from '../words';
import { NO_ADAPTATION, type Adaptation } from './adaptation';
import { followed } from './followed';
import type { ScreeningContext } from './hits';
import { judgeHands, type Judgement } from './judge-hands';
import { exposureOf } from './exposure';
import { feetInstead, nearestSwaps, type Swap } from './nearest-swap';

export type { CautionTable, ScreeningContext } from './hits';

export const VERDICTS = ['do', 'adapt', 'swap', 'leaveOut'] as const;
export type VerdictKind = (typeof VERDICTS)[number];

export type HandVerdict = {
  readonly kind: VerdictKind;
  /** Every reason that applied, worst first. */
  readonly reasons: readonly string[];
  /** What to do, in the instructor's words; empty for `do`. */
  readonly how: readonly string[];
  /** The same as limits, for `adapt`. */
  readonly adaptation: Adaptation;
  /** The movement to do instead, for `swap`, and why that one is nearest; `how` says how it is done in its turn. */
  readonly swapTo: string | null;
  readonly swapWhy: string;
};

export type Verdict = {
  readonly L: HandVerdict;
  readonly R: HandVerdict;
  readonly worst: VerdictKind;
};

/** Nothing at all to do: neither hand may, alone or together, and neither has something else. */
export const isLeftOut = (verdict: Verdict | null): boolean =>
  verdict !== null && verdict.L.kind === 'leaveOut' && verdict.R.kind === 'leaveOut';

/** Somebody does it, as it is or adapted, with one hand at least. */
export const takesPart = ({ L, R }: Verdict): boolean =>
  [L.kind, R.kind].some((kind) => kind === 'do' || kind === 'adapt');

/** A hand that does the row with its prop in it. */
export const holdsProp = ({ kind, adaptation }: HandVerdict): boolean =>
  kind === 'do' || (kind === 'adapt' && !adaptation.props.includes('none'));

const rank = (kind: VerdictKind): number => VERDICTS.indexOf(kind);
export const worseOf = (a: VerdictKind, b: VerdictKind): VerdictKind => (rank(a) >= rank(b) ? a : b);

/** May this person do this row, with each hand? Both hands are judged together, and the worst rule wins. */
export function verdictFor(
  person: Person,
  movement: RowMovement,
  dose: Dose,
  context: ScreeningContext,
): Verdict {
  const judged = judgeHands(person, movement, dose, context);
  const swaps = nearestSwaps(judged, person, movement, context);
  const bothRest = HANDS.every((hand) => judged[hand].kind === 'leaveOut' && !swaps[hand]);
  const instead = bothRest ? feetInstead(person, context) : null;
  const of = (hand: Hand) =>
    resolve(judged[hand], swaps[hand] ?? instead, movement, dose, context, bothRest ? BOTH_REST : ONE_RESTS);
  const [L, R] = [of('L'), of('R')];
  return { L, R, worst: worseOf(L.kind, R.kind) };
}

const HANDS = ['L', 'R'] as const;

/** The worse hand's verdict before any swap is looked for: whether the movement itself is open to this person. */
export function opennessOf(
  person: Person,
  movement: RowMovement,
  context: ScreeningContext,
): 'do' | 'adapt' | 'leaveOut' {
  const { L, R } = judgeHands(person, movement, movement.dose, context);
  const kinds = [L.kind, R.kind];
  return kinds.includes('leaveOut') ? 'leaveOut' : kinds.includes('adapt') ? 'adapt' : 'do';
}

/** Turn a "leave out" into a swap when something near is open to this hand. */
function resolve(
  judgement: Judgement,
  swap: Swap | null,
  movement: RowMovement,
  dose: Dose,
  context: ScreeningContext,
  pleasant: string,
): HandVerdict {
  const reasons = [...new Set(judgement.hits.map((h) => h.because))];
  const longestS = (of: RowMovement, its: Dose): number => {
    const { effortS, endRangeS } = exposureOf(of, its, context);
    return Math.max(effortS, endRangeS);
  };
  const none = { adaptation: NO_ADAPTATION, swapTo: null, swapWhy: '' };
  if (judgement.kind !== 'leaveOut')
    return {
      ...none,
      kind: judgement.kind,
      reasons,
      ...followed(judgement, movement, dose, longestS(movement, dose)),
    };
  if (!swap) return { ...none, kind: 'leaveOut', reasons, how: [pleasant] };
  const { movement: to } = swap;
  const own = followed(swap.judgement, to, to.dose, longestS(to, to.dose)).how;
  return {
    ...none,
    kind: 'swap',
    reasons,
    how: [`${lowerFirst(swap.movement.name)} instead`, ...own],
    swapTo: swap.movement.id,
    swapWhy: nearnessWords(movement, swap.movement),
  };
}

/** Something pleasant for who, or what, has nothing to do. */
const ONE_RESTS = 'this hand rests, warm and open in the lap';
const BOTH_REST = 'sits back, hands warm in the lap, and breathes along';

/** Why a swap is near: "same purpose, moves the wrist too". */
function nearnessWords(movement: RowMovement, swap: Movement): string {
  const shared = swap.joints.filter((j) => movement.joints.includes(j));
  if (swap.joints.every((j) => j === 'legs')) return 'the feet move meanwhile';
  return [
    swap.id === movement.seatedAlternative
      ? 'the same, seated'
      : swap.purpose === movement.purpose
        ? 'same purpose'
        : 'gentler work',
    ...(shared.length > 0 ? [`moves the ${shared.join(' and ')} too`] : []),
  ].join(', ');
}
