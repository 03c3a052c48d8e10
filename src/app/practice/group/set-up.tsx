'use client';

import { useMemo, useState } from 'react';
import { CATALOGUE, MOVEMENTS } from '@/catalogue/movements';
import { readyPlan } from '@/catalogue/ready-plan';
import { STARTERS } from '@/catalogue/starters';
import type { Plan } from '@/core/plan';
import { FEWEST_PEOPLE, MOST_PEOPLE, PRACTICE_LEVELS, type PracticeLevel } from '@/core/practice';
import { rowsOfSnapshot, type Snapshot } from '@/core/teach';
import { clockText, plural } from '@/core/words';
import { Button } from '@/ui/form/button';
import { SelectField } from '@/ui/form/select-field';
import { Limits, Page, PageHead } from '@/ui/page/page';
import { Link } from '@/ui/page/link';
import { WorkedOut } from '@/ui/page/worked-out';
import type { PlannedClass } from './group-desk';

export type Chosen = {
  readonly level: PracticeLevel;
  readonly people: number;
  /** The people of the class, without their names, in place of a group made up. */
  readonly copies: boolean;
  /** One section alone, which has the time that it takes. */
  readonly isPart: boolean;
};

type Props = {
  planned: PlannedClass | null;
  onBegin: (chosen: Chosen, name: string, snapshot: Snapshot) => void;
};

const WHOLE = 'whole';
const OWN_PLAN = 'planned';

/** Which class, how much of it, with whom, and how hard. */
export function SetUp({ planned, onBegin }: Props) {
  const [classId, setClassId] = useState(planned ? OWN_PLAN : STARTERS[0]!.id);
  const [part, setPart] = useState(WHOLE);
  const [who, setWho] = useState('10');
  const [levelId, setLevelId] = useState<PracticeLevel['id']>('calm');
  const snapshot = useMemo(
    () => (classId === OWN_PLAN && planned ? planned.snapshot : snapshotOfStarter(classId)),
    [classId, planned],
  );
  const parts = useMemo(() => partsOf(snapshot), [snapshot]);
  const chosenPart = parts.find((p) => p.id === part) ?? parts[0]!;
  const level = PRACTICE_LEVELS.find((l) => l.id === levelId)!;
  const list = snapshot.people.length;
  const copies = who === COPIES && list > 0;
  const name = classId === OWN_PLAN && planned ? planned.name : STARTERS.find((s) => s.id === classId)!.name;
  return (
    <Page>
      <PageHead
        title="A made-up group"
        line="A class taught on the teaching screen to people who do not exist. They follow, slip and answer by stated rules; nothing of it goes to anybody’s record."
      />
      <div className="grid max-w-3xl gap-5">
        <SelectField
          label="Class"
          value={classId}
          choices={[
            ...(planned ? [[OWN_PLAN, planned.name] as [string, string]] : []),
            ...STARTERS.map((s): [string, string] => [s.id, `${s.name}, ${s.minutes} minutes`]),
          ]}
          onChange={(id) => {
            setClassId(id);
            setPart(WHOLE);
          }}
        />
        <SelectField
          label="How much of it"
          value={chosenPart.id}
          choices={parts.map((p): [string, string] => [p.id, `${p.name}, ${clockText(p.ms)}`])}
          onChange={setPart}
        />
        <SelectField
          label="Who comes"
          value={copies ? COPIES : who === COPIES ? '10' : who}
          choices={[
            ...(list > 0
              ? [
                  [
                    COPIES,
                    `The ${Math.min(list, MOST_PEOPLE)} people of this class, without their names`,
                  ] as [string, string],
                ]
              : []),
            ...Array.from({ length: MOST_PEOPLE - FEWEST_PEOPLE + 1 }, (_, i): [string, string] => {
              const n = FEWEST_PEOPLE + i;
              return [String(n), `${plural(n, 'person', 'people')}, made up`];
            }),
          ]}
          onChange={setWho}
        />
        <fieldset>
          <legend className="mb-1 font-bold">How hard</legend>
          <div className="grid gap-1">
            {PRACTICE_LEVELS.map(({ id, name: levelName, words }) => (
              <label key={id} className="flex min-h-11 items-start gap-3 py-1">
                <input
                  type="radio"
                  name="level"
                  className="mt-1 size-6 shrink-0 accent-ink"
                  checked={levelId === id}
                  onChange={() => setLevelId(id)}
                />
                <span>
                  <strong>{levelName}</strong>
                  <span className="block text-soft">{words}</span>
                </span>
              </label>
            ))}
          </div>
        </fieldset>
        <div className="flex flex-wrap items-center gap-4">
          <Button
            look="main"
            className="px-8 py-3 text-lg"
            disabled={chosenPart.ms === 0}
            onClick={() =>
              onBegin(
                {
                  level,
                  people: Number(who === COPIES ? '10' : who),
                  copies,
                  isPart: chosenPart.id !== WHOLE,
                },
                chosenPart.id === WHOLE ? name : `${name}: ${chosenPart.name.toLowerCase()}`,
                { ...snapshot, plan: chosenPart.plan },
              )
            }
          >
            Begin the practice
          </Button>
          <Link href="/practice" className="font-semibold underline underline-offset-4">
            Drills of two minutes
          </Link>
          <WorkedOut id="group" />
          {chosenPart.ms === 0 && <p>This plan has no rows yet.</p>}
        </div>
      </div>
      <Limits />
    </Page>
  );
}

const COPIES = 'copies';

function snapshotOfStarter(id: string): Snapshot {
  const starter = STARTERS.find((s) => s.id === id) ?? STARTERS[0]!;
  return {
    plan: readyPlan(starter),
    people: [],
    helpers: [],
    slotMs: starter.minutes * 60_000,
    shown: MOVEMENTS.map((m) => m.id),
  };
}

type Part = { readonly id: string; readonly name: string; readonly ms: number; readonly plan: Plan };

/** The whole class, or one section of it. */
function partsOf(snapshot: Snapshot): readonly Part[] {
  const { plan } = snapshot;
  const lengthOf = (of: Plan) =>
    rowsOfSnapshot({ ...snapshot, plan: of }, CATALOGUE).reduce((n, r) => n + r.plannedMs, 0);
  const sections = plan.sections.flatMap((section): Part[] => {
    if (section.rows.length === 0) return [];
    const alone = { ...plan, sections: [section] };
    return [{ id: section.id, name: `Only ${section.name}`, ms: lengthOf(alone), plan: alone }];
  });
  return [{ id: WHOLE, name: 'The whole class', ms: lengthOf(plan), plan }, ...sections];
}
