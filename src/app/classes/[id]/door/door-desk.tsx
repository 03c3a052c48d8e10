'use client';

import { useRef, useState } from 'react';
import { fullName, type Person } from '@/core/people';
import type { Plan } from '@/core/plan';
import { NOTHING_NEW, type CheckIn } from '@/core/screening';
import type { ClassInfo } from '@/store/classes';
import { Button } from '@/ui/form/button';
import { requestJson } from '@/ui/request-json';
import { Trouble } from '@/ui/form/field';
import { CheckInKeys } from '../check-in-keys';
import { PeopleToAsk } from '../people-to-ask';
import { WhatChanged } from '../what-changed';

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
        <PeopleToAsk
          people={people}
          chosen={chosen}
          isAsked={(id) => Boolean(checkIns[id])}
          onChoose={setChosen}
          className="grid grid-cols-2 gap-1.5 lg:grid-cols-1"
        />
      </div>
      <div>
        <h2 className="text-2xl">{fullName(person)}</h2>
        <CheckInKeys
          key={person.id}
          checkIn={checkIns[person.id] ?? NOTHING_NEW}
          onChange={set}
          allWell="All well, next"
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
