import { addDays } from '../../days';
import { dice } from '../../dice';
import {
  contextOf,
  fewNew,
  findingsOf,
  movementRows,
  oneChange,
  steepRises,
  type Baseline,
  type ClassFacts,
  type PlanContext,
} from '../../plan';
import { FAMILIES, type Family } from '../../progress';
import { behindIn, pinThoseWhoStay, nextRungsAndDoses } from './group';
import { teach } from './one-class';
import { type Player } from './played-class';
import type { PlayFacts, PlayOptions } from './options';
import type { ClassPlayed } from './played-class';
import { startOf } from './response';
import { asStood, inSchool, type RungAndDose } from './steps';

/** What one play of a term left behind, class by class and person by person. */
export type OnePlay = {
  readonly classes: readonly ClassPlayed[];
  readonly behind: ReadonlyMap<string, readonly Family[]>;
  readonly steppedBack: ReadonlyMap<string, number>;
};

/** The term once, from its first class to its last. */
export function playOnce(facts: PlayFacts, options: PlayOptions, seed: number): OnePlay {
  const roll = dice(seed);
  const players = facts.people.map((person): Player => ({
    person,
    condition: startOf(person, facts.classes[0]?.day ?? '', roll),
    own: new Map(),
    outcomes: new Map(FAMILIES.map((f) => [f, []])),
    back: new Map(),
    came: 0,
    steppedBack: 0,
  }));
  let stands: ReadonlyMap<string, RungAndDose> = new Map();
  const shown = new Set<string>();
  const classes: ClassPlayed[] = [];
  for (const { week, day, plan } of facts.classes) {
    const lighter = facts.weeks[week - 1]?.lighter ?? false;
    const schooled = inSchool(plan, options.school, facts.catalogue);
    const now = options.progression === 'as planned' ? schooled : asStood(schooled, stands, lighter);
    const context = contextOf(
      now,
      factsOn(facts, players, {
        week,
        day,
        baseline: baselineIn(classes),
        shown,
      }),
    );
    const breaches = breachesOf(context);
    const result = teach(facts, players, context, week, options.attendance, roll);
    stands = nextRungsAndDoses(facts, context, result.moving, stands, lighter, schooled);
    if (facts.weeks[week - 1]?.phase !== 'settle in') pinThoseWhoStay(players, context, result);
    for (const row of movementRows(now)) shown.add(row.movementId);
    classes.push({ plan: now, lighter, ...result.counts, breaches });
  }
  const lastPlan = classes.at(-1)?.plan;
  return {
    classes,
    behind: new Map(players.map((p) => [p.person.id, lastPlan ? behindIn(p, lastPlan, facts) : []] as const)),
    steppedBack: new Map(players.map((p) => [p.person.id, p.steppedBack])),
  };
}

/** What the rules across weeks say, without names: who is asked too much is made up here. */
const breachesOf = (context: PlanContext): ClassPlayed['breaches'] => [
  ...[oneChange, fewNew].flatMap((r) => findingsOf(r, context)).map(({ code, text }) => ({ code, text })),
  ...steepRises(context).map(({ words, people }) => ({
    code: 'G2',
    text:
      people.length === 0
        ? `${words} by more than 20 %.`
        : `${words} by more than 10 % for people in their first four weeks or after a flare.`,
  })),
];

function baselineIn(classes: readonly ClassPlayed[]): Baseline | null {
  const usual = classes.findLast((c) => !c.lighter) ?? classes.at(-1);
  return usual ? { plan: usual.plan, isLastTaught: usual === classes.at(-1) } : null;
}

type OnDay = {
  readonly week: number;
  readonly day: string;
  readonly baseline: Baseline | null;
  readonly shown: ReadonlySet<string>;
};

const factsOn = (
  facts: PlayFacts,
  players: readonly Player[],
  { week, day, baseline, shown }: OnDay,
): ClassFacts => ({
  catalogue: facts.catalogue,
  cautions: facts.cautions,
  people: facts.people,
  helpers: facts.helpers,
  slotMs: facts.slotMs,
  bag: {},
  shown: [...shown],
  day: judgedOn(facts, day),
  week,
  baseline,
  attended: Object.fromEntries(players.map((p) => [p.person.id, p.came])),
});

/**
 * The first day of the term, or since, from which everybody's clearances are as they are on this one. Verdicts hang on a day
 * by clearances alone, so that those of one class still hold in the next.
 */
function judgedOn({ people, classes }: PlayFacts, day: string): string {
  const turns = people.flatMap((p) =>
    p.clearances.flatMap(({ on, until }) => (until === null ? [on] : [on, addDays(until, 1)])),
  );
  return turns.reduce((latest, turn) => (turn <= day && turn > latest ? turn : latest), classes[0]!.day);
}
