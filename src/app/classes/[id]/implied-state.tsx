'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { CONDITIONS } from '@/catalogue/conditions';
import { fullName, type Person, type PersonCondition } from '@/core/people';
import { impliedBy, type Incident } from '@/core/teach';
import { lowerFirst } from '@/core/words';
import { Button } from '@/ui/form/button';
import { Trouble } from '@/ui/form/field';
import { requestJson } from '@/ui/request-json';

type Props = {
  classId: string;
  incident: Pick<Incident, 'id' | 'personId' | 'sign'>;
  people: readonly Person[];
};

const HANDS = [
  ['L', 'left hand'],
  ['R', 'right hand'],
  ['both', 'both hands'],
] as const;

/** What an incident means for somebody's record until a clinician has seen them; nothing is recorded that nobody agreed to. */
export function ImpliedState({ classId, incident, people }: Props) {
  const router = useRouter();
  const [trouble, setTrouble] = useState<string | null>(null);
  const [recorded, setRecorded] = useState(false);
  const implied = impliedBy(incident.sign);
  const person = people.find((p) => p.id === incident.personId);
  if (!implied || !person) return null;
  const condition = CONDITIONS.find((c) => c.id === implied.conditionId)?.name ?? '';
  const record = async (side: PersonCondition['side']) => {
    const kept = await requestJson('POST', `/api/classes/${classId}/implied`, {
      incidentId: incident.id,
      side,
    });
    setTrouble(kept.ok ? null : kept.message);
    setRecorded(kept.ok);
    if (kept.ok) router.refresh();
  };
  if (recorded || person.conditions.some((c) => c.conditionId === implied.conditionId))
    return (
      <p role="status">
        On {fullName(person)}’s record: {lowerFirst(condition)}. Every class from now on follows it.
      </p>
    );
  return (
    <div role="group" aria-label={`Proposed for ${fullName(person)}’s record`}>
      <p>
        Proposed for {fullName(person)}’s record: <strong>{lowerFirst(condition)}</strong>, {implied.words}.
        {implied.sided && ' Which hand?'}
      </p>
      <div className="mt-2 flex flex-wrap gap-2">
        {implied.sided ? (
          HANDS.map(([side, words]) => (
            <Button key={side} onClick={() => void record(side)}>
              {words}
            </Button>
          ))
        ) : (
          <Button onClick={() => void record('none')}>Put it on the record</Button>
        )}
      </div>
      <Trouble message={trouble} />
    </div>
  );
}
