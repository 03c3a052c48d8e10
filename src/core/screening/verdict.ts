import { easierOf, gentlestOf, isSeated, type Movement } from '../catalogue';
import type { Dose, Hand } from '../dose';
import type { Person } from '../people';
import { memo } from '../remember';
import { adaptationOf, NO_ADAPTATION, type Adaptation } from './adaptation';
import { hitsOn, type ScreeningContext } from './hits';
import { lowerFirst } from '../words';
import { type Hit } from './hit';

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
  /** The movement to do instead, for `swap`, and why that one is nearest. */
  readonly swapTo: string | null;
  readonly swapWhy: string;
};

export type Verdict = {
  readonly L: HandVerdict;
  readonly R: HandVerdict;
  readonly worst: VerdictKind;
};

/** Nothing at all to do: neither hand may, and neither has something else. One resting hand leaves the other free. */
export const isLeftOut = (verdict: Verdict | null): boolean =>
  verdict !== null && verdict.L.kind === 'leaveOut' && verdict.R.kind === 'leaveOut';

const rank = (kind: VerdictKind): number => VERDICTS.indexOf(kind);
export const worseOf = (a: VerdictKind, b: VerdictKind): VerdictKind => (rank(a) >= rank(b) ? a : b);

/** May this person do this movement at this dose, with each hand? The worst rule wins. */
export function verdictFor(
  person: Person,
  movement: Movement,
  dose: Dose,
  context: ScreeningContext,
): Verdict {
  const judged = {
    L: judge(person, 'L', movement, dose, context),
    R: judge(person, 'R', movement, dose, context),
  };
  const L = resolve(judged.L, person, 'L', movement, context);
  const R = resolve(judged.R, person, 'R', movement, context);
  return { L, R, worst: worseOf(L.kind, R.kind) };
}

/** The worse hand's verdict before any swap is looked for: whether the movement itself is open to this person. */
export function opennessOf(
  person: Person,
  movement: Movement,
  context: ScreeningContext,
): 'do' | 'adapt' | 'leaveOut' {
  const kinds = (['L', 'R'] as const).map(
    (hand) => judge(person, hand, movement, movement.dose, context).kind,
  );
  return kinds.includes('leaveOut') ? 'leaveOut' : kinds.includes('adapt') ? 'adapt' : 'do';
}

type Judgement = { kind: 'do' | 'adapt' | 'leaveOut'; hits: readonly Hit[] };

const rememberJudgement = memo<Judgement>();

/** A movement at its usual dose; remembered, since every swap of a person looks through the same ones. */
const judgeUsual = (person: Person, hand: Hand, m: Movement, context: ScreeningContext): Judgement =>
  rememberJudgement([context.table, context.catalogue, person], `${context.today} ${hand} ${m.id}`, () =>
    judge(person, hand, m, m.dose, context),
  );

function judge(
  person: Person,
  hand: Hand,
  movement: Movement,
  dose: Dose,
  context: ScreeningContext,
): Judgement {
  const hits = hitsOn(person, hand, movement, dose, context);
  const sorted = [...hits].sort((a, b) => rank(b.verdict) - rank(a.verdict));
  return { kind: sorted[0]?.verdict ?? 'do', hits: sorted };
}

/** Turn a "leave out" into a swap when something with the same purpose is open to this hand. */
function resolve(
  judgement: Judgement,
  person: Person,
  hand: Hand,
  movement: Movement,
  context: ScreeningContext,
): HandVerdict {
  const reasons = [...new Set(judgement.hits.map((h) => h.because))];
  const how = [...new Set(judgement.hits.flatMap((h) => (h.how ? [h.how] : [])))];
  const none = { adaptation: NO_ADAPTATION, swapTo: null, swapWhy: '' };
  if (judgement.kind !== 'leaveOut') {
    const adaptation = adaptationOf(judgement.hits.flatMap((h) => h.ask ?? []));
    const asked = [...how, ...adaptation.support, ...rungWords(movement, adaptation)];
    return { ...none, kind: judgement.kind, reasons, how: asked, adaptation };
  }
  const swap = nearestSwap(judgement, person, hand, movement, context);
  if (!swap) return { ...none, kind: 'leaveOut', reasons, how: ['this hand rests'] };
  return {
    ...none,
    kind: 'swap',
    reasons,
    how: [`${lowerFirst(swap.name)} instead`],
    swapTo: swap.id,
    swapWhy: nearnessWords(movement, swap),
  };
}

/** The rung to stand on, in this movement's own words. */
function rungWords(movement: Movement, { rung }: Adaptation): string[] {
  if (rung === 'gentlest') return [`lowest rung: ${gentlestOf(movement)}`];
  return rung === 'easier' ? [`easier: ${easierOf(movement)}`] : [];
}

/** Why a swap is near: "same purpose, moves the wrist too, needs no prop". */
function nearnessWords(movement: Movement, swap: Movement): string {
  const shared = swap.joints.filter((j) => movement.joints.includes(j));
  return [
    swap.purpose === movement.purpose ? 'same purpose' : 'the kindest kind of work',
    `moves the ${shared.join(' and ')} too`,
    ...(swap.propId ? [] : ['needs no prop']),
  ].join(', ');
}

/**
 * Nearest first: same purpose before an allowed other kind, kinds in the order the
 * rule names them, then what needs no adapting, the most shared joints, the least effort, then no prop; only what runs in a chair at the same time.
 */
function nearestSwap(
  judgement: Judgement,
  person: Person,
  hand: Hand,
  movement: Movement,
  context: ScreeningContext,
): Movement | null {
  const instead = judgement.hits.flatMap((h) => h.instead ?? []);
  const word = `${context.today} ${hand} ${instead.join()}`;
  return rememberSwap([context.table, context.catalogue, person, movement], word, () => ({
    swap: findSwap(instead, person, hand, movement, context),
  })).swap;
}

/** A swap hangs on the movement, not on its dose: an edit of a dose finds it again. */
const rememberSwap = memo<{ readonly swap: Movement | null }>();

function findSwap(
  instead: readonly Movement['effort'][],
  person: Person,
  hand: Hand,
  movement: Movement,
  context: ScreeningContext,
): Movement | null {
  const samePurpose = (m: Movement) => m.purpose === movement.purpose;
  const sharedJoints = (m: Movement) => m.joints.filter((j) => movement.joints.includes(j)).length;
  const candidates = context.catalogue.movements.flatMap((m) => {
    const fits =
      m.id !== movement.id &&
      isSeated(m) &&
      !m.offUntil &&
      (samePurpose(m) || instead.includes(m.effort)) &&
      sharedJoints(m) > 0;
    const kind = fits ? judgeUsual(person, hand, m, context).kind : 'leaveOut';
    return kind === 'leaveOut' ? [] : [{ m, order: nearness(m, kind) }];
  });
  function nearness(m: Movement, kind: VerdictKind): readonly number[] {
    return [
      samePurpose(m) ? 0 : 1,
      Math.max(0, instead.indexOf(m.effort)),
      kind === 'do' ? 0 : 1,
      -sharedJoints(m),
      m.effortOf10,
      m.propId ? 1 : 0,
    ];
  }
  const [nearest] = candidates.sort((a, b) => compareLists(a.order, b.order) || a.m.id.localeCompare(b.m.id));
  return nearest?.m ?? null;
}

function compareLists(a: readonly number[], b: readonly number[]): number {
  for (let i = 0; i < a.length; i++) if (a[i] !== b[i]) return a[i]! - b[i]!;
  return 0;
}
