'use client';

import { useCallback, useMemo, useRef, useState } from 'react';
import { begin } from '@/core/teach';
import type { ClassInfo } from '@/store/classes';
import type { Taught } from '@/store/teaching';
import type { Teaching } from '../../classes/[id]/teach/use-teaching';
import { TeachScreen, type MadeUpGroup } from '../../classes/[id]/teach/teach-screen';
import type { PracticeDone, PracticeRun } from './group-desk';
import { GroupStage } from './group-stage';
import { usePractice } from './use-practice';

type Props = {
  run: PracticeRun;
  day: string;
  rate: number;
  onDone: (done: PracticeDone) => void;
};

/** Everybody has gone by then, ms. */
const GONE_MS = 1_000;

/** The teaching screen, with the made-up group in its room. */
export function PracticeRoom({ run, day, rate, onDone }: Props) {
  const { cls, snapshot } = run;
  const [begun] = useState(() => {
    const { state, events } = begin(cls.rowsOf(NO_CHANGES), 0);
    return { state: { ...state, changes: NO_CHANGES }, events, startedAtMs: Date.now() };
  });
  const practice = usePractice(cls, begun.state, begun.events);
  const clock = useRef<() => number>(() => 0);
  const group = useMemo(
    (): MadeUpGroup => ({
      onMoved: practice.moved,
      onHelp: () => practice.help(clock.current()),
      stage: (teaching: Teaching) => {
        clock.current = teaching.now;
        return <GroupStage run={run} practice={practice} teaching={teaching} rate={rate} />;
      },
    }),
    [run, practice, rate],
  );
  const taught = useMemo(
    (): Taught => ({
      snapshot,
      state: begun.state,
      startedAtMs: begun.startedAtMs,
      ended: false,
      writtenUp: false,
      notes: '',
      nextSeq: 0,
    }),
    [snapshot, begun],
  );
  const { log, goOn } = practice;
  const ended = useCallback(
    () => onDone({ log: log(), course: goOn((log().turns.at(-1)?.atMs ?? 0) + GONE_MS) }),
    [log, goOn, onDone],
  );
  return (
    <div className="fixed inset-0 z-20 overflow-auto bg-linen">
      <TeachScreen
        info={infoOf(run, day)}
        taught={taught}
        firstReports={NOTHING}
        rate={rate}
        venueSafety=""
        ownRungs={NONE}
        outbox={null}
        onDone={ended}
        doneWords="That was the last row."
        group={group}
      />
    </div>
  );
}

const NOTHING = { marks: [], answers: [] };
const NONE = [] as const;
const NO_CHANGES: Taught['state']['changes'] = [];

/** What the teaching screen asks of a class, for one that is nowhere kept. */
const infoOf = ({ cls, name, snapshot }: PracticeRun, day: string): ClassInfo => ({
  id: NOWHERE,
  seriesId: NOWHERE,
  name,
  place: '',
  slotMinutes: Math.ceil(snapshot.slotMs / 60_000),
  day,
  startsAt: '10:00',
  week: cls.week,
  helpers: snapshot.helpers,
  fromClassId: null,
  status: 'teaching',
  expected: cls.group.length,
  times: null,
});
const NOWHERE = '00000000-0000-4000-8000-000000000000';
