'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { toast } from 'sonner';
import { fullName, type Person } from '@/core/people';
import { plural } from '@/core/words';
import type { ProposalFor } from '@/server/progress/proposals';
import { Button } from '@/ui/form/button';
import { requestJson } from '@/ui/request-json';
import { Trouble } from '@/ui/form/field';
import { Decided } from './decided';
import { ProposalRow, type Answer } from './proposal-row';

type Props = { classId: string; people: readonly Person[]; proposals: readonly ProposalFor[] };

/** Proposals that change something first; those who stay are taken together. */
export function DecideDesk({ classId, people, proposals }: Props) {
  const router = useRouter();
  const [trouble, setTrouble] = useState<string | null>(null);
  const open = proposals.filter((p) => !p.taken);
  const [changing, staying] = [
    open.filter((p) => p.decision.kind !== 'stay'),
    open.filter((p) => p.decision.kind === 'stay'),
  ];
  const nameOf = (id: string) => {
    const person = people.find((p) => p.id === id);
    return person ? fullName(person) : '';
  };
  const answer = async (answers: readonly Answer[]) => {
    const result = await requestJson<{ kept: number }>('POST', `/api/classes/${classId}/decisions`, {
      answers,
    });
    setTrouble(result.ok ? null : result.message);
    if (!result.ok) return;
    toast(`${plural(result.value.kept, 'decision is', 'decisions are')} kept`);
    router.refresh();
  };
  const accept = (of: readonly ProposalFor[]) =>
    answer(of.map(({ personId, family, decision }) => ({ personId, family, rungs: decision.rungs })));
  const list = (of: readonly ProposalFor[]) => (
    <ul>
      {of.map((p) => (
        <ProposalRow
          key={`${p.personId} ${p.family}`}
          proposal={p}
          name={nameOf(p.personId)}
          onAnswer={answer}
        />
      ))}
    </ul>
  );
  return (
    <>
      <Trouble message={trouble} />
      <section aria-label="To decide">
        <div className="flex flex-wrap items-center gap-4">
          <h2 className="flex-1 text-xl">To decide</h2>
          {changing.length > 1 && (
            <Button onClick={() => accept(changing)}>Accept all {changing.length}</Button>
          )}
        </div>
        {changing.length === 0 && <p>Nothing is proposed that changes a rung.</p>}
        {list(changing)}
      </section>
      {staying.length > 0 && (
        <details className="mt-6">
          <summary className="min-h-11 content-center text-lg font-semibold">
            {plural(staying.length, 'proposal')} to stay on the same rung
          </summary>
          <Button className="my-2" onClick={() => accept(staying)}>
            Keep all {staying.length} where they are
          </Button>
          {list(staying)}
        </details>
      )}
      <Decided proposals={proposals} nameOf={nameOf} />
    </>
  );
}
