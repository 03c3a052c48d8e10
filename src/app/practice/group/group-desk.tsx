'use client';

import { useCallback, useState } from 'react';
import { LIKELY_CONDITIONS, practiceClassOf, withGroup, type PracticeOf } from '@/catalogue/practice-facts';
import {
  madeUpGroup,
  withoutNames,
  type Course,
  type PracticeClass,
  type PracticeLog,
} from '@/core/practice';
import type { Snapshot } from '@/core/teach';
import { HowItWent } from './how-it-went';
import { PracticeRoom } from './practice-room';
import { SetUp, type Chosen } from './set-up';

/** The plan that the practice was opened from. */
export type PlannedClass = {
  readonly id: string;
  readonly name: string;
  readonly week: number;
  readonly snapshot: Snapshot;
};

/** A practice class with the plan it is of. */
export type PracticeRun = {
  readonly cls: PracticeClass;
  readonly of: PracticeOf;
  readonly snapshot: Snapshot;
  readonly name: string;
  readonly chosen: Chosen;
};

export type PracticeDone = { readonly log: PracticeLog; readonly course: Course };

type Props = { planned: PlannedClass | null; day: string; rate: number };

/** Which class and how hard, the class itself, and how it went. */
export function GroupDesk({ planned, day, rate }: Props) {
  const [run, setRun] = useState<PracticeRun | null>(null);
  const [done, setDone] = useState<PracticeDone | null>(null);
  const begin = (chosen: Chosen, name: string, snapshot: Snapshot, seed = Date.now() % 1_000_000_000) => {
    const { level, people, copies } = chosen;
    const group = copies
      ? withoutNames(snapshot.people, seed, level)
      : madeUpGroup(seed, people, level, LIKELY_CONDITIONS);
    const week = planned?.week ?? USUAL_WEEK;
    const of = { snapshot, group, level, seed, day, week };
    const cls = practiceClassOf(of);
    setDone(null);
    const plannedMs = cls.rowsOf([]).reduce((sum, row) => sum + row.plannedMs, 0);
    const slotMs = chosen.isPart ? plannedMs : snapshot.slotMs;
    setRun({ cls, of, snapshot: { ...withGroup(snapshot, group), slotMs }, name, chosen });
  };
  const onDone = useCallback((ended: PracticeDone) => setDone(ended), []);
  if (!run) return <SetUp planned={planned} onBegin={begin} />;
  if (!done) return <PracticeRoom key={run.cls.seed} run={run} day={day} rate={rate} onDone={onDone} />;
  return (
    <HowItWent
      run={run}
      done={done}
      onAgain={(same) => begin(run.chosen, run.name, run.snapshot, same ? run.cls.seed : undefined)}
      onOther={() => setRun(null)}
    />
  );
}

/** Made-up people have come for a while. */
const USUAL_WEEK = 4;
