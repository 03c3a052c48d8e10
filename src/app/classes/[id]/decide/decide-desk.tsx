'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { toast } from 'sonner';
import { groupBy } from '@/core/group';
import { fullName, type Person } from '@/core/people';
import { plural } from '@/core/words';
import type { ProposalFor } from '@/server/progress/proposals';
import { Button } from '@/ui/form/button';
import { requestJson } from '@/ui/request-json';
import { Trouble } from '@/ui/form/field';
import { Decided } from './decided';
import { accepted, PersonLine } from './person-line';
import type { Answer } from './proposal-row';

type Props = { classId: string; people: readonly Person[]; proposals: readonly ProposalFor[] };

/** One line a person, those first for whom something changes; those who stay are taken together. */
export function DecideDesk({ classId, people, proposals }: Props) {
  const router = useRouter();
  const [trouble, setTrouble] = useState<string | null>(null);
  const open = groupBy(
    proposals.filter((p) => !p.taken),
    (p) => p.personId,
  );
  const isStaying = (of: readonly ProposalFor[]) => of.every((p) => p.decision.kind === 'stay');
  const changing = [...open.values()].filter((of) => !isStaying(of));
  const staying = [...open.values()].filter(isStaying);
  const nameOf = (id: string) => {
    const person = people.find((p) => p.id === id);
    return person ? fullName(person) : '';
  };
  const path = `/api/classes/${classId}/decisions`;
  const takeBack = async (decisions: readonly Pick<Answer, 'personId' | 'family'>[]) => {
    const result = await requestJson<{ takenBack: number }>('DELETE', path, { decisions });
    setTrouble(result.ok ? null : result.message);
    if (result.ok) router.refresh();
  };
  const answer = async (answers: readonly Answer[]) => {
    const result = await requestJson<{ kept: number }>('POST', path, { answers });
    setTrouble(result.ok ? null : result.message);
    if (!result.ok) return;
    const { kept } = result.value;
    const undo = () => takeBack(answers.map(({ personId, family }) => ({ personId, family })));
    // Where somebody else had answered first, theirs is not taken back.
    const isMine = kept === answers.length;
    toast(
      `${plural(kept, 'decision is', 'decisions are')} kept`,
      isMine ? { action: { label: 'Undo', onClick: () => void undo() } } : {},
    );
    router.refresh();
  };
  const accept = (of: readonly (readonly ProposalFor[])[]) => answer(of.flat().map(accepted));
  const list = (of: readonly (readonly ProposalFor[])[]) => (
    <ul>
      {of.map((theirs) => (
        <PersonLine
          key={theirs[0]!.personId}
          name={nameOf(theirs[0]!.personId)}
          proposals={theirs}
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
            <Button onClick={() => accept(changing)}>Accept for all {changing.length}</Button>
          )}
        </div>
        {changing.length === 0 && <p>Nothing is proposed that changes a rung.</p>}
        {list(changing)}
      </section>
      {staying.length > 0 && (
        <details className="mt-6">
          <summary className="min-h-11 content-center text-lg font-semibold">
            {plural(staying.length, 'person stays', 'people stay')} on the same rungs
          </summary>
          <Button className="my-2" onClick={() => accept(staying)}>
            Keep all {staying.length} where they are
          </Button>
          {list(staying)}
        </details>
      )}
      <Decided proposals={proposals} nameOf={nameOf} onTakeBack={(one) => void takeBack([one])} />
    </>
  );
}
