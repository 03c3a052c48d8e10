import { isSeated, RESISTED, type Catalogue, type EffortKind, type Movement } from '../catalogue/movement';
import { gentlestOf } from '../catalogue/rung';
import { adaptationOf, NO_ADAPTATION, type Adaptation, type Ask } from './adaptation';
import { arcHits } from './arc-limits';
import type { Dose, Hand } from '../dose/dose';
import { memo } from '../remember';
import { isCleared, type Person, type PersonCondition } from '../people/person';
import { clauseMatches, type CautionRule, type Condition } from './rule';

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

export type CautionTable = {
  readonly conditions: readonly Condition[];
  readonly rules: readonly CautionRule[];
};

export type ScreeningContext = {
  readonly table: CautionTable;
  readonly catalogue: Catalogue;
  /** ISO day the verdict is for. */
  readonly today: string;
};

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
export type Hit = {
  readonly verdict: 'adapt' | 'leaveOut';
  readonly because: string;
  readonly how?: string;
  readonly ask?: Ask;
  readonly instead?: readonly EffortKind[];
};

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
  const hits = [
    ...offHits(person, movement, context),
    ...screeningHits(person, movement),
    ...assistanceHits(person, movement),
    ...positionHits(person, movement),
    ...propHits(person, movement, context),
    ...arcHits(person, hand, movement, context.catalogue),
    ...context.table.rules.flatMap((rule) => ruleHits(rule, person, hand, movement, dose, context)),
  ];
  const sorted = [...hits].sort((a, b) => rank(b.verdict) - rank(a.verdict));
  return { kind: sorted[0]?.verdict ?? 'do', hits: sorted };
}

/** Unknown is never `do` for resisted or loading work. */
function screeningHits(person: Person, movement: Movement): Hit[] {
  if (person.screened || !(RESISTED.has(movement.effort) || movement.effort === 'load')) return [];
  const how = `lowest rung: ${gentlestOf(movement)}`;
  return [{ verdict: 'adapt', because: 'not screened yet', how, ask: { rung: 'gentlest' } }];
}

/** Floor and impact are off until a clinician has cleared this person for loading. */
function offHits(person: Person, movement: Movement, context: ScreeningContext): Hit[] {
  if (!movement.offUntil || isCleared(person, 'loading', context.today)) return [];
  return [{ verdict: 'leaveOut', because: lowerFirst(movement.offUntil), instead: ['load'] }];
}

function assistanceHits(person: Person, movement: Movement): Hit[] {
  if (person.assistance < 2 || movement.effort === 'notice' || movement.effort === 'breath') return [];
  const how =
    person.assistance === 3
      ? 'helper supports throughout with a broad padded open palm, holds of 2-3 s'
      : 'helper places the hand with a broad padded open palm';
  const ask: Ask = {
    support: 'broad padded open palm, never gripping fingers',
    ...(person.assistance === 3 ? { holdMostMs: 3_000 } : {}),
  };
  return [{ verdict: 'adapt', because: `assistance level ${person.assistance}`, how, ask }];
}

const PLACES = {
  chair: 'in a chair',
  table: 'at a table',
  standing: 'standing',
  floor: 'on the floor',
} as const;

/** Somewhere they are not comfortable, and there is nowhere else to do it. */
function positionHits(person: Person, { positions }: Movement): Hit[] {
  if (positions.some((p) => person.positions.includes(p))) return [];
  const where = positions.map((p) => PLACES[p]).join(' or ');
  return [{ verdict: 'leaveOut', because: `not comfortable ${where}`, instead: ['load'] }];
}

function propHits(person: Person, movement: Movement, { catalogue }: ScreeningContext): Hit[] {
  if (!movement.propId || !person.propsOut.includes(movement.propId)) return [];
  const name = catalogue.prop(movement.propId)?.name ?? 'this prop';
  const how = `with no prop: ${lowerFirst(movement.noProp)}`.replace(/\.$/, '');
  return [{ verdict: 'adapt', because: `does not use the ${name}`, how, ask: { prop: 'none' } }];
}

function ruleHits(
  rule: CautionRule,
  person: Person,
  hand: Hand,
  movement: Movement,
  dose: Dose,
  context: ScreeningContext,
): Hit[] {
  if (rule.liftedBy && isCleared(person, rule.liftedBy, context.today)) return [];
  const condition = person.conditions.find((c) => speaksOf(rule, c, hand));
  if (!condition) return [];
  const latex = movement.propId ? (context.catalogue.prop(movement.propId)?.latex ?? false) : false;
  if (!rule.when.some((clause) => clauseMatches(clause, movement, dose, latex))) return [];
  const name =
    context.table.conditions.find((c) => c.id === condition.conditionId)?.name ?? 'a recorded condition';
  return [
    {
      verdict: rule.verdict,
      because: `${lowerFirst(name)}: ${rule.because}`,
      ...(rule.how ? { how: rule.how } : {}),
      ...(rule.ask ? { ask: rule.ask } : {}),
      ...(rule.instead ? { instead: rule.instead } : {}),
    },
  ];
}

function speaksOf(rule: CautionRule, condition: PersonCondition, hand: Hand): boolean {
  const named =
    rule.condition === 'any hand' ? condition.side !== 'none' : rule.condition === condition.conditionId;
  const onHand = condition.side === hand || condition.side === 'both' || condition.side === 'none';
  return named && onHand && rule.states.includes(condition.state);
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
    return { ...none, kind: judgement.kind, reasons, how, adaptation };
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

const lowerFirst = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);
