'use client';

import { Dialog } from 'radix-ui';
import { useMemo, useState } from 'react';
import { fullName } from '@/core/people';
import type { Plan } from '@/core/plan';
import { NOTHING_NEW, restWell, saysNothing, type CheckIn } from '@/core/screening';
import { latestAnswer, type Away, type ClassAnswer, type PersonNow, type TaughtRow } from '@/core/teach';
import { Button } from '@/ui/form/button';
import { CheckInKeys } from '../check-in-keys';
import { PeopleToAsk } from '../people-to-ask';
import { WhatChanged } from '../what-changed';
import { JoinClass } from './join-class';
import { Sheet } from './sheet';

type Props = {
  onClose: () => void;
  /** Those who are not here as well: one of them may just have come. */
  people: readonly PersonNow[];
  away: readonly Away[];
  onHere: (personId: string) => void;
  answers: readonly ClassAnswer[];
  onAnswer: (personId: string, checkIn: CheckIn) => void;
  plan: Plan;
  /** From the row under way on. */
  rows: readonly TaughtRow[];
  day: string;
  /** Null in a rehearsal: nobody joins. */
  classId: string | null;
};

/** A late-comer, or somebody for whom something has changed: the questions of the door, with the class going on. */
export function AskSheet({
  onClose,
  people,
  away,
  onHere,
  answers,
  onAnswer,
  plan,
  rows,
  day,
  classId,
}: Props) {
  const [chosen, setChosen] = useState<string | null>(null);
  const [draft, setDraft] = useState<CheckIn>(NOTHING_NEW);
  const person = people.find((p) => p.person.id === chosen)?.person;
  const toCome = useMemo(() => new Set(rows.map((r) => r.rowId)), [rows]);
  const choose = (personId: string) => {
    setChosen(personId);
    setDraft(latestAnswer(answers, personId)?.checkIn ?? NOTHING_NEW);
  };
  const keep = (checkIn: CheckIn) => {
    if (away.some((a) => a.personId === person!.id)) onHere(person!.id);
    onAnswer(person!.id, checkIn);
    onClose();
  };
  return (
    <Sheet open onClose={onClose}>
      <div className="sticky -top-6 -mt-6 flex items-center justify-between gap-4 bg-paper pt-6 pb-1">
        <Dialog.Title className="text-xl font-bold">
          {person ? `How are ${fullName(person)}’s hands now?` : 'Whose hands?'}
        </Dialog.Title>
        <span className="flex gap-2">
          {person && (
            <>
              <Button look="main" onClick={() => keep(draft)}>
                Keep it
              </Button>
              <Button onClick={() => setChosen(null)}>Somebody else</Button>
            </>
          )}
          <Dialog.Close asChild>
            <Button>Close</Button>
          </Dialog.Close>
        </span>
      </div>
      <Dialog.Description className="text-soft">
        {person
          ? 'Nothing counts until it is kept; then the rows to come follow at once.'
          : 'Somebody who has just come, or for whom something has changed. An open bead has not been asked today.'}
      </Dialog.Description>
      {person ? (
        <>
          <CheckInKeys
            key={person.id}
            checkIn={draft}
            onChange={setDraft}
            onAllWell={() => keep(restWell(draft))}
            allWell={saysNothing(draft) ? 'All well' : 'The rest is well'}
          />
          <WhatChanged person={person} checkIn={draft} plan={plan} day={day} toCome={toCome} />
        </>
      ) : (
        <>
          <PeopleToAsk
            people={people.map((p) => p.person)}
            chosen={null}
            isAsked={(id) => latestAnswer(answers, id) !== undefined}
            noteOf={(id) => away.find((a) => a.personId === id)?.how ?? ''}
            onChoose={choose}
            className="mt-3 grid gap-1.5 sm:grid-cols-2 lg:grid-cols-3"
          />
          {classId !== null && <JoinClass classId={classId} onJoined={choose} />}
        </>
      )}
    </Sheet>
  );
}
