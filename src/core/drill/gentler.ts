import type { Movement } from '../catalogue';
import type { Dice } from '../dice';
import { CONDITION_STATES, nobodyKnown, type ConditionState, type Person } from '../people';
import { verdictFor, type Condition, type HandVerdict, type ScreeningContext } from '../screening';
import { capital, lowerFirst } from '../words';
import { asked, oneOf, type Question } from './question';

/** A condition that somebody may have, as the drill makes them up. */
type Had = {
  readonly id: string;
  readonly name: string;
  readonly sided: boolean;
  readonly state: ConditionState;
};

/** So many answers besides the right one. */
const OTHERS = 3;
/** So often another case is rolled where it is done as shown, or where nothing else could be answered. */
const TRIES = 40;
/** So many other cases are looked at for other answers. */
const OTHER_CASES = 16;

export type GentlerFacts = {
  readonly movements: readonly Movement[];
  /** Those that a record may hold. */
  readonly conditions: readonly Condition[];
  readonly context: ScreeningContext;
};

/** What is for the right hand of somebody with one condition, in one movement: the answer is Oskil’s own verdict. */
export function gentlerQuestion(roll: Dice, facts: GentlerFacts): Question | null {
  const { movements, conditions, context } = facts;
  for (let i = 0; i < TRIES; i++) {
    const movement = oneOf(roll, movements);
    const had: Had = { ...oneOf(roll, conditions), state: oneOf(roll, CONDITION_STATES) };
    const verdict = verdictOn(had, movement, context);
    if (verdict.kind === 'do') continue;
    const right = wayOf(verdict, context);
    const others = waysOfOthers(roll, movement, facts).filter((way) => way !== right);
    if (others.length < OTHERS) continue;
    const { name, sided, state } = had;
    return asked(roll, right, others.slice(0, OTHERS), {
      text: `${movement.name}. Somebody has ${lowerFirst(name)}${sided ? ' on the right' : ''}, ${STATE_WORDS[state]}. What is for the right hand?`,
      because: `${capital(verdict.reasons.join('; '))}.`,
    });
  }
  return null;
}

const AS_SHOWN = 'As shown';
const RESTS = 'That hand rests';
const STATE_WORDS: Readonly<Record<ConditionState, string>> = {
  settled: 'settled',
  sore: 'sore',
  flare: 'in flare',
  'not cleared': 'not cleared',
};

function verdictOn({ id, sided, state }: Had, movement: Movement, context: ScreeningContext): HandVerdict {
  const person: Person = {
    ...nobodyKnown({ firstName: 'Somebody', initial: '' }),
    id: 'somebody',
    archived: false,
    screened: true,
    conditions: [{ conditionId: id, side: sided ? 'R' : 'none', state, since: null, spots: [] }],
  };
  return verdictFor(person, movement, movement.dose, context).R;
}

/** A verdict on one hand in the instructor’s words. */
function wayOf({ kind, how, swapTo }: HandVerdict, { catalogue }: ScreeningContext): string {
  if (kind === 'do') return AS_SHOWN;
  if (kind === 'leaveOut') return RESTS;
  const instead = kind === 'swap' && swapTo ? catalogue.movement(swapTo)?.name : undefined;
  return instead ? `${instead} instead` : capital(how.join('; '));
}

/** What would be for others in the same movement, in any order. */
function waysOfOthers(
  roll: Dice,
  movement: Movement,
  { conditions, context }: GentlerFacts,
): readonly string[] {
  const ways = Array.from({ length: OTHER_CASES }, () => {
    const { id, name, sided } = oneOf(roll, conditions);
    return wayOf(
      verdictOn({ id, name, sided, state: oneOf(roll, CONDITION_STATES) }, movement, context),
      context,
    );
  });
  return [...new Set([...ways, RESTS, AS_SHOWN])].filter((way) => way !== '');
}
