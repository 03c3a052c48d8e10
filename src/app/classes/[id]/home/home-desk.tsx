'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { toast } from 'sonner';
import { plural } from '@/core/words';
import { Button } from '@/ui/form/button';
import { requestJson } from '@/ui/request-json';
import { Trouble } from '@/ui/form/field';
import { HomePerson, type HomeCardChoice, type HomeLine } from './home-person';

type Props = {
  classId: string;
  people: readonly HomeLine[];
  /** Somebody whose card alone is wanted. */
  only: string | null;
};

/** What each person takes home, proposed and open to change; cards are made for whoever is ticked. */
export function HomeDesk({ classId, people, only }: Props) {
  const router = useRouter();
  const [choices, setChoices] = useState<Readonly<Record<string, HomeCardChoice>>>({});
  const withItems = people.filter((p) => p.items.length > 0);
  const without = people.filter((p) => p.items.length === 0);
  const ids = withItems.map((p) => p.personId);
  const [ticked, setTicked] = useState<ReadonlySet<string>>(
    new Set(
      only && ids.includes(only)
        ? [only]
        : withItems.filter((p) => p.chosen.length > 0).map((p) => p.personId),
    ),
  );
  const [trouble, setTrouble] = useState<string | null>(null);
  const choiceOf = ({ personId, chosen, timesADay, hours }: HomeLine): HomeCardChoice =>
    choices[personId] ?? { rowIds: chosen, timesADay, hours };
  const making = withItems.filter((p) => ticked.has(p.personId) && choiceOf(p).rowIds.length > 0);
  const make = async () => {
    const cards = making.map((p) => ({ personId: p.personId, ...choiceOf(p) }));
    const result = await requestJson<{ made: number }>('POST', `/api/classes/${classId}/home`, { cards });
    setTrouble(result.ok ? null : result.message);
    if (!result.ok) return;
    toast(`${plural(result.value.made, 'card is', 'cards are')} made`);
    const some = making.length < withItems.length ? `?for=${making.map((p) => p.personId).join(',')}` : '';
    router.push(`/classes/${classId}/home/cards${some}`);
  };
  return (
    <>
      <div className="sticky top-0 z-10 mb-2 flex flex-wrap items-center gap-x-4 gap-y-2 bg-linen py-2">
        <Button look="main" disabled={making.length === 0} onClick={make}>
          Make {plural(making.length, 'card')}
        </Button>
        {withItems.length > 1 && (
          <>
            <Button look="quiet" onClick={() => setTicked(new Set(ids))}>
              Tick everyone
            </Button>
            <Button look="quiet" onClick={() => setTicked(new Set())}>
              Tick nobody
            </Button>
          </>
        )}
        <Trouble message={trouble} />
      </div>
      <ul>
        {withItems.map((p) => (
          <HomePerson
            key={p.personId}
            line={p}
            choice={choiceOf(p)}
            open={p.personId === only}
            ticked={ticked.has(p.personId)}
            onTick={(on) => {
              const next = new Set(ticked);
              if (on) next.add(p.personId);
              else next.delete(p.personId);
              setTicked(next);
            }}
            onChange={(choice) => setChoices({ ...choices, [p.personId]: choice })}
          />
        ))}
      </ul>
      {without.length > 0 && (
        <section aria-label="Nothing to take home" className="mt-6">
          <h2 className="text-xl">Nothing to take home</h2>
          <ul>
            {without.map((p) => (
              <li key={p.personId} className="border-b py-1.5">
                <strong>{p.name}</strong> {p.why}.
              </li>
            ))}
          </ul>
        </section>
      )}
    </>
  );
}
