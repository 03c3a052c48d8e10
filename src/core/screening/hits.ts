import { RESISTED, type Catalogue, type Movement } from '../catalogue';
import type { Dose, Hand } from '../dose';
import { lowerFirst } from '../words';
import { isCleared, type Person, type PersonCondition } from '../people';
import type { Ask } from './adaptation';
import { arcHits } from './arc-limits';
import type { Hit } from './hit';
import { clauseMatches, type CautionRule, type Condition } from './rule';

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

/** Everything that speaks about this hand in this movement: the table, and what is not in the table. */
export const hitsOn = (
  person: Person,
  hand: Hand,
  movement: Movement,
  dose: Dose,
  context: ScreeningContext,
): readonly Hit[] => [
  ...offHits(person, movement, context),
  ...screeningHits(person, movement),
  ...assistanceHits(person, movement),
  ...positionHits(person, movement),
  ...propHits(person, movement, context),
  ...arcHits(person, hand, movement, context.catalogue),
  ...context.table.rules.flatMap((rule) => ruleHits(rule, person, hand, movement, dose, context)),
];

/** Unknown is never `do` for resisted or loading work. */
function screeningHits(person: Person, movement: Movement): Hit[] {
  if (person.screened || !(RESISTED.has(movement.effort) || movement.effort === 'load')) return [];
  return [{ verdict: 'adapt', because: 'not screened yet', ask: { rung: 'gentlest' } }];
}

/** Floor and impact are off until a clinician has cleared this person for loading. */
function offHits(person: Person, movement: Movement, context: ScreeningContext): Hit[] {
  if (!movement.offUntil || isCleared(person, 'loading', context.today)) return [];
  return [{ verdict: 'leaveOut', because: lowerFirst(movement.offUntil), instead: ['load'] }];
}

function assistanceHits(person: Person, movement: Movement): Hit[] {
  if (person.assistance < 2 || movement.effort === 'notice' || movement.effort === 'breath') return [];
  const how =
    person.assistance === 3 ? 'helper supports throughout, holds of 2-3 s' : 'helper places the hand';
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
