import { usesHands } from '../catalogue';
import type { Hand } from '../dose';
import { stateOn, type Person, type PersonCondition } from '../people';
import { memo } from '../remember';
import { lowerFirst } from '../words';
import { clearanceOf, wordsOf } from './cleared';
import type { Exposure } from './exposure';
import type { Hit } from './hit';
import { clauseMatches, type CautionRule, type Clause, type Condition } from './rule';

type Context = {
  readonly table: { readonly conditions: readonly Condition[]; readonly rules: readonly CautionRule[] };
  readonly today: string;
};

/** All that the caution table says of this exposure for this hand. */
export const ruleHits = (person: Person, hand: Hand, exposure: Exposure, context: Context): readonly Hit[] =>
  spokenFor(person, hand, context).flatMap((spoken) => hitsOfRule(spoken, person, hand, exposure, context));

/** A rule, and the conditions of a person that it is about. */
type Spoken = { readonly rule: CautionRule; readonly conditions: readonly PersonCondition[] };

const rememberSpoken = memo<readonly Spoken[]>();

/** The few rules that are about this hand at all: the rest of the table need not be read for every movement. */
const spokenFor = (person: Person, hand: Hand, { table, today }: Context): readonly Spoken[] =>
  rememberSpoken([table, person], `${hand} ${today}`, () =>
    table.rules.flatMap((rule) => {
      const conditions = person.conditions.filter((c) => speaksOf(rule, c, hand, today));
      return conditions.length > 0 ? [{ rule, conditions }] : [];
    }),
  );

function hitsOfRule(
  { rule, conditions }: Spoken,
  person: Person,
  hand: Hand,
  exposure: Exposure,
  { table, today }: Context,
): Hit[] {
  const condition = conditions.find((c) => c.state !== 'not cleared' || reaches(c, exposure));
  if (!condition) return [];
  if (!rule.when.some((clause) => concerns(clause, condition, exposure) && clauseMatches(clause, exposure)))
    return [];
  const clearance = rule.liftable && clearanceOf(person, hand, condition.side === 'none', exposure, today);
  if (clearance) return wordsOf(clearance);
  const { name } = table.conditions.find((c) => c.id === condition.conditionId) ?? {
    name: 'a recorded condition',
  };
  return [
    {
      verdict: rule.verdict,
      because: `${lowerFirst(name)}${justSettled(condition, today)}: ${rule.because}`,
      ...(rule.how ? { how: rule.how } : {}),
      ...(rule.ask ? { ask: rule.ask } : {}),
      ...(rule.instead ? { instead: rule.instead } : {}),
      ...(rule.insteadTrait ? { insteadTrait: rule.insteadTrait } : {}),
    },
  ];
}

/** Why something that is settled is treated as a flare. */
const justSettled = (condition: PersonCondition, today: string): string =>
  stateOn(condition, today) === condition.state ? '' : ' (settled less than 48 hours ago)';

function speaksOf(rule: CautionRule, condition: PersonCondition, hand: Hand, today: string): boolean {
  const ofWhole = condition.side === 'none';
  const named =
    rule.condition === 'any hand'
      ? !ofWhole
      : rule.condition === 'any whole'
        ? ofWhole
        : rule.condition === condition.conditionId;
  const onHand = condition.side === hand || condition.side === 'both' || ofWhole;
  return named && onHand && rule.states.includes(stateOn(condition, today));
}

const HARD = ['grip', 'pinch', 'opening', 'load', 'tap', 'isometric'] as const;

/** What is the matter with a hand says nothing of feet, neck and trunk, unless a clause names them. */
const concerns = (clause: Clause, { side }: PersonCondition, { joints }: Exposure): boolean =>
  side === 'none' || clause.joints !== undefined || usesHands({ joints });

/** One place that is not cleared rests what moves it and all hard work, not the whole arm. */
function reaches({ spots }: PersonCondition, { kind, joints }: Exposure): boolean {
  if (spots.length === 0 || HARD.some((k) => k === kind)) return true;
  const moved = spots.map((spot) => {
    const [part] = spot.split('.');
    return part === 'thumb' || part === 'wrist' || part === 'forearm' ? part : 'fingers';
  });
  return moved.some((joint) => joints.includes(joint));
}
