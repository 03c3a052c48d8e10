'use client';

import {
  gripResult,
  gripSessions,
  HANDS,
  readiness,
  scoreOfTrials,
  type GripResult,
  type GripTest,
  type GripTrial,
  type Readiness,
  type Scoring,
  type Session,
} from '@/core/measure';
import type { Person } from '@/core/people';
import { plural } from '@/core/words';
import { amountText, type Units } from '@/core/units';
import { useUnits } from '@/ui/units';
import { WorkedOut } from '@/ui/page/worked-out';

type Props = {
  person: Person;
  tests: readonly GripTest[];
  /** The tries of today, not kept yet. */
  trials: readonly GripTrial[];
  scoring: Scoring;
};

/** Each hand against its first day, with the threshold of real change, and today against lately. */
export function GripResults({ person, tests, trials, scoring }: Props) {
  const units = useUnits();
  return (
    <section aria-label="Results" className="mt-6">
      <h2 className="text-xl">Against the first day</h2>
      <dl className="mt-2 grid max-w-4xl gap-3">
        {HANDS.map((hand) => {
          const sessions = gripSessions(tests, person.measures, hand);
          const first = trials.find((t) => t.hand === hand);
          return (
            <div key={hand}>
              <dt className="font-semibold">{hand === 'L' ? 'Left hand' : 'Right hand'}</dt>
              <dd>
                {resultWords(gripResult(sessions, scoring), sessions.length, units)}
                {first && ` ${todayWords(readiness(first.peakKg, sessions.map(bestOf)))}`}
              </dd>
            </div>
          );
        })}
      </dl>
      <p className="mt-2 text-sm text-soft">
        Real change is more than {amountText(5, 'kg', units, 0)} (Bohannon 2019) until six days or more show
        that this hand is steadier from day to day: then more than chance gives 19 times of 20 (t × √2 × the
        standard error of test and retest). It says nothing of why. <WorkedOut id="change" />
      </p>
    </section>
  );
}

const bestOf = ({ trials }: Session): number => scoreOfTrials(trials, 'best') ?? 0;

function resultWords(
  { baselineKg, nowKg, thresholdKg, change }: GripResult,
  days: number,
  units: Units,
): string {
  const kg = (value: number) => amountText(value, 'kg', units);
  if (baselineKg === null) return 'Not measured yet.';
  if (nowKg === null) return `${kg(baselineKg)} on the first day; one more day is needed to compare.`;
  const words = { better: 'Better', worse: 'Worse', 'no real change': 'No real change', 'not yet': '' }[
    change
  ];
  const advice = change === 'worse' ? ' Worth asking a clinician about.' : '';
  return `${words}: ${kg(baselineKg)} then, ${kg(nowKg)} now, over ${plural(days, 'day')}; real change is more than ${kg(thresholdKg)}.${advice}`;
}

const TODAY: Record<Readiness['kind'], string> = {
  usual: 'Today is a usual day for this hand.',
  'lighter day': 'Today is weaker than usual: make it a lighter day.',
  'rest and glide': 'Today is much weaker than usual: rest and glides only.',
  'not known': '',
};
const todayWords = ({ kind }: Readiness): string => TODAY[kind];
