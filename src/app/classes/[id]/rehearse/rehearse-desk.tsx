'use client';

import { Link } from '@/ui/page/link';
import { useMemo, useState, type ReactNode } from 'react';
import { CATALOGUE } from '@/catalogue/movements';
import type { OwnMovement } from '@/core/catalogue';
import type { OwnRung } from '@/core/progress';
import { begin, rowsOfSnapshot, type Reports, type Snapshot } from '@/core/teach';
import { clockText } from '@/core/words';
import type { ClassInfo } from '@/store/classes';
import type { Taught } from '@/store/teaching';
import { Button, buttonClass } from '@/ui/form/button';
import { OwnMovementsProvider } from '@/ui/own-movements';
import { Limits, Page, PageHead } from '@/ui/page/page';
import { SelectField } from '@/ui/form/select-field';
import { TeachScreen } from '../teach/teach-screen';
import { CountPractice } from './count-practice';

type Props = {
  info: ClassInfo;
  snapshot: Snapshot;
  venueSafety: string;
  ownRungs: readonly OwnRung[];
  /** The steps of the class, over the page. */
  steps: ReactNode;
};

const SPEEDS = [1, 2, 4, 8] as const;
const NOTHING_REPORTED: Reports = { marks: [], answers: [] };
const NONE: readonly OwnMovement[] = [];

/** A plan run through without a group, as fast as one likes; and counting, practised by tapping. */
export function RehearseDesk({ info, snapshot, venueSafety, ownRungs, steps }: Props) {
  const rows = useMemo(() => rowsOfSnapshot(snapshot, CATALOGUE), [snapshot]);
  const [speed, setSpeed] = useState<number>(4);
  const [run, setRun] = useState<Taught | null>(null);
  const totalMs = rows.reduce((n, r) => n + r.plannedMs, 0);
  if (run)
    return (
      <div className="fixed inset-0 z-20 overflow-auto bg-linen">
        <TeachScreen
          key={run.startedAtMs}
          info={info}
          taught={run}
          firstReports={NOTHING_REPORTED}
          rate={speed}
          venueSafety={venueSafety}
          ownRungs={ownRungs}
          outbox={null}
          firstSettings={{ sound: 'silent' }}
          onDone={() => setRun(null)}
          doneWords="That was the last row."
        />
      </div>
    );
  return (
    <OwnMovementsProvider own={snapshot.own ?? NONE}>
      {steps}
      <Page>
        <PageHead
          title={`Rehearse ${info.name}, week ${info.week}`}
          line="A run-through with nobody there: nothing is stored, the voice is off."
        />
        {rows.length === 0 ? (
          <p>This plan has no rows yet. Add some before rehearsing.</p>
        ) : (
          <>
            <div className="flex flex-wrap items-end gap-4">
              <SelectField
                label="Speed"
                value={String(speed)}
                choices={SPEEDS.map((s) => [
                  String(s),
                  s === 1
                    ? `As in class, ${clockText(totalMs)}`
                    : `${s} times as fast, ${clockText(totalMs / s)}`,
                ])}
                onChange={(value) => setSpeed(Number(value))}
              />
              <Button look="main" onClick={() => setRun(firstRun(snapshot, rows))}>
                Start the rehearsal
              </Button>
              <Link href={`/practice/group?class=${info.id}`} className={buttonClass()}>
                With a made-up group
              </Link>
              <Link href={`/classes/${info.id}`} className={buttonClass()}>
                Back to the plan
              </Link>
            </div>
            <CountPractice rows={rows} />
          </>
        )}
        <Limits />
      </Page>
    </OwnMovementsProvider>
  );
}

const firstRun = (snapshot: Snapshot, rows: ReturnType<typeof rowsOfSnapshot>): Taught => ({
  snapshot,
  state: begin(rows, 0).state,
  startedAtMs: Date.now(),
  ended: false,
  writtenUp: false,
  notes: '',
  nextSeq: 0,
});
