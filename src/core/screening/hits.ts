import type { RowMovement } from '../stance';
import { propsOf, RESISTED, usesHands, type Catalogue, type Movement } from '../catalogue';
import type { Dose, Hand } from '../dose';
import { lowerFirst } from '../words';
import type { Person } from '../people';
import type { Ask } from './adaptation';
import { arcHits } from './arc-limits';
import { clearanceOf, wordsOf } from './cleared';
import { exposureOf, type Exposure } from './exposure';
import type { Hit } from './hit';
import type { CautionRule, Condition } from './rule';
import { ruleHits } from './rule-hits';

export type CautionTable = {
  readonly conditions: readonly Condition[];
  readonly rules: readonly CautionRule[];
};

export type ScreeningContext = {
  readonly table: CautionTable;
  readonly catalogue: Catalogue;
  /** ISO day the verdict is for. */
  readonly today: string;
  /** One breath of the class, ms; a usual one where nothing is said. */
  readonly breathMs?: number | undefined;
};

/** Everything that speaks about this hand in this movement: the table, and what is not in the table. */
export function hitsOn(
  person: Person,
  hand: Hand,
  movement: RowMovement,
  dose: Dose,
  context: ScreeningContext,
): readonly Hit[] {
  const exposure = exposureOf(withoutPropsOut(movement, person), dose, context);
  return [
    ...offHits(person, hand, movement, exposure, context),
    ...screeningHits(person, exposure),
    ...assistanceHits(person, movement),
    ...helperHits(exposure),
    ...positionHits(person, movement, exposure),
    ...propHits(person, movement, context),
    ...arcHits(person, hand, movement, context.catalogue),
    ...ruleHits(person, hand, exposure, context),
    ...joinedHits(person, hand, movement, dose, context),
  ];
}

/** Whoever may not do what arms, feet or trunk do meanwhile, or only in another way, leaves that out. */
function joinedHits(
  person: Person,
  hand: Hand,
  { joined }: RowMovement,
  dose: Dose,
  context: ScreeningContext,
): Hit[] {
  const hit = joined && hitsOn(person, hand, joined, dose, context)[0];
  return hit ? [{ verdict: 'adapt', because: hit.because, how: JOINED_LEFT_OUT }] : [];
}

const JOINED_LEFT_OUT = 'the hands alone';

/** Unknown is never `do` for resisted or loading work, nor for what strikes or stretches. */
function screeningHits(person: Person, { kind, features }: Exposure): Hit[] {
  const asksMuch = RESISTED.has(kind) || kind === 'load' || kind === 'tap' || features.has('passive');
  if (person.screened || !asksMuch) return [];
  return [{ verdict: 'adapt', because: 'not screened yet', ask: { rung: 'gentlest' } }];
}

/** Floor and impact are off until a clinician has cleared this person for them. */
function offHits(
  person: Person,
  hand: Hand,
  movement: RowMovement,
  exposure: Exposure,
  { today }: ScreeningContext,
): Hit[] {
  if (!movement.clearanceReason) return [];
  const clearance = clearanceOf(person, hand, true, exposure, today);
  if (clearance) return wordsOf(clearance);
  return [
    {
      verdict: 'leaveOut',
      because: lowerFirst(movement.clearanceReason).replace(/\.$/, ''),
      instead: ['load'],
    },
  ];
}

/** Placing and supporting are for hands; whoever needs them is shown the rest again. */
function assistanceHits(person: Person, movement: Movement): Hit[] {
  if (person.assistance < 2 || movement.effort === 'notice' || movement.effort === 'breath') return [];
  const because = `assistance level ${person.assistance}`;
  if (!usesHands(movement)) return [{ verdict: 'adapt', because, how: 'a helper sits beside and shows it' }];
  const how =
    person.assistance === 3 ? 'helper supports throughout, holds of 2-3 s' : 'helper places the hand';
  const ask: Ask = {
    support: 'broad padded open palm, never gripping fingers',
    ...(person.assistance === 3 ? { holdMostMs: 3_000 } : {}),
  };
  return [{ verdict: 'adapt', because, how, ask }];
}

/** What a helper gives nobody does alone. */
const helperHits = ({ features }: Exposure): Hit[] =>
  features.has('given by a helper')
    ? [{ verdict: 'adapt', because: 'a helper gives it', how: 'with a helper, one hand at a time' }]
    : [];

const PLACES = {
  chair: 'in a chair',
  table: 'at a table',
  standing: 'standing',
  floor: 'on the floor',
} as const;

/** Somewhere they are not comfortable, and there is nowhere else to do it; a rung may stand elsewhere than the movement. */
function positionHits(person: Person, { positions }: Movement, { position }: Exposure): Hit[] {
  const places = positions.includes(position) ? positions : [position];
  if (places.some((p) => person.positions.includes(p))) return [];
  const where = places.map((p) => PLACES[p]).join(' or ');
  return [{ verdict: 'leaveOut', because: `not comfortable ${where}`, instead: ['load'] }];
}

/** What somebody does not use is not in their hands. */
function withoutPropsOut(movement: RowMovement, { propsOut }: Person): RowMovement {
  if (!propsOf(movement).some((id) => propsOut.includes(id))) return movement;
  const { propId, beside = [] } = movement;
  return {
    ...movement,
    propId: propId !== null && propsOut.includes(propId) ? null : propId,
    beside: beside.filter((id) => !propsOut.includes(id)),
  };
}

function propHits(person: Person, movement: RowMovement, { catalogue }: ScreeningContext): Hit[] {
  const name = (id: string) => catalogue.prop(id)?.name ?? 'this prop';
  return propsOf(movement)
    .filter((id) => person.propsOut.includes(id))
    .map((id): Hit => {
      const because = `does not use the ${name(id)}`;
      if (id !== movement.propId) return { verdict: 'adapt', because, how: `without the ${name(id)}` };
      const how = `with no prop: ${lowerFirst(movement.noProp)}`.replace(/\.$/, '');
      return { verdict: 'adapt', because, how, ask: { prop: 'none' } };
    });
}
