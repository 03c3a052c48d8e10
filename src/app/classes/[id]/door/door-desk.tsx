'use client';

import { useRef, useState } from 'react';
import { fullName, type Person } from '@/core/people';
import type { Plan } from '@/core/plan';
import { NOTHING_NEW, restWell, saidWords, saysNothing, type CheckIn } from '@/core/screening';
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
  const [listed, setListed] = useState(false);
  const head = useRef<HTMLDivElement>(null);
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
    choose((after.find((p) => !checkIns[p.id]) ?? after[0] ?? person).id);
  };
  // Once it has begun, the teaching screen says who is here.
  const isPlanned = info.status === 'planned';
  const given = checkIns[person.id] ?? NOTHING_NEW;
  const choose = (id: string) => {
    setChosen(id);
    setListed(false);
    head.current?.scrollIntoView({ block: 'start' });
  };
  return (
    <div className="grid gap-4 lg:grid-cols-[16rem_1fr] lg:gap-8">
      <div>
        <p className="flex items-center justify-between gap-4 text-soft lg:mb-2">
          <span aria-live="polite">
            {asked} of {people.length} asked
          </span>
          <Button
            look="quiet"
            className="lg:hidden"
            aria-expanded={listed}
            onClick={() => setListed(!listed)}
          >
            {listed ? 'Hide the list' : 'Everybody'}
          </Button>
        </p>
        <PeopleToAsk
          people={people}
          chosen={chosen}
          isAsked={(id) => Boolean(checkIns[id])}
          noteOf={(id) => saidWords(checkIns[id] ?? NOTHING_NEW)}
          onChoose={choose}
          className={`grid-cols-2 gap-1.5 lg:grid lg:grid-cols-1 ${listed ? 'grid' : 'hidden'}`}
        />
      </div>
      <div ref={head} className="scroll-mt-0">
        <div className="sticky top-0 z-10 -mx-2 flex flex-wrap items-center justify-between gap-x-4 gap-y-1 border-b-2 border-edge bg-linen px-2 py-2">
          <h2 className="text-2xl">{fullName(person)}</h2>
          <span className="flex gap-2">
            {isPlanned && (
              <Button
                aria-pressed={given.notHere}
                onClick={() => {
                  set({ ...given, notHere: !given.notHere });
                  if (!given.notHere) goOn();
                }}
              >
                {given.notHere ? 'Here after all' : 'Not here'}
              </Button>
            )}
            <Button look="main" onClick={goOn}>
              Next person
            </Button>
          </span>
        </div>
        {given.notHere ? (
          <p className="mt-4 text-lg">
            Not here today. When the class begins they stand as not here; if they come later, ask them from
            the teaching screen.
          </p>
        ) : (
          <>
            <CheckInKeys
              key={person.id}
              checkIn={given}
              onChange={set}
              allWell={saysNothing(given) ? 'All well, next' : 'The rest is well, next'}
              onAllWell={() => {
                set(restWell(given));
                goOn();
              }}
            />
            <WhatChanged person={person} checkIn={checkIns[person.id]} plan={plan} day={info.day} />
          </>
        )}
        <Trouble message={trouble} />
      </div>
    </div>
  );
}
