import type { Hand } from '@/core/dose';
import type { ClassLine, Person } from '@/core/people';
import {
  gripSessions,
  HANDS,
  lookBack,
  readiness,
  resultsOf,
  scoreOfTrials,
  type LookBack,
  type Readiness,
  type MeasureResult,
  type Scoring,
} from '@/core/measure';
import type { Db } from '@/store/db';
import { gripTestsOf, loadGripTests } from '@/store/grip';
import { homeLog } from '@/store/home';
import { findPerson, measuresLookedBackOn } from '@/store/people';
import { classEnds, classLinesOf } from '@/store/wrap-ups';
import { idFrom } from '../shell/ids';
import { withMeasures } from './measures';

export type PersonResults = {
  readonly person: Person;
  readonly results: readonly MeasureResult[];
  readonly classes: readonly ClassLine[];
  readonly lookBack: LookBack;
  /** Cards of home practice given, and days on which something of them was done, as told. */
  readonly home: { readonly cards: number; readonly days: number };
  /** Today's squeeze against lately, for a hand that was measured today. */
  readonly ready: readonly { readonly hand: Hand; readonly is: Readiness }[];
};

/** All that was measured and told of a person, and how it has gone; null where there is no such person. */
export async function personResults(
  db: Db,
  rawId: string,
  scoring: Scoring,
  today: string,
): Promise<PersonResults | null> {
  const id = idFrom(rawId, 'person');
  const person = id.ok ? await findPerson(db, id.value) : null;
  if (!person) return null;
  const tests = await loadGripTests(db, person.id);
  const classes = await classLinesOf(db, person.id);
  const results = resultsOf(person, tests, scoring);
  const ready = HANDS.flatMap((hand) => {
    const sessions = gripSessions(tests, person.measures, hand);
    const best = sessions.map((s) => scoreOfTrials(s.trials, 'best') ?? 0);
    return sessions.at(-1)?.day === today ? [{ hand, is: readiness(best.at(-1)!, best.slice(0, -1)) }] : [];
  });
  return {
    person,
    results,
    classes,
    lookBack: lookBack(classes, results, today),
    home: await homeLog(db, person.id),
    ready,
  };
}

/** What was measured of a person, and how it has gone. */
export type HowItHasGone = { readonly results: readonly MeasureResult[]; readonly lookBack: LookBack };

/** How it has gone for several people, of whom the newest measures are at hand: with the first ones they are enough. */
export async function lookBacks(
  db: Db,
  people: readonly Pick<Person, 'id' | 'measures'>[],
  today: string,
): Promise<ReadonlyMap<string, HowItHasGone>> {
  const ids = people.map((p) => p.id);
  const tests = await gripTestsOf(db, ids);
  const classes = await classEnds(db, ids);
  const first = await measuresLookedBackOn(db, people);
  return new Map(
    people.map((p) => {
      const measures = withMeasures(first.get(p.id) ?? [], p.measures);
      const results = resultsOf({ measures }, tests.get(p.id) ?? [], 'best');
      return [p.id, { results, lookBack: lookBack(classes.get(p.id) ?? [], results, today) }];
    }),
  );
}
