import { contextOf } from '@/core/plan';
import type { Likely, MadeUpPerson, PracticeClass, PracticeLevel } from '@/core/practice';
import { memo } from '@/core/remember';
import {
  peopleNow,
  rowsOfSnapshot,
  taughtPlan,
  type Reports,
  type Snapshot,
  type TaughtRow,
} from '@/core/teach';
import { factsOfTaught } from './class-facts';
import { CATALOGUE } from './movements';

const likely = (
  conditionId: string,
  ofHundred: number,
  sided = true,
  state: Likely['state'] = 'settled',
): Likely => ({ conditionId, ofHundred, sided, state });

/** What made-up people have: about as often as in such a class, and no two groups alike. */
export const LIKELY_CONDITIONS: readonly Likely[] = [
  likely('hand-oa', 45),
  likely('thumb-base', 25),
  likely('inflammatory', 10),
  likely('inflammatory', 4, true, 'flare'),
  likely('old-fracture', 12),
  likely('median-nerve', 10),
  likely('trigger-finger', 8),
  likely('osteoporosis', 30, false),
  likely('blood-pressure', 25, false),
  likely('shoulder', 15, false),
  likely('balance', 10, false),
  likely('tremor', 6, false),
  likely('memory', 8, false),
  likely('poor-hearing', 12, false),
];

/** A practice class in what it is made from, which can be sent to a worker. */
export type PracticeOf = {
  readonly snapshot: Snapshot;
  readonly group: readonly MadeUpPerson[];
  readonly level: PracticeLevel;
  readonly seed: number;
  readonly day: string;
  readonly week: number;
};

/** A class to practise on: the plan of the snapshot, with these people in place of whoever comes to it. */
export function practiceClassOf({
  snapshot: planned,
  group,
  level,
  seed,
  day,
  week,
}: PracticeOf): PracticeClass {
  const snapshot = withGroup(planned, group);
  const rows = memo<readonly TaughtRow[]>();
  const judged = memo<PracticeClass['verdictsOf'] extends (...args: never[]) => infer V ? V : never>();
  return {
    seed,
    level,
    group,
    week,
    catalogue: factsOfTaught(snapshot, { day, week }).catalogue,
    rowsOf: (changes) => rows([changes], '', () => rowsOfSnapshot(snapshot, CATALOGUE, changes)),
    verdictsOf: (changes, reports: Reports) =>
      judged([changes, reports], '', () => {
        const people = peopleNow(snapshot.people, reports).map((p) => p.person);
        const facts = factsOfTaught({ ...snapshot, people }, { day, week });
        return contextOf(taughtPlan(snapshot.plan, changes), facts).verdicts;
      }),
  };
}

/** The class with the made-up people in it, and helpers without their names. */
export const withGroup = (snapshot: Snapshot, group: readonly MadeUpPerson[]): Snapshot => ({
  ...snapshot,
  people: group.map((g) => g.person),
  helpers: snapshot.helpers.map((_, i) => `Helper ${i + 1}`),
});
