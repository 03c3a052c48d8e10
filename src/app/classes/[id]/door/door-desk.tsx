'use client';

import { useMemo, useRef, useState } from 'react';
import { CAUTIONS } from '@/catalogue/cautions/cautions';
import { fullName, type Person } from '@/core/people';
import { changedRows, type Plan } from '@/core/plan';
import { asToday, NOTHING_NEW, type CheckIn } from '@/core/screening';
import type { ClassInfo } from '@/store/classes';
import { Button } from '@/ui/form/button';
import { requestJson } from '@/ui/request-json';
import { useCatalogue } from '@/ui/catalogue';
import { Trouble } from '@/ui/form/field';
import { HandsMark, verdictWords } from '@/ui/verdict-signs';
import { CheckInKeys } from './check-in-keys';

type Props = {
  info: ClassInfo;
  people: readonly Person[];
  first: Readonly<Record<string, CheckIn>>;
  plan: Plan;
};

/** One person after another: how the hands are today, and what that changes in the plan. */
export function DoorDesk({ info, people, first, plan }: Props) {
  const [checkIns, setCheckIns] = useState(first);
  const [chosen, setChosen] = useState(people.find((p) => !first[p.id])?.id ?? people[0]!.id);
  const [trouble, setTrouble] = useState<string | null>(null);
  const queue = useRef<Promise<void>>(Promise.resolve());
  const person = people.find((p) => p.id === chosen)!;
  const asked = people.filter((p) => checkIns[p.id]).length;

  const set = (checkIn: CheckIn) => {
    setCheckIns((all) => ({ ...all, [person.id]: checkIn }));
    queue.current = queue.current.then(async () => {
      const body = { personId: person.id, checkIn };
      const result = await requestJson('PUT', `/api/classes/${info.id}/check-in`, body);
      setTrouble(result.ok ? null : result.message);
    });
  };
  const goOn = () => {
    const at = people.findIndex((p) => p.id === chosen);
    const after = [...people.slice(at + 1), ...people.slice(0, at)];
    setChosen((after.find((p) => !checkIns[p.id]) ?? after[0] ?? person).id);
  };
  return (
    <div className="grid gap-8 lg:grid-cols-[16rem_1fr]">
      <div>
        <p aria-live="polite" className="mb-2 text-soft">
          {asked} of {people.length} asked
        </p>
        <ul className="grid grid-cols-2 gap-1.5 lg:grid-cols-1">
          {people.map((p) => (
            <li key={p.id}>
              <button
                type="button"
                aria-pressed={p.id === chosen}
                onClick={() => setChosen(p.id)}
                className={`flex min-h-11 w-full items-center gap-3 rounded-full border-2 px-4 text-left ${p.id === chosen ? 'border-ink bg-ink text-paper' : 'border-edge bg-paper hover:border-ink'}`}
              >
                <AskedBead asked={Boolean(checkIns[p.id])} dark={p.id === chosen} />
                {fullName(p)}
              </button>
            </li>
          ))}
        </ul>
      </div>
      <div>
        <h2 className="text-2xl">{fullName(person)}</h2>
        <CheckInKeys
          key={person.id}
          checkIn={checkIns[person.id] ?? NOTHING_NEW}
          onChange={set}
          onAllWell={() => {
            set({ ...NOTHING_NEW, painLeft: 0, painRight: 0, stiffnessMin: 0 });
            goOn();
          }}
        />
        <Trouble message={trouble} />
        <WhatChanged person={person} checkIn={checkIns[person.id]} plan={plan} day={info.day} />
        <Button look="main" className="mt-4 px-8 py-3 text-xl" onClick={goOn}>
          Next person
        </Button>
      </div>
    </div>
  );
}

function AskedBead({ asked, dark }: { asked: boolean; dark: boolean }) {
  const ink = dark ? 'var(--color-paper)' : 'var(--color-ink)';
  return (
    <svg width="16" height="16" viewBox="0 0 16 16" role="img" aria-label={asked ? 'asked' : 'not asked yet'}>
      <circle cx="8" cy="8" r="6.5" fill={asked ? ink : 'none'} stroke={ink} strokeWidth="2" />
    </svg>
  );
}

type Changed = ReturnType<typeof changedRows>[number];
type Together = Pick<Changed, 'after'> & {
  readonly rowIds: readonly string[];
  readonly movementIds: readonly string[];
  readonly how: string;
};

/** Rows that change in the same way, said once. */
function together(changed: readonly Changed[]): readonly Together[] {
  const groups = new Map<string, Together>();
  for (const { rowId, movementId, after } of changed) {
    const how = [...new Set([...after.L.how, ...after.R.how])].join('; ');
    const key = `${verdictWords(after)} ${how}`;
    const known = groups.get(key) ?? { rowIds: [], movementIds: [], after, how };
    groups.set(key, {
      ...known,
      rowIds: [...known.rowIds, rowId],
      movementIds: [...new Set([...known.movementIds, movementId])],
    });
  }
  return [...groups.values()];
}

function WhatChanged({
  person,
  checkIn,
  plan,
  day,
}: {
  person: Person;
  checkIn: CheckIn | undefined;
  plan: Plan;
  day: string;
}) {
  const catalogue = useCatalogue();
  const changed = useMemo(
    () => changedRows(plan, person, asToday(person, checkIn), { table: CAUTIONS, catalogue, today: day }),
    [plan, person, checkIn, catalogue, day],
  );
  return (
    <section aria-label="What this changes" aria-live="polite" className="mt-5">
      <h3 className="text-lg">
        {changed.length === 0
          ? 'Nothing changes in the plan.'
          : `Changes ${changed.length === 1 ? 'one row' : `${changed.length} rows`} of the plan`}
      </h3>
      <ul>
        {together(changed).map(({ rowIds, movementIds, after, how }) => (
          <li key={rowIds[0]} className="flex items-start gap-3 border-b py-1">
            <span className="w-8 shrink-0 pt-0.5">
              <HandsMark verdict={after} />
            </span>
            <span>
              <strong>{movementIds.map((id) => catalogue.movement(id)?.name).join(', ')}</strong>:{' '}
              {verdictWords(after)}; {how}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
